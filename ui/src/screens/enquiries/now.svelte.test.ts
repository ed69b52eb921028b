import { flushSync } from 'svelte';
import { afterEach, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { EnquiriesState } from './enquiries.svelte';

afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

/** Something on the screen that reads the time, until it is taken away. */
function reads(enquiries: EnquiriesState): { seen: number[]; goes: () => void } {
  const seen: number[] = [];
  const goes = $effect.root(() => {
    $effect(() => void seen.push(enquiries.now.getFullYear()));
  });
  flushSync();
  return { seen, goes };
}

it('the time goes on for whoever reads it after the first that did has gone', async () => {
  vi.useFakeTimers({ now: new Date('2026-12-31T12:00:00Z'), toFake: ['Date'] });
  vi.spyOn(api, 'GET').mockResolvedValue({ data: [], response: new Response() } as never);
  const enquiries = new EnquiriesState();
  await enquiries.load('site');

  const first = reads(enquiries);
  const second = reads(enquiries);
  first.goes();
  vi.setSystemTime(new Date('2027-01-01T12:00:00Z'));
  await enquiries.load('site');
  flushSync();

  expect(second.seen).toEqual([2026, 2027]);
  second.goes();
});
