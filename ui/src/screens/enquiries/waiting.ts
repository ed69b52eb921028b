import { LANGUAGE, say } from '../../words/say';

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/** A length of time, as one would say it: "50 minutes", "20 hours", "4 days". */
export function lasting(time: number): string {
  if (time < MINUTE) return say('enquiries.waiting.lessThanAMinute');
  if (time < HOUR) return say('enquiries.waiting.minutes', { count: Math.floor(time / MINUTE) });
  if (time < 2 * DAY) return say('enquiries.waiting.hours', { count: Math.floor(time / HOUR) });
  return say('enquiries.waiting.days', { count: Math.floor(time / DAY) });
}

/** How long somebody has waited. */
export function waited(since: Date, now: Date): string {
  return lasting(Math.max(0, now.getTime() - since.getTime()));
}

/** "One person waits for an answer", "3 people wait for an answer". */
export function peopleWait(number: number): string {
  return say('enquiries.waiting.onePersonWaitsForAn', { count: number });
}

/** A time of day: "noon", "5:30 pm", "9 am". */
export function clock(time: Date): string {
  const [hours, minutes] = [time.getHours(), time.getMinutes()];
  if (minutes === 0 && hours === 12) return say('enquiries.waiting.noon');
  const past = minutes === 0 ? '' : `:${String(minutes).padStart(2, '0')}`;
  return `${hours % 12 || 12}${past} ${hours < 12 ? say('enquiries.waiting.am') : say('enquiries.waiting.pm')}`;
}

/** A day seen from another: "today", "tomorrow", "yesterday", "Mon 30 Nov". */
export function day(of: Date, now: Date): string {
  const days = Math.round((midnight(of) - midnight(now)) / DAY);
  if (days === 0) return say('enquiries.waiting.today');
  if (days === 1) return say('enquiries.waiting.tomorrow');
  if (days === -1) return say('enquiries.waiting.yesterday');
  return of.toLocaleDateString(LANGUAGE, { weekday: 'short', day: 'numeric', month: 'short' });
}

/** "noon today", "5:30 pm on Mon 30 Nov". */
export function moment(of: Date, now: Date): string {
  const said = day(of, now);
  return `${clock(of)} ${/^[A-Z]/.test(said) ? say('enquiries.waiting.on') : ''}${said}`;
}

function midnight(of: Date): number {
  return new Date(of.getFullYear(), of.getMonth(), of.getDate(), 12).getTime();
}
