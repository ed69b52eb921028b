import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../../api/client';
import type { Edit } from '../../../document/edits';
import type { Outbox } from '../../../keeping/outbox.svelte';
import { BookingState, type Rules } from './booking.svelte';

const RULES = { atOnce: true, notice: 60, services: [], resources: [], questions: [] } as unknown as Rules;

describe('how bookings are taken', () => {
  let set: boolean;
  const edits: Edit[] = [];
  const outbox = {
    add: (edit: Edit) => edits.push(edit),
    keep: () => Promise.resolve()
  } as unknown as Outbox;

  beforeEach(() => {
    set = false;
    edits.length = 0;
    vi.spyOn(api, 'GET').mockImplementation(
      async () =>
        ({
          data: { set, rules: RULES, services: [], grids: [15], outside: [] },
          response: new Response()
        }) as never
    );
  });

  afterEach(() => vi.restoreAllMocks());

  it('is not kept before bookings are taken', async () => {
    const booking = new BookingState('1');
    await booking.load();
    booking.choose('service/sweep', true);
    await booking.keep(outbox);
    expect(edits).toEqual([]);
    await booking.take(outbox, false);
    expect(edits[0]).toMatchObject({
      kind: 'setBooking',
      none: false,
      rules: { services: [{ service: 'service/sweep', minutes: null, capacity: 1 }] }
    });
  });

  it('is kept with every change once they are', async () => {
    set = true;
    const booking = new BookingState('1');
    await booking.load();
    booking.choose('service/sweep', true);
    await booking.keep(outbox);
    booking.choose('service/sweep', false);
    await booking.keep(outbox);
    expect(edits).toHaveLength(2);
    expect(edits[1]).toMatchObject({ rules: { services: [] } });
  });

  it('can be ended', async () => {
    set = true;
    const booking = new BookingState('1');
    await booking.load();
    await booking.take(outbox, true);
    expect(edits[0]).toMatchObject({ kind: 'setBooking', none: true });
  });

  it('says that the connection is away', async () => {
    vi.spyOn(api, 'GET').mockResolvedValue({
      error: {},
      response: new Response(null, { status: 503 })
    } as never);
    const booking = new BookingState('1');
    await booking.load();
    expect(booking.away).toBe(true);
    expect(booking.rules).toBeNull();
  });
});
