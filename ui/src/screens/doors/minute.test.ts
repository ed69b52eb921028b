// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { dayOf, instantOf, minuteWords, momentAt, moved, onGrid, shortMinute, WEEK } from './minute';

const moments = [
  { minute: 0, at: '2027-03-22T00:00:00Z', says: 'night' },
  { minute: 8640, at: '2027-03-28T00:00:00Z', says: 'Sunday' },
  { minute: 8760, at: '2027-03-28T01:00:00Z', says: 'an hour on' }
];

describe('a minute of the week', () => {
  it.each([
    [0, 'Monday 0:00', 'Mon 0:00'],
    [4335, 'Thursday 0:15', 'Thu 0:15'],
    [5535, 'Thursday 20:15', 'Thu 20:15']
  ])('%i is %s', (minute, long, short) => {
    expect(minuteWords(minute)).toBe(long);
    expect(shortMinute(minute)).toBe(short);
  });

  it('stays in the week and on quarters of an hour', () => {
    expect(onGrid(-20)).toBe(0);
    expect(onGrid(67)).toBe(60);
    expect(onGrid(WEEK)).toBe(WEEK - 15);
  });

  it('is an instant, also after the clocks went forward', () => {
    expect(instantOf(moments, 90)).toBe(Date.parse('2027-03-22T01:30:00Z'));
    expect(instantOf(moments, 8760)).toBe(Date.parse('2027-03-28T01:00:00Z'));
    expect(instantOf(moments, 9360)).toBe(Date.parse('2027-03-28T11:00:00Z'));
    expect(instantOf([], 90)).toBe(0);
  });

  it('lies in the stretch that began last', () => {
    expect(momentAt(moments, 8700)?.says).toBe('Sunday');
    expect(momentAt([], 10)).toBeUndefined();
  });
});

describe('the hand', () => {
  it.each([
    ['ArrowRight', false, 75],
    ['ArrowLeft', false, 45],
    ['ArrowRight', true, 1500],
    ['PageUp', false, 1500],
    ['Home', false, 0],
    ['End', false, WEEK - 15]
  ])('goes by %s', (key, far, to) => {
    expect(moved(60, key, far)).toBe(to);
  });

  it('leaves other keys alone', () => {
    expect(moved(60, 'Tab', false)).toBeUndefined();
  });
});

it('counts the days of a week', () => {
  expect(dayOf('2026-11-30', 3).toISOString().slice(0, 10)).toBe('2026-12-03');
});
