const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/** How long somebody has waited, as one would say it: "50 minutes", "20 hours", "4 days". */
export function waited(since: Date, now: Date): string {
  const time = Math.max(0, now.getTime() - since.getTime());
  if (time < MINUTE) return 'less than a minute';
  if (time < HOUR) return count(Math.floor(time / MINUTE), 'minute');
  if (time < 2 * DAY) return count(Math.floor(time / HOUR), 'hour');
  return count(Math.floor(time / DAY), 'day');
}

/** "One person waits for an answer", "3 people wait for an answer". */
export function peopleWait(number: number): string {
  return number === 1 ? 'One person waits for an answer' : `${number} people wait for an answer`;
}

function count(number: number, what: string): string {
  return `${number} ${what}${number === 1 ? '' : 's'}`;
}

/** Where an answer goes: the address a click opens, from what the visitor left. */
export function reachUri(reach: string): string {
  return reach.includes('@') ? `mailto:${encodeURI(reach.trim())}` : `tel:${reach.replace(/[^+\d]/g, '')}`;
}
