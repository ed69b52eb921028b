/*
 * Lives in the preview only. The editor tells it what has changed, in messages of schema 1:
 *   refresh                          the page as a whole, fetched and swapped in where it stands
 *   text { id, tree }                words as they are typed, before the server has them
 *   replace { pages, html }          sections as the server draws them, those that changed with their HTML
 *   clock { at }                     the minute to be shown (milliseconds since 1970); 0 for this one
 *   select { section, text, file }   what is chosen in the editor, and the page it stands on
 * It tells the editor: ready, select { section, text, picture }, went { section } for a press on the menu, send { fields } for the
 * form, and drawn once typed words stand.
 */
import { choose, select } from './chosen';
import { changed } from './page';
import { refresh } from './refresh';
import { replace, type ShownPage } from './replace';
import { pictureAt } from './pictures';
import { blocks, lines, type Tree } from './tree';

interface Message {
  schema: number;
  type: string;
  id?: string;
  tree?: Tree[];
  pages?: ShownPage[];
  html?: Record<string, string>;
  section?: string;
  text?: string;
  file?: string;
  at?: number;
}

// A page that was gone to from another page of the preview remembers, by the name of its window, who opened the first.
const from = document.referrer ? new URL(document.referrer).origin : '';
if (from && from !== location.origin) window.name = from;
const editor = window.name.startsWith('http') ? window.name : '';

function tell(message: Record<string, unknown>): void {
  if (editor) window.parent.postMessage({ schema: 1, ...message }, editor);
}

function type(id: string, tree: Tree[]): void {
  for (const place of document.querySelectorAll(`[data-text="${CSS.escape(id)}"]`)) {
    place.replaceChildren(...(place.localName === 'span' ? lines(tree) : blocks(tree)));
  }
}

window.addEventListener('message', (event: MessageEvent<Message>) => {
  if (event.source !== window.parent || event.origin !== editor) return;
  const message = event.data;
  if (message?.schema !== 1) return;
  if (message.type === 'refresh') void refresh();
  if (message.type === 'text' && Array.isArray(message.tree)) {
    type(String(message.id), message.tree);
    tell({ type: 'drawn' });
  }
  if (message.type === 'replace' && Array.isArray(message.pages)) replace(message.pages, message.html ?? {});
  if (message.type === 'clock') {
    document.documentElement.dataset['clock'] = String(message.at ?? 0);
    changed();
  }
  if (message.type === 'select') select(message.section ?? '', message.text ?? '', message.file ?? '');
});

// Nothing is sent from a preview, and it is never left by a press: the editor is told what would have been sent.
document.addEventListener(
  'submit',
  (event) => {
    event.preventDefault();
    event.stopImmediatePropagation();
    const fields: Record<string, string> = {};
    new FormData(event.target as HTMLFormElement).forEach((value, name) => {
      // Files stay where they are: a test sends their names.
      const words = typeof value === 'string' ? value : value.name;
      const chosen = typeof value === 'string' || words !== '';
      if (chosen && !['website', 'submission'].includes(name)) fields[name] = words;
    });
    tell({ type: 'send', fields });
  },
  true
);

document.addEventListener(
  'click',
  (event) => {
    const target = event.target as Element;
    const link = target.closest('a[href]');
    if (link && !/^(#|[a-z0-9-]+\.html(#|$))/.test(link.getAttribute('href') ?? '')) event.preventDefault();
    const section = target.closest<HTMLElement>('[data-section]');
    if (!section) return;
    // A press beside the words of a heading means the heading.
    const within = target === section ? [] : [...target.querySelectorAll<HTMLElement>('[data-text]')];
    const text = target.closest<HTMLElement>('[data-text]') ?? (within.length === 1 ? within[0] : undefined);
    const id = section.dataset['section'] ?? '';
    choose(id);
    // A press on the menu goes to another page, and means no words.
    if (target.closest('nav')) tell({ type: 'went', section: id });
    else tell({ type: 'select', section: id, text: text?.dataset['text'] ?? '', picture: pictureAt(target) });
  },
  true
);

// Another page of the site was opened to show what is chosen on it.
const at = /^#at=([^,]*),(.*)$/.exec(location.hash);
if (at) select(decodeURIComponent(at[1] ?? ''), decodeURIComponent(at[2] ?? ''), '');
tell({ type: 'ready' });
