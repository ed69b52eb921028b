import { mark } from './chosen';
import { changed, file, place } from './page';

export interface ShownPage {
  file: string;
  order: string[];
}

/** Sections as the server draws them: those that changed with their HTML, all of them in their order. */
export function replace(pages: ShownPage[], html: Record<string, string>): void {
  const order = pages.find((page) => page.file === file)?.order.map(String);
  if (!order) {
    location.replace('index.html');
    return;
  }
  const main = document.getElementById('main');
  if (!main) return;
  document.querySelectorAll<HTMLElement>('main [data-section]').forEach((section) => {
    if (!order.includes(section.dataset['section'] ?? '')) section.remove();
  });
  let last: Element | null = null;
  for (const id of order) {
    const drawn = html[id];
    if (drawn !== undefined) swapIn(id, drawn, main);
    const section = place(id);
    if (!section || section.localName === 'header' || section.localName === 'footer') continue;
    if (last ? last.nextElementSibling !== section : main.firstElementChild !== section) {
      if (last) last.after(section);
      else main.prepend(section);
    }
    last = section;
  }
  mark();
  changed();
}

function swapIn(id: string, html: string, main: Element): void {
  const next = new DOMParser().parseFromString(html, 'text/html').body.children;
  document.querySelectorAll(`[data-part="${CSS.escape(id)}"]`).forEach((part) => part.remove());
  const old = place(id);
  if (old) old.replaceWith(...next);
  else main.append(...next);
}
