import { describe, expect, it } from 'vitest';
import { peopleWait, reachUri, waited } from './waiting';

describe('how long somebody has waited', () => {
  const now = new Date('2026-11-25T12:00:00Z');

  it.each([
    ['2026-11-25T11:59:40Z', 'less than a minute'],
    ['2026-11-25T11:59:00Z', '1 minute'],
    ['2026-11-25T11:10:00Z', '50 minutes'],
    ['2026-11-25T11:00:00Z', '1 hour'],
    ['2026-11-24T12:00:00Z', '24 hours'],
    ['2026-11-21T11:00:00Z', '4 days'],
    ['2026-11-25T12:00:30Z', 'less than a minute']
  ])('since %s is %s', (since, words) => {
    expect(waited(new Date(since), now)).toBe(words);
  });

  it('counts people as one would', () => {
    expect(peopleWait(1)).toBe('One person waits for an answer');
    expect(peopleWait(3)).toBe('3 people wait for an answer');
  });
});

describe('where an answer goes', () => {
  it.each([
    ['oona@quayle.example', 'mailto:oona@quayle.example'],
    ['0117 496 0771', 'tel:01174960771'],
    ['+44 (0)117 496-0771', 'tel:+4401174960771'],
    ['javascript:alert(1)', 'tel:1']
  ])('%s opens %s', (reach, uri) => {
    expect(reachUri(reach)).toBe(uri);
  });
});
