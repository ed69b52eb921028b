/** How long a frame that was pressed may take the cursor back, in milliseconds. */
const SETTLED = 1200;

let settling: ReturnType<typeof setInterval> | undefined;

/** Brings a place into view and, if asked, the cursor to it; from a pressed frame too, which lets go of it late. */
export function comeTo(place: HTMLElement | null, cursor: boolean): void {
  function go(): void {
    place?.scrollIntoView({ block: 'center', behavior: 'instant' });
    if (cursor) place?.focus({ preventScroll: true });
  }
  setTimeout(go, 0);
  const until = performance.now() + SETTLED;
  clearInterval(settling);
  settling = setInterval(() => {
    if (document.activeElement?.localName === 'iframe') go();
    if (performance.now() > until) clearInterval(settling);
  }, 60);
}
