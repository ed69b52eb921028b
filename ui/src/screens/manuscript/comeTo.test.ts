import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { comeTo } from './comeTo';

describe('coming to a text that was pressed in the shopfront', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    Element.prototype.scrollIntoView = vi.fn();
  });
  afterEach(() => {
    vi.useRealTimers();
    document.body.replaceChildren();
  });

  function screen(): { text: HTMLInputElement; frame: HTMLIFrameElement } {
    const [text, frame] = [document.createElement('input'), document.createElement('iframe')];
    frame.tabIndex = 0;
    document.body.append(text, frame);
    return { text, frame };
  }

  it('has the cursor, though the frame takes it once more', () => {
    const { text, frame } = screen();
    comeTo(text, true);
    vi.advanceTimersByTime(10);
    frame.focus();
    expect(document.activeElement).toBe(frame);
    vi.advanceTimersByTime(500);
    expect(document.activeElement).toBe(text);
  });

  it('leaves the frame alone when the owner goes there later', () => {
    const { text, frame } = screen();
    comeTo(text, true);
    vi.advanceTimersByTime(2000);
    frame.focus();
    vi.advanceTimersByTime(2000);
    expect(document.activeElement).toBe(frame);
  });

  it('leaves the cursor where it is for a section', () => {
    const { text, frame } = screen();
    frame.focus();
    comeTo(text, false);
    vi.advanceTimersByTime(2000);
    expect(document.activeElement).toBe(frame);
    expect(text.scrollIntoView).toHaveBeenCalled();
  });
});
