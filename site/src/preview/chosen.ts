import { file, place } from './page';

let chosen = '';

/** Marks the chosen section. */
export function mark(): void {
  document.querySelectorAll('.is-chosen').forEach((each) => each.classList.remove('is-chosen'));
  if (chosen) place(chosen)?.classList.add('is-chosen');
}

export function choose(section: string): void {
  chosen = section;
  mark();
}

/** Shows what is chosen in the editor, on the page it stands on. */
export function select(section: string, text: string, on: string): void {
  chosen = section;
  // Only a name: the words of a message never become an address.
  if (on && on !== file && /^[a-z0-9-]+\.html$/.test(on)) {
    location.assign(`${on}#at=${encodeURIComponent(chosen)},${encodeURIComponent(text)}`);
    return;
  }
  mark();
  const shown =
    (text && document.querySelector(`[data-text="${CSS.escape(text)}"]`)) || (chosen && place(chosen));
  if (!shown) return;
  const range = document.createRange();
  range.selectNodeContents(shown);
  const box = range.getBoundingClientRect();
  if (box.top < 0 || box.top > innerHeight - 120) {
    const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;
    window.scrollTo({ top: scrollY + box.top - 80, behavior: calm ? 'auto' : 'smooth' });
  }
}
