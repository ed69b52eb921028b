import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { untilReleased } from './press';

describe('an answer', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => {
    dispatchEvent(new Event('pointerup'));
    vi.runAllTimers();
    vi.useRealTimers();
  });

  it('comes at once while nothing is pressed', () => {
    expect(untilReleased()).toBeUndefined();
  });

  it.each(['pointerup', 'pointercancel'])(
    'waits for a press until its %s, and for what the press does',
    async (end) => {
      const done: string[] = [];
      dispatchEvent(new Event('pointerdown'));
      const answer = untilReleased()?.then(() => done.push('answer'));
      await vi.advanceTimersByTimeAsync(200);
      expect(done).toEqual([]);
      dispatchEvent(new Event(end));
      done.push('press');
      await vi.advanceTimersByTimeAsync(0);
      await answer;
      expect(done).toEqual(['press', 'answer']);
    }
  );

  it('waits no longer than a second, however long something is dragged', async () => {
    const shown = vi.fn();
    dispatchEvent(new Event('pointerdown'));
    void untilReleased()?.then(shown);
    await vi.advanceTimersByTimeAsync(999);
    expect(shown).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(1);
    expect(shown).toHaveBeenCalledOnce();
  });

  it('waits for the next press too when that begins before it came', async () => {
    const shown = vi.fn();
    dispatchEvent(new Event('pointerdown'));
    void untilReleased()?.then(shown);
    dispatchEvent(new Event('pointerup'));
    dispatchEvent(new Event('pointerdown'));
    await vi.advanceTimersByTimeAsync(10);
    expect(shown).not.toHaveBeenCalled();
    dispatchEvent(new Event('pointerup'));
    await vi.advanceTimersByTimeAsync(0);
    expect(shown).toHaveBeenCalledOnce();
  });
});
