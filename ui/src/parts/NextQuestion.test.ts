import { render, screen, waitFor } from '@testing-library/svelte';
import { expect, test, vi } from 'vitest';
import { api } from '../api/client';
import NextQuestion from './NextQuestion.svelte';

const PRACTICE = {
  key: 'practice/quote',
  ask: 'Do you give a written quote before you start?',
  gains: 'With a yes, the page can say: “You have a written quote before any work starts.”',
  field: 'practice/quote',
  isYesOrNo: true
};
const OWN = {
  key: 'own',
  ask: 'What do people thank you for?',
  gains: 'Your words beat ours.',
  field: 'words',
  isYesOrNo: false
};

/** What the server asks from now on. */
function asked(next: typeof PRACTICE | null, putOff = '') {
  return vi.spyOn(api, 'GET').mockResolvedValue({ data: { next, putOff }, response: new Response() });
}

function shown(next: typeof PRACTICE | null, putOff = '') {
  asked(next, putOff);
  const edit = vi.fn();
  const answer = vi.fn();
  const made = render(NextQuestion, { id: 'site', revision: 1, edit, answer });
  return { edit, answer, rerender: made.rerender };
}

test('a practice is answered with a yes', async () => {
  const { edit } = shown(PRACTICE);
  (await screen.findByRole('button', { name: 'Yes, every time' })).click();
  expect(edit).toHaveBeenCalledWith('practice/quote', 'yes');
  await waitFor(() => expect(screen.getByRole('status').textContent).toContain('Taken'));
});

test('what needs words leads to its line', async () => {
  const { answer } = shown(OWN);
  (await screen.findByRole('button', { name: 'Answer' })).click();
  expect(answer).toHaveBeenCalledWith('words');
});

test('a question that is put off stays put off, beside those before it', async () => {
  const { edit } = shown(OWN, 'since people');
  (await screen.findByRole('button', { name: 'Do not ask' })).click();
  expect(edit).toHaveBeenCalledWith('put-off', 'since people own');
});

test('the next question has the focus of the one before', async () => {
  const { rerender } = shown(PRACTICE);
  (await screen.findByRole('button', { name: 'No' })).focus();
  asked(OWN, 'practice/quote');
  await rerender({ revision: 2 });
  await waitFor(() => expect(document.activeElement?.textContent).toBe(OWN.ask));
});

test('nothing is shown when nothing is left to ask', async () => {
  shown(null);
  await waitFor(() => expect(vi.mocked(api.GET)).toHaveBeenCalled());
  expect(screen.queryByText('Would make the page stronger')).toBeNull();
});
