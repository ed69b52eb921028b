import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { type Drafts, DraftsState, held } from './drafts.svelte';

function table(round: number, rounds = round): Drafts {
  return { round, rounds, facts: 12, pins: [], drafts: [] } as unknown as Drafts;
}

describe('what is held', () => {
  it('is said in words, with its round where that is not the one that is shown', () => {
    expect(held({}, 1)).toBe('');
    expect(held({ WORDS: { round: 1, place: 2 } }, 1)).toBe('the words of the second');
    expect(held({ WORDS: { round: 1, place: 1 }, LOOK: { round: 2, place: 3 } }, 2)).toBe(
      'the words of the first of round 1 and the look of the third'
    );
    expect(
      held({ WORDS: { round: 1, place: 1 }, LOOK: { round: 1, place: 2 }, ORDER: { round: 1, place: 3 } }, 1)
    ).toBe('the words of the first, the look of the second and the order of the third');
  });
});

describe('the table', () => {
  beforeEach(() => sessionStorage.clear());

  it('keeps what is pinned over a reload, until it is let go', () => {
    const before = new DraftsState('site');
    before.view = table(1);
    before.turn('WORDS', 2);
    const after = new DraftsState('site');
    expect(after.pins).toEqual({ WORDS: { round: 1, place: 2 } });
    after.letGo();
    expect(new DraftsState('site').pins).toEqual({});
    expect(new DraftsState('another').pins).toEqual({});
  });

  it('is laid when there is no round yet', async () => {
    const get = vi.spyOn(api, 'GET').mockResolvedValue({ data: table(0) } as never);
    const post = vi.spyOn(api, 'POST').mockResolvedValue({ data: table(1) } as never);
    const drafts = new DraftsState('site');
    await drafts.load();
    expect(get).toHaveBeenCalledOnce();
    expect(post).toHaveBeenCalledOnce();
    expect(drafts.view?.round).toBe(1);
  });

  it('sends what is pinned, each part once, and lets it go at a second press', async () => {
    const post = vi.spyOn(api, 'POST').mockResolvedValue({ data: table(2) } as never);
    const drafts = new DraftsState('site');
    drafts.view = table(1);
    drafts.turn('WORDS', 1);
    drafts.turn('WORDS', 3);
    drafts.turn('LOOK', 2);
    expect(drafts.isPinned('WORDS', 3)).toBe(true);
    expect(drafts.isPinned('WORDS', 1)).toBe(false);
    drafts.turn('LOOK', 2);
    await drafts.draw();
    expect(post).toHaveBeenLastCalledWith(
      '/api/sites/{id}/drafts',
      expect.objectContaining({ body: { pins: [{ pin: 'WORDS', round: 1, place: 3 }] } })
    );
    expect(drafts.isPinned('WORDS', 3)).toBe(false);
    expect(drafts.pins.WORDS).toEqual({ round: 1, place: 3 });
  });

  it('says what went wrong and keeps what was on it', async () => {
    vi.spyOn(api, 'POST').mockResolvedValue({
      error: { detail: 'The connection is away. Try again in a moment.' },
      response: new Response(null, { status: 503 })
    } as never);
    const drafts = new DraftsState('site');
    drafts.view = table(1);
    await drafts.draw();
    expect(drafts.fault).toBe('The connection is away. Try again in a moment.');
    expect(drafts.view?.round).toBe(1);
    expect(drafts.busy).toBe(false);
  });
});
