import { describe, expect, it } from 'vitest';
import cases from './door-cases.json';
import { doorsAt, type OpeningChanges } from './opening';

/** The same table of cases runs through the rule in Java (DoorCasesTest), which also makes the lists. */
describe.each(cases)('$name', ({ changes, checks }) => {
  it.each(checks)('at $at', ({ at, away, shut }) => {
    expect(doorsAt(changes as unknown as OpeningChanges, Date.parse(at))).toEqual([away, shut]);
  });
});

describe('a page that says nothing of its doors', () => {
  it('shows them all', () => {
    expect(doorsAt({ from: 0, says: [], steps: [] }, Date.now())).toEqual(['', '']);
  });
});
