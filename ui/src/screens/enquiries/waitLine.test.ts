// @vitest-environment node
import { describe, expect, it } from 'vitest';
import type { Enquiry } from '../../api/client';
import { waitLine } from './waitLine';

const enquiry = (due: string | null): Enquiry => ({
  id: 'one',
  state: 'NEW',
  came: 'FORM',
  receivedAt: '2026-11-27T16:30:00Z',
  answers: [],
  setAside: [],
  files: [],
  deliveries: [],
  entries: [],
  person: null as never,
  askAgain: null as never,
  words: null as never,
  due: due as never,
  work: [
    { from: '2026-11-27T16:30:00Z', to: '2026-11-27T17:30:00Z' },
    { from: '2026-11-28T09:00:00Z', to: '2026-11-28T12:00:00Z' }
  ]
});
const at = (time: string) => new Date(time);

describe('the line of a wait', () => {
  it('gives work its length and a night a short gap', () => {
    const line = waitLine(enquiry('2026-11-28T12:00:00Z'), at('2026-11-28T09:00:00Z'));
    expect(line?.parts.map((part) => part.kind)).toEqual(['work', 'closed', 'work']);
    const [first, night, second] = line?.parts ?? [];
    expect((second!.to - second!.from) / (first!.to - first!.from)).toBeCloseTo(3);
    expect(night!.to - night!.from).toBeLessThan(10);
    expect(line?.now).toBeCloseTo(second!.from);
    expect(line?.due).toBe(100);
    expect(line?.late).toBe(false);
  });

  it('goes forward all the time, and is never outside', () => {
    let before = -1;
    for (let minutes = 0; minutes < 30 * 60; minutes += 7) {
      const line = waitLine(
        enquiry('2026-11-28T12:00:00Z'),
        new Date(Date.parse('2026-11-27T16:30:00Z') + minutes * 60_000)
      );
      expect(line!.now).toBeGreaterThanOrEqual(Math.min(before, 100) - (line!.late ? 100 : 0));
      expect(line!.now).toBeLessThanOrEqual(100);
      if (!line!.late) before = line!.now;
    }
  });

  it('shows a promise that is over', () => {
    const line = waitLine(enquiry('2026-11-28T12:00:00Z'), at('2026-11-28T15:00:00Z'));
    expect(line?.late).toBe(true);
    expect(line!.due).toBeLessThan(line!.now);
  });

  it('is none where no answer is promised', () => {
    expect(waitLine(enquiry(null), at('2026-11-28T09:00:00Z'))).toBeNull();
  });
});
