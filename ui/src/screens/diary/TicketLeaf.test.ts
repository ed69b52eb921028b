import { render, screen } from '@testing-library/svelte';
import { expect, test } from 'vitest';
import type { DiaryState, Ticket } from './diary.svelte';
import TicketLeaf from './TicketLeaf.svelte';

const ticket = {
  id: 'one',
  state: 'BOOKED',
  who: 'Oona Quayle',
  serviceName: 'Sweep',
  minutes: 45,
  price: '',
  when: 'Tue 1 Dec, 10:00–10:45',
  start: '2999-12-01T10:00:00Z',
  answers: [],
  mails: []
} as unknown as Ticket;

function shown(more: Partial<Ticket>): void {
  render(TicketLeaf, { ticket: { ...ticket, ...more }, diary: {} as DiaryState });
}

test('two mails that fare alike are both shown', () => {
  shown({ mails: ['A mail to oona@quill.example waits.', 'A mail to oona@quill.example waits.'] });
  expect(screen.getAllByText('A mail to oona@quill.example waits.')).toHaveLength(2);
});

test('two questions of the same words have each its answer', () => {
  shown({
    answers: [
      { label: 'Which floor?', value: 'First' },
      { label: 'Which floor?', value: 'Second' }
    ]
  } as Partial<Ticket>);
  expect(screen.getByText('First')).toBeTruthy();
  expect(screen.getByText('Second')).toBeTruthy();
});
