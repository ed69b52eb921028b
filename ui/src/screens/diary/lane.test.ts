// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { along, clock, dayAfter, fieldTime, marks, minuteAt, minuteOf, stretchOf } from './lane';

const HOURS = { begins: 480, ends: 1080 };

describe('times on a lane', () => {
  it('are said and read back', () => {
    expect(clock(545)).toBe('9:05');
    expect(fieldTime(545)).toBe('09:05');
    expect(minuteOf('09:05')).toBe(545);
    expect(minuteOf('')).toBeNull();
  });

  it('stand along the hours that are shown, never beside them', () => {
    expect(along(480, HOURS)).toBe(0);
    expect(along(780, HOURS)).toBe(50);
    expect(along(2000, HOURS)).toBe(100);
  });

  it('are found again from a place, on the quarter before it', () => {
    expect(minuteAt(0.5, HOURS)).toBe(780);
    expect(minuteAt(0.51, HOURS)).toBe(780);
    expect(minuteAt(-1, HOURS)).toBe(480);
    for (let minute = 480; minute < 1080; minute += 15) {
      expect(minuteAt(along(minute, HOURS) / 100 + 0.0001, HOURS)).toBe(minute);
    }
  });

  it('have marks at every second hour of a long day', () => {
    expect(marks(HOURS)).toEqual([480, 600, 720, 840, 960, 1080]);
    expect(marks({ begins: 540, ends: 780 })).toEqual([540, 600, 660, 720, 780]);
  });
});

describe('days', () => {
  it('follow one another over months and clock changes', () => {
    expect(dayAfter('2026-11-30', 1)).toBe('2026-12-01');
    expect(dayAfter('2027-03-28', 7)).toBe('2027-04-04');
    expect(dayAfter('2027-01-01', -1)).toBe('2026-12-31');
  });

  it('are said from the first to the last', () => {
    expect(stretchOf('2026-11-30', '2026-12-06')).toBe('30 November to 6 December');
    expect(stretchOf('2026-11-30', '2026-11-30')).toBe('30 November');
  });
});
