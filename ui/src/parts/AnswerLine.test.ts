import { render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Answer } from '../api/client';
import AnswerLine from './AnswerLine.svelte';

function answer(some: Partial<Answer>): Answer {
  return { state: 'READ', says: '', remark: '', choices: [], from: 0, to: 0, ...some };
}

describe('the line beneath a field', () => {
  it('says an understood value back', () => {
    render(AnswerLine, { id: 'a', answer: answer({ says: 'Mon–Fri 9–5' }), typed: 'mon-fri 9-5' });
    expect(screen.getByText('Mon–Fri 9–5')).toBeTruthy();
  });

  it('marks the words it cannot read', () => {
    const fault = answer({ state: 'REFUSED', says: '“25” is not a time of day.', from: 6, to: 8 });
    const { container } = render(AnswerLine, { id: 'a', answer: fault, typed: 'Mon 9-25' });
    expect(container.querySelector('mark')?.textContent).toBe('25');
  });

  it('offers what a question can mean, and takes it with one press', async () => {
    const take = vi.fn();
    const question = answer({
      state: 'ASKED',
      says: 'Do you mean …?',
      choices: ['Mon 8am–8pm', 'Mon 8pm–8am']
    });
    render(AnswerLine, { id: 'a', answer: question, typed: 'Mon 8-8', take });
    screen.getByRole('button', { name: 'Mon 8am–8pm' }).click();
    expect(take).toHaveBeenCalledWith('Mon 8am–8pm');
  });

  it('says nothing about an empty field', () => {
    const { container } = render(AnswerLine, { id: 'a', answer: answer({ state: 'EMPTY' }), typed: '' });
    expect(container.textContent?.trim()).toBe('');
  });
});
