import { mark } from './chosen';
import { changed } from './page';

let running = false;
let again = false;

/** The page as a whole, fetched and swapped in where it stands. */
export async function refresh(): Promise<void> {
  if (running) {
    again = true;
    return;
  }
  running = true;
  try {
    const answer = await fetch(location.pathname, { cache: 'no-store' });
    if (!answer.ok) return;
    const next = new DOMParser().parseFromString(await answer.text(), 'text/html');
    await swapStyles(next);
    document.title = next.title;
    // House, letters, corners and motion stand there.
    document.documentElement.className = next.documentElement.className;
    const opening = document.getElementById('opening-changes');
    if (opening) opening.textContent = next.getElementById('opening-changes')?.textContent ?? '';
    const top = document.scrollingElement?.scrollTop ?? 0;
    document.body.replaceChildren(...next.body.childNodes);
    if (document.scrollingElement) document.scrollingElement.scrollTop = top;
    mark();
    changed();
  } finally {
    running = false;
    if (again) {
      again = false;
      void refresh();
    }
  }
}

async function swapStyles(next: Document): Promise<void> {
  const sheet = document.querySelector('link[rel=stylesheet]');
  const nextSheet = next.querySelector('link[rel=stylesheet]');
  if (!sheet || !nextSheet || sheet.getAttribute('href') === nextSheet.getAttribute('href')) return;
  const link = document.importNode(nextSheet, true) as HTMLLinkElement;
  await new Promise((done) => {
    link.onload = link.onerror = done;
    sheet.after(link);
  });
  sheet.remove();
}
