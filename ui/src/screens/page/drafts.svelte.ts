import { api, problemOf } from '../../api/client';
import type { components } from '../../api/schema';
import { say } from '../../words/say';

export type Drafts = components['schemas']['DraftsView'];
export type Pin = 'WORDS' | 'LOOK' | 'ORDER';

/** A draft on the table, by its round and place. */
export interface At {
  round: number;
  place: number;
}

export const PINS: readonly { pin: Pin; words: string }[] = [
  { pin: 'WORDS', words: say('page.drafts.words') },
  { pin: 'LOOK', words: say('page.drafts.look') },
  { pin: 'ORDER', words: say('page.drafts.order') }
];

const NUMBERS = [say('page.drafts.first'), say('page.drafts.second'), say('page.drafts.third')];

/** What a pin holds, in words: "the words of the second". */
export function held(pins: Partial<Record<Pin, At>>, round: number): string {
  const parts = PINS.flatMap(({ pin, words }) => {
    const at = pins[pin];
    if (!at) return [];
    const which = say('page.drafts.theOfThe', { words, what: NUMBERS[at.place - 1] ?? at.place });
    return [at.round === round ? which : say('page.drafts.ofRound', { which, round: at.round })];
  });
  if (parts.length === 0) return '';
  return parts.length === 1
    ? parts[0]!
    : say('page.drafts.and', { slice: parts.slice(0, -1).join(', '), at: parts.at(-1) });
}

/** The drafts table of one site: its rounds, and what is pinned for the next. */
export class DraftsState {
  view = $state.raw<Drafts | null>(null);
  pins = $state<Partial<Record<Pin, At>>>({});
  busy = $state(false);
  fault = $state('');

  /** What was pinned stays over a reload. */
  constructor(readonly id: string) {
    try {
      this.pins = JSON.parse(sessionStorage.getItem(`pins/${id}`) ?? '{}') as Partial<Record<Pin, At>>;
    } catch {
      this.pins = {};
    }
  }

  /** Shows a round, the last one when none is asked for; the first is laid when there is none. */
  async load(round = 0): Promise<void> {
    const { data } = await api.GET('/api/sites/{id}/drafts', {
      params: { path: { id: this.id }, query: { round } }
    });
    if (data && data.rounds > 0) this.view = data;
    else if (data) await this.draw();
  }

  /** Lays three more, with what is pinned. */
  async draw(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    this.fault = '';
    try {
      const { data, error, response } = await api.POST('/api/sites/{id}/drafts', {
        params: { path: { id: this.id } },
        body: {
          pins: Object.entries(this.pins).map(([pin, at]) => ({ pin: pin as Pin, ...at }))
        }
      });
      if (data) {
        this.view = data;
      } else this.fault = problemOf(error, response).detail;
    } finally {
      this.busy = false;
    }
  }

  isPinned(pin: Pin, place: number): boolean {
    const at = this.pins[pin];
    return at?.round === this.view?.round && at?.place === place;
  }

  /** Holds a part of a draft for the next round, or lets it go. */
  turn(pin: Pin, place: number): void {
    if (this.isPinned(pin, place)) {
      const others = { ...this.pins };
      delete others[pin];
      this.#hold(others);
    } else if (this.view) this.#hold({ ...this.pins, [pin]: { round: this.view.round, place } });
  }

  letGo(): void {
    this.#hold({});
  }

  #hold(pins: Partial<Record<Pin, At>>): void {
    this.pins = pins;
    sessionStorage.setItem(`pins/${this.id}`, JSON.stringify(pins));
  }
}
