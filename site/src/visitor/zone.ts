/** Times of a business for somebody whose own clock shows another hour. */

/** "14:30" in a zone; the visitor's own where none is named. */
export function timeIn(at: Date, zone?: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    hour: '2-digit',
    minute: '2-digit',
    ...(zone ? { timeZone: zone } : {})
  }).format(at);
}

/** Writes the visitor's own time beneath each that differs; where none does, the clocks need no word. */
export function showOwnTimes(root: ParentNode, ownZone?: string): void {
  const note = root.querySelector<HTMLElement>('[data-zone]');
  if (!note) return;
  let differs = false;
  for (const button of root.querySelectorAll<HTMLButtonElement>('.tear button')) {
    const at = new Date(button.value);
    const own = timeIn(at, ownZone);
    if (own === timeIn(at, note.dataset.zone)) continue;
    differs = true;
    const small = document.createElement('small');
    small.textContent = `${own} for you`;
    button.append(small);
  }
  note.hidden = !differs;
}
