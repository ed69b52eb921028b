import { render, screen, waitFor } from '@testing-library/svelte';
import { expect, test, vi } from 'vitest';
import { api } from '../api/client';
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

/** What the server asks from now on. */
function asked(next: typeof PRACTICE | null, putOff = '') {
  return vi
    .spyOn(api, 'GET')
    .mockResolvedValue({ data: { next, section: 'one', putOff } as never, response: new Response() });
}

async function shown(next: typeof PRACTICE | null, putOff = '') {
  asked(next, putOff);
  const edit = vi.fn();
  const answer = vi.fn();
  const question = new NextQuestion('site', edit);
  render(QuestionLeaf, { question, answer });
  await question.load();
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
  asked(OWN, 'practice/quote');
  await question.load();
  await waitFor(() => expect(document.activeElement?.textContent).toBe(OWN.ask));
});

test('the last question leaves something in its place that has the focus', async () => {
  const { question } = await shown(PRACTICE);
  (await screen.findByRole('button', { name: 'Yes, every time' })).focus();
  asked(null);
  await question.load();
  expect(document.activeElement?.textContent).toContain('That is all we would ask');
  await question.load();
  expect(document.activeElement?.textContent).toContain('That is all we would ask');
});

test('nothing is shown when nothing was left to ask', async () => {
  await shown(null);
  expect(screen.queryByText('Would make the page stronger')).toBeNull();
  expect(screen.queryByText(/all we would ask/)).toBeNull();
});

test('an answer that comes late is not shown over one that came since', async () => {
  const { question } = await shown(PRACTICE);
  let late: (value: unknown) => void = () => {};
  vi.spyOn(api, 'GET').mockReturnValueOnce(new Promise((resolve) => (late = resolve)) as never);
  const slow = question.load();
  asked(OWN);
  await question.load();
  late({ data: { next: PRACTICE, section: 'one', putOff: '' }, response: new Response() });
  await slow;
  expect(question.asked?.next?.key).toBe('own');
});
