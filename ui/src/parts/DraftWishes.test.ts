import { render, screen } from '@testing-library/svelte';
import { expect, test, vi } from 'vitest';
import DraftWishes from './DraftWishes.svelte';
import type { Drafting } from './drafting.svelte';

const drafting: Drafting = {
  tone: 'plain',
  wishedTone: '',
  voice: 'we',
  wishedVoice: '',
  voiceReason: 'Now the page says “we”: several people are named.',
  tones: [
    {
      id: 'plain',
      words: 'Plain',
      suits: true,
      unsuited: '',
      sample: ['Chimney sweeping', 'We come to you in Tolver.']
    },
    { id: 'warm', words: 'Warm', suits: true, unsuited: '', sample: ['Sweeping', 'Our van is green.'] },
    { id: 'light', words: 'Light', suits: false, unsuited: 'Not for your trade.', sample: [] }
  ],
  extent: 'one',
  wishedExtent: '',
  extentReason: 'One page: it is about five screens of a phone long.',
  pages: [],
  leftOut: [],
  assumptions: [
    { key: 'VISITS', words: 'You travel to your customers', denied: false },
    { key: 'CALM', words: 'Calls are seldom urgent', denied: true }
  ]
};

function shown() {
  const wish = vi.fn();
  const turn = vi.fn();
  render(DraftWishes, { drafting, wish, turn });
  return { wish, turn };
}

test('each tone is shown by a sample, and the one in use is chosen', () => {
  const { wish } = shown();
  expect(screen.getByText('We come to you in Tolver.')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>(/^Plain/).checked).toBe(true);
  screen.getByLabelText<HTMLInputElement>(/^Warm/).click();
  expect(wish).toHaveBeenCalledWith('tone', 'warm');
});

test('a tone that does not suit the trade cannot be chosen, and says why', () => {
  shown();
  expect(screen.getByLabelText<HTMLInputElement>(/^Light/).disabled).toBe(true);
  expect(screen.getByText('Not for your trade.')).toBeTruthy();
});

test('who speaks is said, and can be wished otherwise', () => {
  const { wish } = shown();
  expect(screen.getByText(/several people are named/)).toBeTruthy();
  screen.getByRole('radio', { name: 'I' }).click();
  expect(wish).toHaveBeenCalledWith('voice', 'i');
});

test('what is assumed can be denied, and a denial taken back', () => {
  const { turn } = shown();
  screen.getByRole('button', { name: 'Not so: You travel to your customers' }).click();
  expect(turn).toHaveBeenCalledWith('VISITS', true);
  screen.getByRole('button', { name: 'It is so: Calls are seldom urgent' }).click();
  expect(turn).toHaveBeenCalledWith('CALM', false);
});

test('why there are so many pages stands beneath the choice', () => {
  shown();
  expect(screen.getByText(drafting.extentReason)).toBeTruthy();
});
