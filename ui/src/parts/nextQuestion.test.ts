import { render, screen, waitFor } from '@testing-library/svelte';
import { expect, test, vi } from 'vitest';
import type { components } from '../api/schema';
import { NextQuestion } from './nextQuestion.svelte';
import QuestionLeaf from './QuestionLeaf.svelte';

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

/** What the server asks now. */
function asks(next: typeof PRACTICE | null, putOff = '') {
  return { next, section: 'one', putOff } as components['schemas']['QuestionView'];
}

async function shown(next: typeof PRACTICE | null, putOff = '') {
  const edit = vi.fn();
  const answer = vi.fn();
  const question = new NextQuestion(edit);
  render(QuestionLeaf, { question, answer });
  await question.ask(asks(next, putOff));
  return { edit, answer, question };
}

test('a practice is answered with a yes', async () => {
  const { edit } = await shown(PRACTICE);
  (await screen.findByRole('button', { name: 'Yes, every time' })).click();
  expect(edit).toHaveBeenCalledWith('practice/quote', 'yes');
  await waitFor(() => expect(screen.getByRole('status').textContent).toContain('Taken'));
});

test('what needs words leads to its line', async () => {
  const { answer } = await shown(OWN);
  (await screen.findByRole('button', { name: 'Answer' })).click();
  expect(answer).toHaveBeenCalledWith('words');
});

test('a question that is put off stays put off, beside those before it', async () => {
  const { edit } = await shown(OWN, 'since people');
  (await screen.findByRole('button', { name: 'Do not ask' })).click();
  expect(edit).toHaveBeenCalledWith('put-off', 'since people own');
});

test('the next question has the focus of the one before', async () => {
  const { question } = await shown(PRACTICE);
  (await screen.findByRole('button', { name: 'No' })).focus();
  await question.ask(asks(OWN, 'practice/quote'));
  await waitFor(() => expect(document.activeElement?.textContent).toBe(OWN.ask));
});

test('the last question leaves something in its place that has the focus', async () => {
  const { question } = await shown(PRACTICE);
  (await screen.findByRole('button', { name: 'Yes, every time' })).focus();
  await question.ask(asks(null));
  expect(document.activeElement?.textContent).toContain('That is all we would ask');
  await question.ask(asks(null));
  expect(document.activeElement?.textContent).toContain('That is all we would ask');
});

test('nothing is shown when nothing was left to ask', async () => {
  await shown(null);
  expect(screen.queryByText('Would make the page stronger')).toBeNull();
  expect(screen.queryByText(/all we would ask/)).toBeNull();
});
