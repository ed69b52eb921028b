import { api, problemOf } from '../api/client';
import type { components } from '../api/schema';
import type { Edit } from '../document/edits';
import { session } from '../session.svelte';
import { unkeptWords, type Unkept } from './browserStore';
import { holdsWords, placeOf } from './place';
import { RETRY, waitOf } from './retry';
import { windowName, windowOf } from './windowName';

/**
 * How much of what was done the server has. `kept`: all of it. `onItsWay`: it will in a moment. `away`: the connection is
 * away. `signedOut`: it waits for a sign-in. `refused`: something cannot be. `met`: somebody else has changed the same.
 */
export type Keeping = 'kept' | 'onItsWay' | 'away' | 'often' | 'signedOut' | 'refused' | 'met';

type SentEdit = components['schemas']['SentEdit'];
type Answered = Promise<{ data?: unknown; error?: unknown; response: Response }>;

/** How the screen that is open sends edits, and what it makes of the answers. */
export interface Carrier {
  /** Revision the screen shows. */
  revision(): number;
  send(edit: SentEdit): Answered;
  /** An edit is kept; the answer shows the site after it. */
  taken(answer: unknown): void;
  /** What waits is other than it was, or the site may be: show it anew. */
  changed(anew: boolean): void;
  /** What the server has where an edit would put its words. */
  theirs(edit: Edit): string;
  /** Something could not be done and is not kept here either, since it holds no words. */
  said(words: string): void;
}

/** A pause this long ends what is one step back, in milliseconds. */
const PAUSE = 300;
/**
 * The one way to write: edits of one site in the order they were made, sent one after another. What the server does not
 * have yet lies in the browser's own store as well, so that no reload, closing, sign-out or refusal loses a word.
 */
export class Outbox {
  items = $state.raw<Unkept[]>([]);
  /** Whether anything was kept since the site was opened. */
  hasKept = $state(false);
  #trouble = $state<'' | 'away' | 'often' | 'signedOut'>('');

  // An outbox outlives the screens that read it: these are no deriveds, which would end with the screen they began on.

  /** Whether anything is on its way or will be by itself. */
  get waits(): boolean {
    return this.items.some((item) => item.state === 'typing' || item.state === 'waiting');
  }

  /** What needs the owner's word: refused, or met by somebody else's change. */
  get stopped(): Unkept[] {
    return this.items.filter((item) => item.state === 'refused' || item.state === 'met');
  }

  get keeping(): Keeping {
    if (this.#trouble) return this.#trouble;
    const stopped = this.stopped[0];
    if (stopped) return stopped.state === 'met' ? 'met' : 'refused';
    return this.waits ? 'onItsWay' : 'kept';
  }

  /** Names the window in keys: what one window sends never meets itself. */
  #window = windowName();
  /** The edit that was turned away for want of a session last, though there was one a moment later. */
  #sentAgain = '';
  #number = 0;
  #timers: Record<string, ReturnType<typeof setTimeout>> = {};
  #retry: ReturnType<typeof setTimeout> | undefined;
  #running: Promise<void> | undefined;
  #making: Answered | undefined;
  #carrier: Carrier | undefined;

  /**
   * @param site the site's id
   * @param fresh whether the server does not have the site yet; it is made with the first edit
   */
  constructor(
    readonly site: string,
    public fresh = false
  ) {}

  /** Brings back what was not kept when this browser was last at the site. */
  async restore(): Promise<void> {
    const stored = await unkeptWords.of(this.site);
    const here = this.items.map((item) => item.key);
    const back = stored
      .filter((item) => !here.includes(item.key))
      .map((item) => (item.state === 'typing' ? this.#adopted(item) : item));
    if (!back.length) return;
    this.fresh ||= back.some((item) => item.fresh);
    // What is typed here from now on goes on with what comes back, as in the window it was typed in.
    const last = back.at(-1);
    if (last) this.#window = windowOf(last);
    this.items = [...back, ...this.items];
  }

  /**
   * Words that were being typed, as an edit of this window: another one may be open still and go on with its own, and an
   * edit sent twice under one key would be taken once.
   */
  #adopted(item: Unkept): Unkept {
    const adopted: Unkept = { ...item, key: `${windowOf(item)}.${crypto.randomUUID()}`, state: 'waiting' };
    void unkeptWords.drop(item.key);
    void unkeptWords.put(adopted);
    return adopted;
  }

  /** The screen that is open sends from now on; answers how it stops. */
  carry(carrier: Carrier): () => void {
    this.#carrier = carrier;
    return () => {
      if (this.#carrier === carrier) this.#carrier = undefined;
    };
  }

  /** Takes what is being typed in a place; it is sent after a pause. */
  type(place: string, edit: Edit): void {
    clearTimeout(this.#timers[place]);
    this.#timers[place] = setTimeout(() => this.#pause(place), PAUSE);
    this.#put(place, edit, 'typing');
  }

  /** Nothing is typed in a place any more. */
  untype(place: string): void {
    clearTimeout(this.#timers[place]);
    delete this.#timers[place];
    this.items
      .filter((item) => item.place === place && item.state === 'typing')
      .forEach((item) => this.#drop(item));
  }

  /** Holds words that cannot be kept as they are, where they were typed. */
  hold(place: string, edit: Edit, reason: string): void {
    clearTimeout(this.#timers[place]);
    delete this.#timers[place];
    this.#put(place, edit, 'refused', reason);
  }

  /** Takes an edit that is done; it is sent at once. */
  add(edit: Edit): void {
    const place = placeOf(edit);
    this.#letGoOf(place);
    this.#store(this.#item(place, edit, 'waiting'));
    void this.keep();
  }

  /** Sends all that waits; answers when all of it is kept, or something is in the way. */
  keep(): Promise<void> {
    for (const place of Object.keys(this.#timers)) this.#pause(place, false);
    clearTimeout(this.#retry);
    this.#running ??= this.#sendAll().finally(() => {
      this.#running = undefined;
      // Something came after the last was sent and before this: nobody else would send it.
      if (!this.#trouble && this.#next()) return this.keep();
    });
    return this.#running;
  }

  /** Sends an edit again that somebody else's change was in the way of: it is meant all the same. */
  insist(item: Unkept): void {
    this.#drop(item);
    this.add(item.edit);
  }

  /** Lets words go that could not be kept. */
  letGo(item: Unkept): void {
    this.#drop(item);
    this.#carrier?.changed(true);
  }

  /** What somebody else has made of the place an edit is about. */
  theirs(item: Unkept): string {
    return this.#carrier?.theirs(item.edit) ?? '';
  }

  /** Words were typed again where others had been refused: those are let go. */
  replaced(places: string[]): void {
    this.stopped.filter((item) => places.includes(item.place)).forEach((item) => this.#drop(item));
  }

  /** The screen could not be loaded, or could be again. */
  meets(trouble: '' | 'away' | 'signedOut'): void {
    this.#trouble = trouble;
  }

  #item(place: string, edit: Edit, state: Unkept['state'], reason = ''): Unkept {
    return {
      key: `${this.#window}.${crypto.randomUUID()}`,
      site: this.site,
      fresh: this.fresh,
      at: Date.now() + ++this.#number / 1000,
      revision: this.#carrier?.revision() ?? 0,
      place,
      edit,
      state,
      reason
    };
  }

  /** What is typed in a place again goes on with what was typed there, as one edit. */
  #put(place: string, edit: Edit, state: 'typing' | 'refused', reason = ''): void {
    const before = this.items.find((item) => item.place === place && item.state === 'typing');
    this.#letGoOf(place, before);
    this.#store(before ? { ...before, edit, state, reason } : this.#item(place, edit, state, reason));
  }

  #letGoOf(place: string, but?: Unkept): void {
    if (!place) return;
    this.items
      .filter((item) => item.place === place && item !== but && item.state !== 'waiting')
      .forEach((item) => this.#drop(item));
  }

  #store(item: Unkept): void {
    const known = this.items.some((each) => each.key === item.key);
    this.items = known
      ? this.items.map((each) => (each.key === item.key ? item : each))
      : [...this.items, item];
    void unkeptWords.put($state.snapshot(item) as Unkept);
  }

  #drop(item: Unkept): void {
    this.items = this.items.filter((each) => each.key !== item.key);
    void unkeptWords.drop(item.key);
  }

  #pause(place: string, send = true): void {
    clearTimeout(this.#timers[place]);
    delete this.#timers[place];
    const item = this.items.find((each) => each.place === place && each.state === 'typing');
    if (item) this.#store({ ...item, state: 'waiting' });
    if (send) void this.keep();
  }

  async #sendAll(): Promise<void> {
    for (let next = this.#next(); next; next = this.#next()) {
      if (!(await this.#send(next))) return;
    }
  }

  #next(): Unkept | undefined {
    return this.items.find((item) => item.state === 'waiting');
  }

  /**
   * Makes the site on the server if it is not there yet; answers it as it was made. Who asks while it is being made gets
   * the same answer: a second one would take the browser another key, which does not open it.
   */
  async begin(): Promise<Awaited<Answered> | null> {
    if (!this.fresh) return null;
    this.#making ??= api
      .POST('/api/sites', { body: { id: this.site } })
      .then((made) => {
        if (made.data) this.fresh = false;
        return made;
      })
      .finally(() => (this.#making = undefined));
    return this.#making;
  }

  /** Whether the next can be sent after this one. */
  async #send(item: Unkept): Promise<boolean> {
    const made = await this.begin();
    if (made && !made.data) return this.#failed(item, made.error, made.response);
    const carrier = this.#carrier;
    const body = { revision: item.revision, key: item.key, edit: item.edit } as unknown as SentEdit;
    const { data, error, response } = await (carrier ?? this.#alone()).send(body);
    if (!data) return this.#failed(item, error, response);
    this.#trouble = '';
    this.#drop(item);
    this.hasKept = true;
    carrier?.taken(data);
    return true;
  }

  async #failed(item: Unkept, error: unknown, response: Response): Promise<boolean> {
    const { status } = response;
    if (status >= 500) return this.#stop('away');
    if (status === 429) return this.#stop('often', waitOf(response));
    if (status === 401 || status === 403) {
      await session.load();
      if (!session.isIn) return this.#stop('signedOut');
      // Signed in meanwhile: it goes once more, with the session there is now.
      if (this.#sentAgain !== item.key) {
        this.#sentAgain = item.key;
        return true;
      }
      if (status === 401) return this.#stop('away');
    }
    this.#trouble = '';
    const reason = problemOf(error, response).detail;
    if (item.edit.kind === 'several') {
      this.#takeApart(item);
    } else if (holdsWords(item.edit)) {
      const state = status === 409 ? 'met' : 'refused';
      this.#store({ ...item, place: placeOf(item.edit), state, reason });
      this.#carrier?.changed(true);
    } else {
      this.#drop(item);
      this.#carrier?.said(reason);
      this.#carrier?.changed(true);
    }
    return true;
  }

  /** Of several edits that cannot be one step, those that can be are kept. */
  #takeApart(item: Unkept): void {
    if (item.edit.kind !== 'several') return;
    const { key, at } = item;
    const parts = item.edit.edits.map((edit, index) => {
      return { ...item, key: `${key}-${index}`, at: at + index / 1e6, place: placeOf(edit), edit };
    });
    this.items = this.items.flatMap((each) => (each.key === item.key ? parts : [each]));
    parts.forEach((part) => void unkeptWords.put($state.snapshot(part) as Unkept));
    void unkeptWords.drop(item.key);
  }

  #stop(trouble: 'away' | 'often' | 'signedOut', retry = RETRY): boolean {
    this.#trouble = trouble;
    clearTimeout(this.#retry);
    if (trouble !== 'signedOut') this.#retry = setTimeout(() => void this.keep(), retry);
    return false;
  }

  /** Where no screen of the site is open that shows its words. */
  #alone(): Pick<Carrier, 'send'> {
    return {
      send: (body) => api.POST('/api/sites/{id}/sheet/edits', { params: { path: { id: this.site } }, body })
    };
  }
}
