/**
 * What a page says of the hours, minute by minute. The page carries a list of the instants at which that changes, computed before;
 * here a clock is compared with it, and nothing else.
 */

/** As it stands in the page: `from` is a minute since 1970, `steps` are pairs of minutes since the step before and a number of `says`. */
export interface OpeningChanges {
  from: number;
  /** Words, and 1 where the business is open. */
  says: [words: string, open: 0 | 1][];
  steps: number[];
}

export interface Now {
  words: string;
  open: boolean;
}

/** What is so at an instant (milliseconds since 1970); nothing before the list begins, or when it is used up. */
export function at(changes: OpeningChanges, instant: number): Now | null {
  const minute = instant / 60000;
  let when = changes.from;
  let said: Now | null = null;
  for (let i = 0; i + 1 < changes.steps.length; i += 2) {
    when += changes.steps[i]!;
    if (when > minute) return said;
    const says = changes.says[changes.steps[i + 1]!];
    said = says ? { words: says[0], open: says[1] === 1 } : null;
  }
  return isUsedUp(changes, minute) ? null : said;
}

/** The list reaches 400 days; a page that is older than that says nothing. */
const REACHES = 400 * 24 * 60;

function isUsedUp(changes: OpeningChanges, minute: number): boolean {
  return minute > changes.from + REACHES;
}

/** The list in an element of the page; null when there is none, or it cannot be read. */
export function read(json: string | null | undefined): OpeningChanges | null {
  try {
    const changes = JSON.parse(json ?? '') as OpeningChanges;
    return Array.isArray(changes.steps) && Array.isArray(changes.says) ? changes : null;
  } catch {
    return null;
  }
}
