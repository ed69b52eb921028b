import { at, doorsAt, read, type OpeningChanges } from './opening';

const LOOK = 15_000;
const ASK = 60_000;

/** The owner may look at another minute than this one. */
function minute(): number {
  return Number(document.documentElement.dataset['clock']) || Date.now();
}

/**
 * Says on the page whether the business is open and shows the doors that are answered, and goes on doing so: the page may stay
 * open for days.
 */
export function keepSaying(): void {
  let changes: OpeningChanges | null = null;
  let asked = Date.now();

  const tell = () => {
    const now = changes && at(changes, minute());
    if (changes) {
      const [away, shut] = doorsAt(changes, minute());
      document.documentElement.dataset['away'] = away;
      document.documentElement.dataset['shut'] = shut;
    }
    for (const place of document.querySelectorAll<HTMLElement>('[data-now]')) {
      place.hidden = !now?.words;
      if (place.textContent !== (now?.words ?? '')) place.textContent = now?.words ?? '';
      place.classList.toggle('is-open', !!now?.open);
    }
  };

  const readPage = () => {
    changes = read(document.getElementById('opening-changes')?.textContent);
    tell();
  };

  /** A day that the owner has closed just now is known without loading the page again. */
  const ask = async () => {
    if (document.hidden || Date.now() - asked < ASK || !location.protocol.startsWith('http')) return;
    asked = Date.now();
    try {
      const answer = await fetch('/_ostium/opening.json');
      if (answer.ok) changes = read(await answer.text()) ?? changes;
      tell();
    } catch {
      // The connection is away: what the page knows still holds.
    }
  };

  readPage();
  openInMapProgram();
  setInterval(() => {
    tell();
    void ask();
  }, LOOK);
  document.addEventListener('visibilitychange', () => {
    tell();
    void ask();
  });
  document.addEventListener('page-changed', readPage);
}

/** Where a telephone has a map program for any address of a point, directions open it. */
function openInMapProgram(): void {
  if (!/Android/.test(navigator.userAgent)) return;
  for (const link of document.querySelectorAll<HTMLAnchorElement>('[data-geo]')) {
    link.href = link.dataset['geo'] ?? link.href;
  }
}
