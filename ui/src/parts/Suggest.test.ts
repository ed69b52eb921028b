import { render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import Suggest from './Suggest.svelte';

describe('a line with type-ahead', () => {
  afterEach(() => {
    vi.restoreAllMocks();
    document.getElementById('next')?.remove();
  });

  function shown(): { line: HTMLElement; next: HTMLInputElement } {
    render(Suggest, {
      id: 'trade',
      value: 'chimney',
      placeholder: '',
      ask: async () => [],
      typed: vi.fn(),
      chosen: vi.fn()
    });
    const next = document.createElement('input');
    next.id = 'next';
    document.body.append(next);
    return { line: screen.getByRole('combobox'), next };
  }

  it('gives the cursor back that a list takes as the owner goes on to the next line', () => {
    const { line, next } = shown();
    line.focus();
    next.focus();
    // What the list does when it opens in that moment.
    line.focus();
    expect(document.activeElement).toBe(next);
  });

  it('keeps the cursor of an owner who comes back', () => {
    const { line, next } = shown();
    const clock = vi.spyOn(performance, 'now');
    clock.mockReturnValue(1000);
    line.focus();
    next.focus();
    clock.mockReturnValue(1500);
    line.focus();
    expect(document.activeElement).toBe(line);
  });
});
