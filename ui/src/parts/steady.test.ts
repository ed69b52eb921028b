import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { steady } from './steady';

describe('a button whose press moves what stands around it', () => {
  const scrolled = vi.fn();
  let top = 400;

  beforeEach(() => {
    document.body.innerHTML = '<button id="move">Move down</button><button id="other">Other</button>';
    vi.stubGlobal('scrollBy', scrolled);
    scrolled.mockClear();
    top = 400;
    vi.spyOn(HTMLElement.prototype, 'getBoundingClientRect').mockImplementation(() => ({ top }) as DOMRect);
  });

  afterEach(() => {
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
    document.body.innerHTML = '';
  });

  const find = () => document.getElementById('move');

  it('stays under the pointer', async () => {
    await steady(find, () => (top = 650));
    expect(scrolled).toHaveBeenCalledExactlyOnceWith({ top: 250, behavior: 'instant' });
  });

  it('keeps the focus when it was drawn anew', async () => {
    find()?.focus();
    await steady(find, () => {
      find()?.remove();
      document.body.insertAdjacentHTML('beforeend', '<button id="move">Move down</button>');
    });
    expect(document.activeElement).toBe(find());
  });

  it('takes the focus from nobody', async () => {
    document.getElementById('other')?.focus();
    await steady(find, () => (top = 0));
    expect(document.activeElement?.id).toBe('other');
  });

  it('does what was asked, though it is gone afterwards', async () => {
    const act = vi.fn(() => find()?.remove());
    await steady(find, act);
    expect(act).toHaveBeenCalledOnce();
    expect(scrolled).not.toHaveBeenCalled();
  });
});
