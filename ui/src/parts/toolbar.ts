/**
 * A toolbar as the ARIA practices have it: one stop for Tab, and arrow keys between its tools.
 *
 * ```svelte
 * <div role="toolbar" aria-label="Words" {@attach toolbar}>
 * ```
 */
export function toolbar(bar: HTMLElement): () => void {
  const tools = () => [...bar.querySelectorAll<HTMLElement>('button:not([disabled])')];

  function stopAt(tool: HTMLElement | undefined): void {
    for (const each of tools()) each.tabIndex = each === tool ? 0 : -1;
  }

  function pressed(event: KeyboardEvent): void {
    const all = tools();
    const at = all.indexOf(document.activeElement as HTMLElement);
    if (at < 0 || event.altKey || event.ctrlKey || event.metaKey) return;
    const to = { ArrowRight: at + 1, ArrowLeft: at - 1, Home: 0, End: all.length - 1 }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    all[(to + all.length) % all.length]?.focus();
  }

  const entered = (event: FocusEvent) => stopAt(tools().find((tool) => tool === event.target) ?? tools()[0]);
  /** Tools come and go; there is always one to stop at. */
  const watch = new MutationObserver(() => {
    if (!tools().some((tool) => tool.tabIndex === 0)) stopAt(tools()[0]);
  });

  stopAt(tools()[0]);
  bar.addEventListener('keydown', pressed);
  bar.addEventListener('focusin', entered);
  watch.observe(bar, { childList: true, subtree: true });
  return () => {
    watch.disconnect();
    bar.removeEventListener('keydown', pressed);
    bar.removeEventListener('focusin', entered);
  };
}
