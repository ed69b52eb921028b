import type { Editor } from '@tiptap/core';
import { getContext, setContext } from 'svelte';
import type { Block } from '../../document/types';
import type { NextQuestion } from '../../parts/nextQuestion.svelte';

/** What the parts of a manuscript ask of the screen they stand on. */
export interface Desk {
  /** What would make the page stronger, asked beside the section it is about. */
  readonly question: NextQuestion;
  /** Shows a fact so that it can be changed; `text` is where it was pressed. */
  openFact(fact: string, text: string): void;
  /** Shows a line of the facts sheet so that it can be changed. */
  openLine(line: string): void;
  /** Goes to the facts sheet, where rows that are facts are changed. */
  toFacts(): void;
  /** Words were typed in a text; the shopfront shows them at once. */
  typed(text: string, tree: Block[]): void;
  /** The cursor goes from the words to their tools. */
  toTools(): void;
  /** A text has the cursor, or has it no more. */
  editing(editor: Editor | null, lists: boolean, text: string): void;
  /** A row of a section has the cursor. */
  inRow(section: string, item: string): void;
  /** A section, or a text in it, was gone to. */
  choose(section: string, text: string): void;
}

const KEY = Symbol('desk');

export function setDesk(desk: Desk): void {
  setContext(KEY, desk);
}

export function getDesk(): Desk {
  return getContext<Desk>(KEY);
}
