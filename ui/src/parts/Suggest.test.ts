import { fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import Suggest from './Suggest.svelte';

describe('a line with type-ahead', () => {
  /** Frames that come when the test says so: on a busy machine one can be long in coming. */
  let frames: FrameRequestCallback[] = [];

  beforeEach(() => {
    frames = [];
    vi.stubGlobal('requestAnimationFrame', (frame: FrameRequestCallback) => frames.push(frame));
    vi.stubGlobal('cancelAnimationFrame', (number: number) => (frames[number - 1] = () => undefined));
  });

  afterEach(() => {
    vi.unstubAllGlobals();
    document.getElementById('next')?.remove();
  });

  function drawn(): void {
    for (let at = 0; at < frames.length; at++) frames[at]?.(0);
  }

  function shown(): { line: HTMLElement; next: HTMLInputElement } {
    render(Suggest, {
      id: 'trade',
      value: 'chimney',
      placeholder: '',
      ask: async () => [{ id: 'sweep', words: 'chimney sweep', also: '' }],
      typed: vi.fn(),
      chosen: vi.fn()
    });
    const next = document.createElement('input');
    next.id = 'next';
    document.body.append(next);
    return { line: screen.getByRole('combobox'), next };
  }

  /** Types until the list stands open, its frame still to come. */
  async function opened(line: HTMLElement): Promise<void> {
    line.focus();
    drawn();
    await fireEvent.input(line, { target: { value: 'chimney s' }, inputType: 'insertText' });
    await vi.waitFor(() => expect(screen.getByText('chimney sweep')).toBeDefined());
  }

  it('gives the cursor back that a list takes as the owner goes on, however late it takes it', async () => {
    const { line, next } = shown();
    await opened(line);
    next.focus();
    await new Promise((later) => setTimeout(later, 300));
    // What the list does in its frame.
    line.focus();
    expect(document.activeElement).toBe(next);
    drawn();
    expect(document.activeElement).toBe(next);
  });

  it('keeps the cursor of an owner who comes back', async () => {
    const { line, next } = shown();
    await opened(line);
    next.focus();
    drawn();
    line.focus();
    expect(document.activeElement).toBe(line);
  });
});
