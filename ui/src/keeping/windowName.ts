const KEY = 'ostium-window';

/** The name of this window, the same over a reload: the first part of the keys of the edits sent from it. */
export function windowName(): string {
  const known = sessionStorage.getItem(KEY) ?? crypto.randomUUID().slice(-12);
  sessionStorage.setItem(KEY, known);
  return known;
}

/** The name of the window that an edit was made in. */
export function windowOf(edit: { key: string }): string {
  return edit.key.split('.')[0] ?? '';
}
