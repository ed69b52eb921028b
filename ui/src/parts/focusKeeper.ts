/** What has a name or a job, so that a reader of the screen can be there. */
const PLACES = 'li, article, section, form, fieldset, [role=group], [role=toolbar], [role=dialog], main';

const PAUSE = 60;
const TRIES = 10;

/**
 * Never lets the focus fall to the body: where what had it is taken away and nothing else took it, the nearest place
 * around it has it, or the screen that came instead.
 *
 * @returns how it ends
 */
export function keepFocus(): () => void {
  /** What has the focus, and what stands around it, from inside out. */
  let path: HTMLElement[] = [];
  let waiting = false;

  function entered(event: FocusEvent): void {
    path = [];
    for (let at = event.target as HTMLElement | null; at; at = at.parentElement) path.push(at);
  }

  function isLost(): boolean {
    return document.activeElement === document.body && path[0]?.isConnected === false;
  }

  function restore(tries = TRIES): void {
    waiting = false;
    if (!isLost()) return;
    const around = path.filter((each) => each.isConnected && each.matches(PLACES));
    const main = document.querySelector<HTMLElement>('main');
    for (const place of main ? [...around, main] : around) {
      if (!place.hasAttribute('tabindex')) place.tabIndex = -1;
      place.focus({ preventScroll: true });
      if (document.activeElement !== document.body) return;
    }
    // A dialog that is closing lets nothing else have it yet.
    if (tries > 0) again(tries - 1);
  }

  function again(tries: number): void {
    waiting = true;
    setTimeout(() => restore(tries), PAUSE);
  }

  // Whoever took it away may put the focus somewhere better, a moment later.
  const watch = new MutationObserver(() => {
    if (!waiting && isLost()) again(TRIES);
  });

  document.addEventListener('focusin', entered);
  watch.observe(document.body, { childList: true, subtree: true });
  return () => {
    document.removeEventListener('focusin', entered);
    watch.disconnect();
  };
}
