import { api, problemOf, type Enquiry, type Problem } from '../../api/client';
import { lastKnown } from '../../keeping/browserStore';
import { say } from '../../words/say';

export type State = Enquiry['state'];

/** States of an enquiry, in words. */
export const STATES: Record<State, string> = {
  NEW: say('enquiries.states.waits'),
  ANSWERED: say('enquiries.states.answered'),
  AGREED: say('enquiries.states.agreed'),
  DONE: say('enquiries.states.done'),
  LOST: say('enquiries.states.lost'),
  UNWANTED: say('enquiries.states.unwanted')
};

export const CLOSED: State[] = ['DONE', 'LOST', 'UNWANTED'];

/** So many come at once. */
const PAGE = 500;

/** A list of what is not open; none is the open ones. */
export type Shelf = '' | 'over' | 'unwanted' | 'people';

/** The messages of a site, what is done with them, and what is only planned. */
export class EnquiriesState {
  list = $state<Enquiry[] | null>(null);
  away = $state(false);
  /** Whether there are older ones than those that were read so far. */
  more = $state(false);

  #site = '';
  #read = $state(Date.now());
  /** Those that stand behind the first list, asked for one list after the other. */
  #behind: Enquiry[] = [];

  /** When the list was last brought up to date. No SvelteDate, which stands still once its first reader has gone. */
  get now(): Date {
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- see above; each reading makes a new one
    return new Date(this.#read);
  }

  /** Those that wait, the longest first; then those that are open, by the day to ask again. */
  get open(): Enquiry[] {
    const open = (this.list ?? []).filter((each) => !CLOSED.includes(each.state));
    const rank = (each: Enquiry): string =>
      each.state === 'NEW'
        ? `0${each.due ?? ''}${each.receivedAt}`
        : `1${each.askAgain ?? '9'}${each.receivedAt}`;
    return open.sort((one, other) => rank(one).localeCompare(rank(other)));
  }

  of(...states: State[]): Enquiry[] {
    return (this.list ?? []).filter((each) => states.includes(each.state));
  }

  /** Messages of whatever state that hold all of the words, the newest first. */
  find(words: string): Enquiry[] {
    const wanted = folded(words).split(/\s+/);
    return (this.list ?? [])
      .filter((each) => {
        const said = folded(
          [
            ...each.answers.map(({ value }) => value),
            ...each.entries.map((entry) => entry.words),
            each.person?.reach ?? ''
          ].join(' ')
        );
        return wanted.every((word) => said.includes(word));
      })
      .sort((one, other) => other.receivedAt.localeCompare(one.receivedAt));
  }

  /** Everybody who has written or rung, each with their messages, who wrote last first. */
  get people(): Person[] {
    const people: Record<string, Enquiry[]> = {};
    for (const each of this.list ?? []) {
      if (each.person && each.state !== 'UNWANTED' && each.came !== 'TEST') {
        (people[each.person.key] ??= []).push(each);
      }
    }
    return Object.entries(people)
      .map(([key, all]) => {
        const messages = all.sort((one, other) => other.receivedAt.localeCompare(one.receivedAt));
        return { key, messages, last: messages[0] as Enquiry };
      })
      .sort((one, other) => other.last.receivedAt.localeCompare(one.last.receivedAt));
  }

  /** Other messages of the same person, the newest first. */
  earlier(enquiry: Enquiry): Enquiry[] {
    const { person } = enquiry;
    if (!person) return [];
    return (this.list ?? []).filter((each) => each.id !== enquiry.id && each.person?.key === person.key);
  }

  async load(site: string): Promise<void> {
    if (site !== this.#site) {
      this.#site = site;
      this.#behind = [];
      this.more = false;
      this.list = (await lastKnown.get<Enquiry[]>(`enquiries/${site}`)) ?? null;
    }
    const { data, response } = await api.GET('/api/sites/{id}/enquiries', {
      params: { path: { id: site } }
    });
    if (site !== this.#site) return;
    if (data) {
      if (this.#behind.length === 0) this.more = data.length >= PAGE;
      this.list = this.#together(data);
      void lastKnown.put(`enquiries/${site}`, data);
    }
    this.away = response.status >= 500;
    this.#read = Date.now();
  }

  /** Reads older ones too; what is wrong, or nothing. */
  async older(): Promise<Problem | null> {
    const site = this.#site;
    const last = this.#behind.at(-1) ?? this.list?.at(-1);
    if (!last) return null;
    const { data, error, response } = await api.GET('/api/sites/{id}/enquiries', {
      params: { path: { id: site }, query: { after: last.id } }
    });
    if (site !== this.#site) return null;
    if (response.status === 404) {
      // It was deleted elsewhere: what stands behind it stands behind the one before it too.
      const others = ({ id }: Enquiry): boolean => id !== last.id;
      this.#behind = this.#behind.filter(others);
      this.list = (this.list ?? []).filter(others);
      return this.older();
    }
    if (!data) return problemOf(error, response);
    this.#behind = [...this.#behind, ...data];
    this.more = data.length >= PAGE;
    this.list = this.#together(this.list ?? []);
    return null;
  }

  /** The first list and those behind it, each once. */
  #together(first: Enquiry[]): Enquiry[] {
    const known = first.map(({ id }) => id);
    return [...first, ...this.#behind.filter(({ id }) => !known.includes(id))];
  }

  /** Shown at once, and taken back where it cannot be; what is wrong, or nothing. */
  async mark(enquiry: Enquiry, state: State): Promise<Problem | null> {
    const was = enquiry;
    this.#put({ ...enquiry, state });
    const { data, error, response } = await api.PUT('/api/sites/{id}/enquiries/{enquiry}/state', {
      params: this.#of(enquiry),
      body: { state }
    });
    this.#put(data ?? was);
    return data ? null : problemOf(error, response);
  }

  async write(enquiry: Enquiry, kind: 'NOTE' | 'CALL', words: string): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/enquiries/{enquiry}/entries', {
      params: this.#of(enquiry),
      body: { entry: kind, words }
    });
    if (data) this.#put(data);
    return data ? null : problemOf(error, response);
  }

  async reply(enquiry: Enquiry, words: string): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/enquiries/{enquiry}/reply', {
      params: this.#of(enquiry),
      body: { words }
    });
    if (data) this.#put(data);
    return data ? null : problemOf(error, response);
  }

  /** Asks a customer for a few words; answers their link. */
  async askForWords(enquiry: Enquiry): Promise<{ link?: string; problem?: Problem }> {
    const { data, error, response } = await api.POST('/api/sites/{id}/enquiries/{enquiry}/words', {
      params: this.#of(enquiry)
    });
    if (!data) return { problem: problemOf(error, response) };
    this.#put(data.enquiry);
    return { link: data.link };
  }

  /** Puts what they said among the facts. */
  async takeWords(enquiry: Enquiry): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/enquiries/{enquiry}/words/take', {
      params: this.#of(enquiry)
    });
    if (data) this.#put(data);
    return data ? null : problemOf(error, response);
  }

  /** Takes their link back, or lets go what they said. */
  async letWordsGo(enquiry: Enquiry): Promise<Problem | null> {
    const { data, error, response } = await api.DELETE('/api/sites/{id}/enquiries/{enquiry}/words', {
      params: this.#of(enquiry)
    });
    if (data) this.#put(data);
    return data ? null : problemOf(error, response);
  }

  async askAgain(enquiry: Enquiry, day: string | null): Promise<Problem | null> {
    const { data, error, response } = await api.PUT('/api/sites/{id}/enquiries/{enquiry}/ask-again', {
      params: this.#of(enquiry),
      body: { day }
    });
    if (data) this.#put(data);
    return data ? null : problemOf(error, response);
  }

  async writeDown(said: { name: string; reach: string; service: string; message: string }): Promise<{
    made?: Enquiry;
    problem?: Problem;
  }> {
    const { data, error, response } = await api.POST('/api/sites/{id}/enquiries', {
      params: { path: { id: this.#site } },
      body: said
    });
    if (!data) return { problem: problemOf(error, response) };
    this.list = [data, ...(this.list ?? [])];
    return { made: data };
  }

  /** Deletes everything of one person. */
  async forget(person: string): Promise<Problem | null> {
    const { data, error, response } = await api.DELETE('/api/sites/{id}/enquiries', {
      params: { path: { id: this.#site }, query: { person } }
    });
    if (data) {
      const others = (each: Enquiry): boolean => each.person?.key !== person;
      this.#behind = this.#behind.filter(others);
      this.list = (this.list ?? []).filter(others);
    }
    return data ? null : problemOf(error, response);
  }

  #of(enquiry: Enquiry): { path: { id: string; enquiry: string } } {
    return { path: { id: this.#site, enquiry: enquiry.id } };
  }

  #put(enquiry: Enquiry): void {
    this.#behind = this.#behind.map((each) => (each.id === enquiry.id ? enquiry : each));
    this.list = (this.list ?? []).map((each) => (each.id === enquiry.id ? enquiry : each));
  }
}

/** Somebody, with all their messages, the newest first. */
export interface Person {
  key: string;
  messages: Enquiry[];
  last: Enquiry;
}

/** Words without case and accents, for finding them. */
function folded(words: string): string {
  return words.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().trim();
}

/** Who it is from: a form may not ask for the name. */
export function nameOf(enquiry: Enquiry): string {
  return answer(enquiry, 'name') || enquiry.person?.reach || say('enquiries.states.somebody');
}

/** What was answered to a question of the form. */
export function answer(enquiry: Enquiry, key: string): string {
  return enquiry.answers.find((each) => each.key === key)?.value ?? '';
}
