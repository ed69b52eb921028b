/** What the preview knows of the page it shows. */
export const file = location.pathname.split('/').pop() || 'index.html';

export function place(section: string): Element | null {
  return document.querySelector(`[data-section="${CSS.escape(section)}"]`);
}

/** The page is another than before: the menu says where it is, and the script of the page looks again. */
export function changed(): void {
  for (const link of document.querySelectorAll('.nav.pages a')) {
    if (link.getAttribute('href') === file) link.setAttribute('aria-current', 'page');
    else link.removeAttribute('aria-current');
  }
  document.dispatchEvent(new Event('page-changed'));
}
