import type { components } from '../../api/schema';
import { say } from '../../words/say';

export type Day = components['schemas']['DayView'];
export type Span = components['schemas']['SpanView'];

export const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
export const FULL_DAYS = [
  say('facts.week.monday'),
  say('facts.week.tuesday'),
  say('facts.week.wednesday'),
  say('facts.week.thursday'),
  say('facts.week.friday'),
  say('facts.week.saturday'),
  say('facts.week.sunday')
] as const;
export const DAY = 24 * 60;
/** Minutes that a press of an arrow key moves an edge, and that dragging snaps to. */
export const STEP = 15;

const CLOSED: Day = { kind: 'CLOSED', spans: [] };

/** A week on which nothing has been said yet. */
export function closedWeek(): Day[] {
  return DAYS.map(() => ({ ...CLOSED }));
}

/** A time by the 24-hour clock; past midnight it counts from 00:00 again. */
export function clock(minutes: number): string {
  const ofDay = minutes === DAY ? DAY : minutes % DAY;
  return `${String(Math.floor(ofDay / 60)).padStart(2, '0')}:${String(ofDay % 60).padStart(2, '0')}`;
}

function hours(day: Day): string {
  if (day.kind === 'BY_APPOINTMENT') return 'by appointment';
  if (day.kind === 'CLOSED') return 'closed';
  return day.spans
    .map((span) =>
      span.from === 0 && span.to === DAY ? '24 hours' : `${clock(span.from)}-${clock(span.to)}`
    )
    .join(' and ');
}

/** The week as an owner could have typed it, without anything that can be read in two ways. */
export function weekWords(week: Day[]): string {
  const parts: string[] = [];
  for (let i = 0; i < 7;) {
    const said = hours(week[i] ?? CLOSED);
    let last = i;
    while (last < 6 && hours(week[last + 1] ?? CLOSED) === said) last += 1;
    if (said !== 'closed') {
      parts.push(`${last > i ? `${DAYS[i]}-${DAYS[last]}` : DAYS[i]} ${said}`);
    }
    i = last + 1;
  }
  return parts.length ? parts.join(', ') : 'Mon-Sun closed';
}

/** A day with a span more; spans that touch or overlap become one. */
export function withSpan(day: Day, span: Span): Day {
  const sorted = [...day.spans, span].sort((one, other) => one.from - other.from);
  const merged: Span[] = [];
  for (const each of sorted) {
    const before = merged.at(-1);
    if (before && each.from <= before.to) before.to = Math.max(before.to, each.to);
    else merged.push({ ...each });
  }
  return { kind: 'OPEN', spans: merged };
}

/** A day without one of its spans; closed when it was the last. */
export function withoutSpan(day: Day, index: number): Day {
  const spans = day.spans.filter((_, each) => each !== index);
  return spans.length ? { kind: 'OPEN', spans } : { ...CLOSED };
}

/** A day with one edge of a span elsewhere, as far as its neighbours and a quarter of an hour of itself allow. */
export function withEdge(day: Day, index: number, edge: 'from' | 'to', minutes: number): Day {
  const span = day.spans[index];
  if (!span) return day;
  const before = day.spans[index - 1]?.to ?? 0;
  const after = day.spans[index + 1]?.from ?? DAY + 6 * 60;
  const snapped = Math.round(minutes / STEP) * STEP;
  const moved =
    edge === 'from'
      ? { from: Math.min(Math.max(snapped, before, 0), span.to - STEP), to: span.to }
      : { from: span.from, to: Math.max(Math.min(snapped, after, span.from + DAY), span.from + STEP) };
  if (moved.from >= DAY) return day;
  return { kind: 'OPEN', spans: day.spans.map((each, at) => (at === index ? moved : each)) };
}

/** What is said of a day, for those who do not see the band. */
export function dayWords(day: Day): string {
  return day.kind === 'OPEN'
    ? day.spans.map((span) => `${clock(span.from)} to ${clock(span.to)}`).join(' and ')
    : hours(day);
}
