/**
 * What a page says of the hours, minute by minute. The page carries a list of the instants at which that changes, computed before;
 * here a clock is compared with it, and nothing else.
 */

/**
 * A list as it stands in the page: `from` is a minute since 1970, `steps` are pairs of minutes since the step before and a number
 * of `says`.
 */
export interface Timetable<T> {
  from: number;
  says: T[];
  steps: number[];
}

/** The doors that are away, and those that are shut, with a space between. */
export type DoorWords = [away: string, shut: string];

/** Words, and 1 where the business is open; the doors have steps of their own. */
export interface OpeningChanges extends Timetable<[words: string, open: 0 | 1]> {
  doors?: Timetable<DoorWords>;
}

export interface Now {
  words: string;
  open: boolean;
}

/** What is so at an instant (milliseconds since 1970); nothing before the list begins, or when it is used up. */
export function at(changes: OpeningChanges, instant: number): Now | null {
  const says = saidAt(changes, instant);
  return says ? { words: says[0], open: says[1] === 1 } : null;
}

/** The doors at an instant; all of them open where nothing is known. */
export function doorsAt(changes: OpeningChanges, instant: number): DoorWords {
  return (changes.doors && saidAt(changes.doors, instant)) ?? ['', ''];
}

function saidAt<T>(list: Timetable<T>, instant: number): T | null {
  const minute = instant / 60000;
  let when = list.from;
  let said: T | null = null;
  for (let i = 0; i + 1 < list.steps.length; i += 2) {
    when += list.steps[i]!;
    if (when > minute) return said;
    said = list.says[list.steps[i + 1]!] ?? null;
  }
  return isUsedUp(list, minute) ? null : said;
}

/** The list reaches 400 days ahead, from a week back on; a page that is older than that says nothing. */
const REACHES = 407 * 24 * 60;

function isUsedUp(list: { from: number }, minute: number): boolean {
  return minute > list.from + REACHES;
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
