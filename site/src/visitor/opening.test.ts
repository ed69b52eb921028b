import { describe, expect, it } from 'vitest';
import { at, read, type OpeningChanges } from './opening';
import cases from './opening-cases.json';

/** The same table of cases runs through the rule in Java (OpeningCasesTest), which also makes the lists. */
describe.each(cases)('$name', ({ changes, checks }) => {
  it.each(checks)('at $at: $words', ({ at: instant, open, words }) => {
    expect(at(changes as unknown as OpeningChanges, Date.parse(instant))).toEqual({ words, open });
  });
});

describe('a list of opening changes', () => {
  const list: OpeningChanges = {
    from: 100,
    says: [
      ['Closed', 0],
      ['Open', 1]
    ],
    steps: [0, 0, 60, 1]
  };

  it('says nothing before it begins', () => {
    expect(at(list, 99 * 60000)).toBeNull();
  });

  it('says nothing once it is used up, rather than something that may be wrong', () => {
    expect(at(list, (100 + 408 * 24 * 60) * 60000)).toBeNull();
  });

  it('changes at the minute', () => {
    expect(at(list, 160 * 60000 - 1)?.open).toBe(false);
    expect(at(list, 160 * 60000)?.open).toBe(true);
  });

  it.each(['', 'nonsense', '{}', '[]', null, undefined])('that cannot be read is none: %s', (json) => {
    expect(read(json)).toBeNull();
  });
});
