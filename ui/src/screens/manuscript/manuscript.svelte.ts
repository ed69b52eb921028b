import { api, problemOf, type Manuscript, type ShopfrontChange } from '../../api/client';
import { apply, sectionsOf, textsOf, type Edit } from '../../document/edits';
import type { Block, Kind, Section, Site } from '../../document/types';
import type { components } from '../../api/schema';
import type { Keeping } from '../../site.svelte';

/** A pause this long ends what is one step back. */
const PAUSE = 300;
const RETRY = 2500;

const NOTHING: Kind = {
  words: '',
  known: true,
  slots: [],
  layouts: [],
  facts: [],
  rows: '',
  door: '',
  first: false,
  worded: false,
  everywhere: false
};

interface Waiting {
  key: string;
  edit: Edit;
}

interface Answer {
  manuscript: unknown;
  shopfront: ShopfrontChange;
  aside: boolean;
}

/** What the screen around a manuscript does when something has happened. */
export interface Listener {
  /** The shopfront can be brought to the newest revision. */
  drawn(change: ShopfrontChange): void;
  /** Something could not be done, or was done in another way; words for the owner. */
  said(words: string, wrong: boolean): void;
}

/**
 * One manuscript while it is being worked on. Words stand where they are typed at once; they are sent after a pause, one
 * edit after another, and wait here while the connection is away. What somebody else has changed meanwhile comes with
 * the answers.
 */
export class ManuscriptState {
  /** As the server has it. */
  view = $state.raw<Manuscript | null>(null);
  keeping = $state<Keeping>('kept');
  hasKept = $state(false);
  /** Section that is chosen on both sides. */
  chosen = $state('');

  #queue = $state.raw<Waiting[]>([]);
  #typed = $state.raw<Record<string, Block[]>>({});
  #held = $state.raw<string[]>([]);
  #timers: Record<string, ReturnType<typeof setTimeout>> = {};
  #retry: ReturnType<typeof setTimeout> | undefined;
  #running: Promise<void> | undefined;

  /** As it will be once all that waits here is kept. */
  site = $derived.by<Site | null>(() => {
    if (!this.view) return null;
    return this.#queue.reduce((site, waiting) => apply(site, waiting.edit), this.view.site);
  });
  sections = $derived<Section[]>(this.site ? sectionsOf(this.site) : []);
  /** Words of ours nobody has confirmed yet. */
  suggested = $derived(
    this.sections.flatMap(textsOf).filter((text) => text.mark === 'SUGGESTED' && !this.isTyped(text.id))
  );
  /** Whether anything has not been kept yet. */
  waits = $derived(this.#queue.length > 0 || Object.keys(this.#typed).length > 0);

  constructor(
    readonly id: string,
    readonly listener: Listener
  ) {}

  async load(): Promise<boolean> {
    try {
      const { data, response } = await api.GET('/api/sites/{id}/manuscript', {
        params: { path: { id: this.id } }
      });
      if (data) this.view = data as unknown as Manuscript;
      else if (response.status >= 500) this.keeping = 'waiting';
      return !!data;
    } catch {
      this.keeping = 'waiting';
      return false;
    }
  }

  /** How a fact is said inside words; empty when it is missing. */
  say = (fact: string, facet: string): string =>
    this.view?.facts.find((each) => each.id === fact)?.facets.find((each) => each.facet === facet)?.says ??
    '';

  /** What the kind of a section is; one that the server has not told of yet has nothing. */
  kindOf(section: Section): Kind {
    return this.view?.kinds[section.kind] ?? NOTHING;
  }

  /** What the owner calls a section; of several of one kind the later ones have their number. */
  nameOf(section: Section): string {
    const same = this.sections.filter((each) => each.kind === section.kind);
    const number = same.findIndex((each) => each.id === section.id) + 1;
    return number > 1 ? `${this.kindOf(section).words} ${number}` : this.kindOf(section).words;
  }

  /** Name of the file on which a section stands in the shopfront; empty for head and foot. */
  fileOf(section: string): string {
    const page = this.site?.pages.find((each) => each.sections.some((one) => one.id === section));
    return page ? `${page.slug || 'index'}.html` : '';
  }

  /** Whether words of a text wait here, or are held because they cannot be kept as they are. */
  isTyped(text: string): boolean {
    return (
      text in this.#typed ||
      this.#held.includes(text) ||
      this.#queue.some((waiting) => waiting.edit.kind === 'setText' && waiting.edit.text === text)
    );
  }

  /** Leaves words where they are typed and sends nothing, as long as they are too many. */
  hold(text: string): void {
    this.#held = [...this.#held.filter((each) => each !== text), text];
    clearTimeout(this.#timers[text]);
    delete this.#timers[text];
    const { [text]: dropped, ...rest } = this.#typed;
    if (dropped) this.#typed = rest;
  }

  /** Takes words as they are typed; they are sent after a pause. */
  type(text: string, tree: Block[]): void {
    this.#held = this.#held.filter((each) => each !== text);
    this.#typed = { ...this.#typed, [text]: tree };
    this.keeping = 'keeping';
    clearTimeout(this.#timers[text]);
    this.#timers[text] = setTimeout(() => this.#pause(text), PAUSE);
  }

  #pause(text: string): void {
    clearTimeout(this.#timers[text]);
    delete this.#timers[text];
    const { [text]: tree, ...rest } = this.#typed;
    this.#typed = rest;
    if (tree) this.edit({ kind: 'setText', text, mark: 'OWN', tree });
  }

  edit(edit: Edit): void {
    this.#queue = [...this.#queue, { key: crypto.randomUUID(), edit }];
    this.keeping = this.keeping === 'waiting' ? 'waiting' : 'keeping';
    void this.keep();
  }

  /** Sends all that waits; answers when all of it is kept, or the connection is away. */
  keep(): Promise<void> {
    for (const text of Object.keys(this.#timers)) this.#pause(text);
    clearTimeout(this.#retry);
    this.#running ??= this.#keepAll().finally(() => (this.#running = undefined));
    return this.#running;
  }

  async #keepAll(): Promise<void> {
    for (let next = this.#queue[0]; next; next = this.#queue[0]) {
      if (!(await this.#send(next))) return;
    }
    if (!this.waits) this.keeping = 'kept';
  }

  async #send(waiting: Waiting): Promise<boolean> {
    try {
      const { data, error, response } = await api.POST('/api/sites/{id}/edits', {
        params: { path: { id: this.id } },
        body: {
          revision: this.view?.revision ?? 0,
          key: waiting.key,
          edit: waiting.edit as unknown as components['schemas']['Edit']
        }
      });
      if (data) {
        this.#take(data as unknown as Answer, () => this.#drop(waiting));
        return true;
      }
      if (response.status >= 500 || response.status === 429) throw new Error(String(response.status));
      this.#drop(waiting);
      this.listener.said(problemOf(error, response).detail, true);
      await this.load();
      return true;
    } catch {
      this.keeping = 'waiting';
      this.#retry = setTimeout(() => void this.keep(), RETRY);
      return false;
    }
  }

  #drop(waiting: Waiting): void {
    this.#queue = this.#queue.filter((each) => each !== waiting);
  }

  #take(answer: Answer, before: () => void = () => undefined): void {
    before();
    this.view = answer.manuscript as Manuscript;
    this.hasKept = true;
    this.listener.drawn(answer.shopfront);
    if (answer.aside) {
      this.listener.said('Somebody else has changed these words. Yours are kept beside them.', false);
    }
  }

  undo(): Promise<void> {
    return this.#ask('/api/sites/{id}/undo', {});
  }

  redo(): Promise<void> {
    return this.#ask('/api/sites/{id}/redo', {});
  }

  draftAgain(section: string): Promise<void> {
    return this.#ask('/api/sites/{id}/sections/{section}/draft', { section });
  }

  /** Drafts the whole site again; own and confirmed words stay. */
  draftWhole(): Promise<void> {
    return this.#ask('/api/sites/{id}/draft', {});
  }

  /** Puts other words of ours in a text. */
  choose(text: string, tone: string, says: string): Promise<void> {
    return this.#ask('/api/sites/{id}/texts/{text}/wording', { text }, { tone, says });
  }

  /** Puts a section on the page and answers its id; empty when it could not be. */
  async add(kind: string): Promise<string> {
    const before = this.sections.map((section) => section.id);
    await this.#ask('/api/sites/{id}/sections', {}, { kind });
    return this.sections.find((section) => !before.includes(section.id))?.id ?? '';
  }

  fix(rule: string, section: string, text: string): Promise<void> {
    return this.#ask('/api/sites/{id}/fixes', {}, { rule, section, text });
  }

  /** Lets words go that were kept aside. */
  async letGo(aside: string): Promise<void> {
    await api.DELETE('/api/sites/{id}/asides/{aside}', { params: { path: { id: this.id, aside } } });
    await this.load();
  }

  async takeAside(aside: string, text: string, tree: Block[]): Promise<void> {
    this.edit({ kind: 'setText', text, mark: 'OWN', tree });
    await this.keep();
    await this.letGo(aside);
  }

  /** Asks for something only the server can do, after all that waits here. */
  async #ask(path: string, more: Record<string, string>, body: Record<string, unknown> = {}): Promise<void> {
    await this.keep();
    if (this.waits) {
      this.listener.said('The connection is away. Try again when all is kept.', true);
      return;
    }
    try {
      const post = api.POST as unknown as (
        path: string,
        options: unknown
      ) => Promise<{ data?: Answer; error?: unknown; response: Response }>;
      const { data, error, response } = await post(path, {
        params: { path: { id: this.id, ...more } },
        body: { revision: this.view?.revision ?? 0, ...body }
      });
      if (data) this.#take(data);
      else this.listener.said(problemOf(error, response).detail, true);
    } catch {
      this.listener.said('The connection is away. Try again in a moment.', true);
    }
  }

  /** Looks whether somebody else has changed the site; true when there is something new. */
  async lookAround(): Promise<boolean> {
    if (this.waits || !this.view) return false;
    try {
      const { data } = await api.GET('/api/sites/{id}/revision', { params: { path: { id: this.id } } });
      if (!data || data.revision === this.view.revision || this.waits) return false;
      return await this.load();
    } catch {
      return false;
    }
  }
}
