// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { clock, closedWeek, dayWords, weekWords, withEdge, withoutSpan, withSpan, type Day } from './week';

const open = (...spans: [number, number][]): Day => ({
  kind: 'OPEN',
  spans: spans.map(([from, to]) => ({ from, to }))
});

describe('a week as words', () => {
  it('groups days with the same hours and leaves the closed ones out', () => {
    const week = closedWeek();
    for (let day = 0; day < 5; day++) week[day] = open([540, 1050]);
    week[5] = open([600, 720], [780, 840]);
    expect(weekWords(week)).toBe('Mon-Fri 09:00-17:30, Sat 10:00-12:00 and 13:00-14:00');
  });

  it('says appointments, whole days and a night past twelve', () => {
    const week = closedWeek();
    week[0] = { kind: 'BY_APPOINTMENT', spans: [] };
    week[1] = open([0, 1440]);
    week[4] = open([1080, 1500]);
    expect(weekWords(week)).toBe('Mon by appointment, Tue 24 hours, Fri 18:00-01:00');
  });

  it('says a week without any hours', () => {
    expect(weekWords(closedWeek())).toBe('Mon-Sun closed');
  });
});

describe('a day under the hand', () => {
  it('joins spans that meet', () => {
    expect(withSpan(open([540, 720]), { from: 720, to: 1020 }).spans).toEqual([{ from: 540, to: 1020 }]);
    expect(withSpan(open([540, 720]), { from: 780, to: 1020 }).spans).toHaveLength(2);
  });

  it('is closed when its last span goes', () => {
    expect(withoutSpan(open([540, 720]), 0)).toEqual({ kind: 'CLOSED', spans: [] });
  });

  it('moves an edge by quarters of an hour, never past its neighbour or its own other edge', () => {
    const day = open([540, 720], [780, 1020]);
    expect(withEdge(day, 0, 'to', 733).spans[0]?.to).toBe(735);
    expect(withEdge(day, 0, 'to', 900).spans[0]?.to).toBe(780);
    expect(withEdge(day, 1, 'from', 0).spans[1]?.from).toBe(720);
    expect(withEdge(day, 0, 'from', 2000).spans[0]?.from).toBe(705);
    expect(withEdge(day, 0, 'from', -50).spans[0]?.from).toBe(0);
    expect(withEdge(day, 7, 'from', 30)).toBe(day);
  });

  it('is said for those who do not see it', () => {
    expect(dayWords(open([540, 1050]))).toBe('09:00 to 17:30');
    expect(dayWords({ kind: 'CLOSED', spans: [] })).toBe('closed');
    expect(clock(1500)).toBe('01:00');
  });
});
