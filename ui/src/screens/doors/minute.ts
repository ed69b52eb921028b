import type { components } from '../../api/schema';
import { say } from '../../words/say';

type Moment = components['schemas']['Moment'];

/** Minutes of a week, from Monday, 0:00, as the clocks of the business show it. */
export const WEEK = 7 * 24 * 60;
const DAY = 24 * 60;
/** How far the hand moves at once, in minutes. */
export const STEP = 15;

export const DAYS = [
  say('doors.minute.monday'),
  say('doors.minute.tuesday'),
  say('doors.minute.wednesday'),
  say('doors.minute.thursday'),
  say('doors.minute.friday'),
  say('doors.minute.saturday'),
  say('doors.minute.sunday')
] as const;

/** A minute of the week on the grid of the hand. */
export function onGrid(minute: number): number {
  return Math.min(WEEK - STEP, Math.max(0, Math.round(minute / STEP) * STEP));
}

/** "Thursday 20:15" */
export function minuteWords(minute: number): string {
  return `${DAYS[Math.floor(minute / DAY)]} ${clock(minute)}`;
}

/** "Thu 20:15" */
export function shortMinute(minute: number): string {
  return `${DAYS[Math.floor(minute / DAY)]?.slice(0, 3)} ${clock(minute)}`;
}

function clock(minute: number): string {
  const ofDay = minute % DAY;
  return `${Math.floor(ofDay / 60)}:${String(ofDay % 60).padStart(2, '0')}`;
}

/** The stretch a minute lies in; undefined where nothing is known. */
export function momentAt(moments: readonly Moment[], minute: number): Moment | undefined {
  return [...moments]
    .sort((one, other) => one.minute - other.minute)
    .findLast((each) => each.minute <= minute);
}

/** The instant a minute is, in milliseconds since 1970; 0 where nothing is known. */
export function instantOf(moments: readonly Moment[], minute: number): number {
  const moment = momentAt(moments, minute);
  return moment ? Date.parse(moment.at) + (minute - moment.minute) * 60_000 : 0;
}

/** The date of a day of the week that begins on a Monday (ISO), a number of days on. */
export function dayOf(monday: string, days: number): Date {
  const [year = 0, month = 1, day = 1] = monday.split('-').map(Number);
  return new Date(Date.UTC(year, month - 1, day + days));
}

/** Where a key takes the hand; undefined for keys that are not the hand's. */
export function moved(minute: number, key: string, far: boolean): number | undefined {
  const by: Record<string, number> = {
    ArrowLeft: far ? -DAY : -STEP,
    ArrowRight: far ? DAY : STEP,
    ArrowDown: -STEP,
    ArrowUp: STEP,
    PageDown: -DAY,
    PageUp: DAY,
    Home: -WEEK,
    End: WEEK
  };
  const step = by[key];
  return step === undefined ? undefined : onGrid(minute + step);
}
