import { tick } from 'svelte';

/**
 * Does something that moves what stands around a button, and keeps the button under the pointer and with the focus.
 *
 * @param find the button, as it is found again afterwards
 */
export async function steady(find: () => HTMLElement | null, act: () => void): Promise<void> {
  const before = find();
  const focused = document.activeElement === before || before?.contains(document.activeElement);
  const top = before?.getBoundingClientRect().top;
  act();
  await tick();
  const after = find();
  if (!after || top === undefined) return;
  window.scrollBy({ top: after.getBoundingClientRect().top - top, behavior: 'instant' });
  if (focused && document.activeElement !== after) after.focus({ preventScroll: true });
}
