import { LANGUAGE, say } from '../../words/say';

/** Times on a lane: minutes after midnight, and places along the hours that are shown. */

export const STEP = 15;
const HOUR = 60;
const DAY = 24 * HOUR;

/** "9:05", as the owner's clock has it. */
export function clock(minute: number): string {
  return `${Math.floor(minute / HOUR)}:${String(minute % HOUR).padStart(2, '0')}`;
}

/** "09:05", as a field for a time has it. */
export function fieldTime(minute: number): string {
  return clock(Math.min(minute, DAY - 1)).padStart(5, '0');
}

/** What stands in a field for a time, in minutes; null when nothing does. */
export function minuteOf(field: string): number | null {
  const parts = /^(\d{1,2}):(\d{2})/.exec(field);
  return parts ? Number(parts[1]) * HOUR + Number(parts[2]) : null;
}

/** The hours that are shown. */
export interface Hours {
  begins: number;
  ends: number;
}

/** Where a minute is along the lane, in hundredths. */
export function along(minute: number, hours: Hours): number {
  const share = (minute - hours.begins) / (hours.ends - hours.begins);
  return Math.max(0, Math.min(1, share)) * 100;
}

/** The minute at a place along the lane, on the quarter before it. */
export function minuteAt(share: number, hours: Hours): number {
  const minute = hours.begins + Math.max(0, Math.min(1, share)) * (hours.ends - hours.begins);
  return Math.floor(minute / STEP) * STEP;
}

/** The full hours to be written above the lanes: every second one where they stand close. */
export function marks(hours: Hours): number[] {
  const step = hours.ends - hours.begins > 8 * HOUR ? 2 * HOUR : HOUR;
  const first = Math.ceil(hours.begins / step) * step;
  const all = [];
  for (let minute = first; minute <= hours.ends; minute += step) all.push(minute);
  return all;
}

/** A day so many days after another, ISO 8601. */
export function dayAfter(date: string, days: number): string {
  return new Date(Date.parse(`${date}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
}

const SHORT = new Intl.DateTimeFormat(LANGUAGE, { weekday: 'short', timeZone: 'UTC' });
const NUMBER = new Intl.DateTimeFormat(LANGUAGE, { day: 'numeric', month: 'short', timeZone: 'UTC' });
const LONG = new Intl.DateTimeFormat(LANGUAGE, { day: 'numeric', month: 'long', timeZone: 'UTC' });

const noon = (date: string): Date => new Date(`${date}T12:00:00Z`);

export const weekday = (date: string): string => SHORT.format(noon(date));
export const dayNumber = (date: string): string => NUMBER.format(noon(date));

/** "30 November to 6 December". */
export function stretchOf(first: string, last: string): string {
  return first === last
    ? LONG.format(noon(first))
    : say('diary.lane.to', { format: LONG.format(noon(first)), format2: LONG.format(noon(last)) });
}
