import { say } from '../../words/say';
import type { Ticket } from './diary.svelte';
import { clock } from './lane';

const STATES: Record<Ticket['state'], string> = {
  ASKED: say('diary.ticketWords.asks'),
  BOOKED: '',
  DONE: say('diary.ticketWords.done'),
  MISSED: say('diary.ticketWords.didNotCome'),
  HELD: '',
  CANCELLED: ''
};

/** A ticket for those who do not see it: who, what, when, and how it stands. */
export function ticketWords(ticket: Ticket, from: number, to: number): string {
  const when = say('diary.ticketWords.to', { clock: clock(from), clock2: clock(to) });
  return [ticket.who, ticket.serviceName, when, STATES[ticket.state]]
    .filter((words) => words !== '')
    .join(', ');
}

/** What is done, in the one word that fits on a small ticket. */
export function shortService(service: string, minutes: number): string {
  const word = service.trim().split(/\s+/).at(-1) ?? '';
  return minutes >= 75 ? service : word.charAt(0).toUpperCase() + word.slice(1);
}
