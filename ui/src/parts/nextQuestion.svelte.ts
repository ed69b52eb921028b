import { tick } from 'svelte';
import type { components } from '../api/schema';
import { say } from '../words/say';

type Question = components['schemas']['QuestionView'];

/** What would make the page stronger: one question at a time, answered or put off. */
export class NextQuestion {
  asked = $state.raw<Question | null>(null);
  told = $state('');
  /** Id of the section the question is asked beside; where the last one was, once nothing is left to ask. */
  section = $state('');
  /** Whether the last question was answered here, so that something is left in its place. */
  isOver = $state(false);

  /** @param edit puts words on a line of the sheet */
  constructor(readonly edit: (path: string, words: string) => void) {}

  /** Asks the next. After an answer it, or what stands in its place, has the focus of the one before. */
  async ask(next: Question): Promise<void> {
    const within = !!document.activeElement?.closest('[data-question]');
    const isOther = next.next?.key !== this.asked?.next?.key;
    this.isOver = !next.next && (this.isOver || within);
    if (next.next) this.section = next.section;
    this.asked = next;
    await tick();
    if (within && isOther) document.querySelector<HTMLElement>('[data-question] [tabindex="-1"]')?.focus();
  }

  later(): void {
    this.edit('put-off', `${this.asked?.putOff ?? ''} ${this.asked?.next?.key ?? ''}`.trim());
    this.told = say('parts.nextQuestion.putOffItIsNot');
  }

  yes(): void {
    this.edit(this.asked?.next?.field ?? '', 'yes');
    this.told = say('parts.nextQuestion.takenThePageCanSay');
  }
}
