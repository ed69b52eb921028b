// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { clock, day, moment, peopleWait, waited } from './waiting';

const now = new Date('2026-11-27T10:40:00');

describe('how long somebody has waited', () => {
  it.each([
    ['2026-11-27T10:39:30', 'less than a minute'],
    ['2026-11-27T10:39:00', '1 minute'],
    ['2026-11-27T09:50:00', '50 minutes'],
    ['2026-11-26T14:40:00', '20 hours'],
    ['2026-11-23T10:40:00', '4 days'],
    ['2026-11-28T10:40:00', 'less than a minute']
  ])('since %s: %s', (since, said) => {
    expect(waited(new Date(since), now)).toBe(said);
  });

  it('counts people', () => {
    expect(peopleWait(1)).toBe('One person waits for an answer');
    expect(peopleWait(3)).toBe('3 people wait for an answer');
  });
});

describe('by when', () => {
  it.each([
    ['2026-11-27T12:00:00', 'noon today'],
    ['2026-11-28T17:30:00', '5:30 pm tomorrow'],
    ['2026-11-26T09:00:00', '9 am yesterday'],
    ['2026-11-30T00:05:00', '12:05 am on Mon 30 Nov']
  ])('%s: %s', (at, said) => {
    expect(moment(new Date(at), now)).toBe(said);
  });

  it('is told in the words of a clock', () => {
    expect(clock(new Date('2026-11-27T12:30:00'))).toBe('12:30 pm');
    expect(day(new Date('2026-11-27T23:59:00'), now)).toBe('today');
  });
});
