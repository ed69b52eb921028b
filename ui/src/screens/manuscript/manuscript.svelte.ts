import { api, problemOf, type Manuscript, type ShopfrontChange, type Snag } from '../../api/client';
import type { components } from '../../api/schema';
import { apply, sectionsOf, textsOf, type Edit } from '../../document/edits';
import type { Block, Kind, Section, Site } from '../../document/types';
import { lastKnown } from '../../keeping/browserStore';
import type { Outbox } from '../../keeping/outbox.svelte';
import { outboxOf } from '../../keeping/outboxes';
import { Turns } from '../../keeping/turns';
import { typedLines, typedTexts } from './typedHere';
import { session } from '../../session.svelte';
import { say } from '../../words/say';

/** When words that are being read for slips are looked at again, in milliseconds. */
const LOOK_AGAIN = 4000;

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

/** What a step was about, and where. */
export type Told = components['schemas']['Told'];

interface Answer {
  manuscript: unknown;
  shopfront: ShopfrontChange;
  aside: boolean;
  told?: Told | null;
}

/** What the screen around a manuscript does when something has happened. */
export interface Listener {
  /** The shopfront can be brought to the newest revision. */
  drawn(change: ShopfrontChange): void;
  /** Something could not be done, or was done in another way; words for the owner. */
  said(words: string, wrong: boolean): void;
  /** The last step was made on Look, and is taken back there. */
  toLook(): void;
}

/**
 * One manuscript while it is being worked on. Words stand where they are typed at once; the {@link outbox} sends them.
 * What somebody else has changed meanwhile comes with the answers.
 */
export class ManuscriptState {
  /** As the server has it. */
  view = $state.raw<Manuscript | null>(null);
  /** Section that is chosen on both sides. */
  chosen = $state('');

  readonly outbox: Outbox;
  #told: Told | null = null;
  #soon: ReturnType<typeof setTimeout> | undefined;

  /** As it will be once all that waits here is kept. */
  site = $derived.by<Site | null>(() => {
    if (!this.view) return null;
    return this.outbox.items.reduce((site, item) => apply(site, item.edit), this.view.site);
  });
  sections = $derived<Section[]>(this.site ? sectionsOf(this.site) : []);
  #typedLines = $derived.by(() => typedLines(this.outbox.items));
  #typedTexts = $derived.by(() => typedTexts(this.outbox.items));

  /** Words of ours nobody has confirmed yet. */
  suggested = $derived(
    this.sections.flatMap(textsOf).filter((text) => text.mark === 'SUGGESTED' && !this.isTyped(text.id))
  );

  /** Words kept aside whose text is not on the page any more. */
  orphans = $derived.by(() => {
    const texts = this.sections.flatMap(textsOf).map((text) => text.id);
    return this.view?.asides.filter((aside) => !texts.includes(aside.text)) ?? [];
  });

  constructor(
    readonly id: string,
    readonly listener: Listener
  ) {
    this.outbox = outboxOf(id);
  }

  /** Whether anything is on its way still. */
  get waits(): boolean {
    return this.outbox.waits;
  }

  /** Sends from here as long as the screen is open; answers how that ends. */
  open(): () => void {
    const stop = this.outbox.carry({
      revision: () => this.view?.revision ?? 0,
      send: (body) => api.POST('/api/sites/{id}/edits', { params: { path: { id: this.id } }, body }),
      taken: (answer) => this.#take(answer as Answer),
      changed: (anew) => anew && void this.load(),
      theirs: (edit) => (edit.kind === 'setLine' ? this.#lineOf(edit.path) : ''),
      said: (words) => this.listener.said(words, true)
    });
    let closed = false;
    void this.outbox
      .restore()
      .then(() => closed || this.load())
      .then(() => this.outbox.keep());
    return () => {
      closed = true;
      clearTimeout(this.#soon);
      void this.outbox.keep();
      stop();
    };
  }

  async load(): Promise<boolean> {
    const { data, response } = await api.GET('/api/sites/{id}/manuscript', {
      params: { path: { id: this.id } }
    });
    if (data) {
      this.#show(data as unknown as Manuscript);
      this.outbox.meets('');
    } else if (response.status === 401) {
      await session.load();
      this.outbox.meets('signedOut');
    } else if (response.status >= 500) await this.#away();
    return !!data;
  }

  async #away(): Promise<void> {
    this.outbox.meets('away');
    this.view ??= (await lastKnown.get<Manuscript>(`manuscript/${this.id}`)) ?? null;
  }

  #show(view: Manuscript): void {
    this.view = view;
    this.#lookAgain(view.isReading);
    void lastKnown.put(`manuscript/${this.id}`, view);
  }

  /** Words that are being read for slips are known in a moment. */
  #lookAgain(isReading: boolean): void {
    clearTimeout(this.#soon);
    if (isReading) this.#soon = setTimeout(() => !this.waits && void this.load(), LOOK_AGAIN);
  }

  #lineOf(path: string): string {
    const [kind, id, name] = path.split('/');
    if (kind !== 'service') return this.view?.facts.find((each) => each.line === path)?.typed ?? '';
    const service = this.view?.services.find((each) => each.typed.id === id)?.typed;
    return service?.[name as 'name' | 'summary' | 'price' | 'minutes'] ?? '';
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
    return this.#typedTexts.split(' ').includes(text);
  }

  /** Why words of a text are not kept; empty when nothing stands in the way. */
  refusal(text: string): string {
    return this.outbox.stopped.find((item) => item.place === `text/${text}`)?.reason ?? '';
  }

  /** Leaves words where they are typed and sends nothing, as long as they are too many. */
  hold(text: string, tree: Block[], reason: string): void {
    this.outbox.hold(`text/${text}`, { kind: 'setText', text, mark: 'OWN', tree }, reason);
  }

  /** Takes words as they are typed; they are sent after a pause. */
  type(text: string, tree: Block[]): void {
    this.outbox.type(`text/${text}`, { kind: 'setText', text, mark: 'OWN', tree });
  }

  /** Takes words of a line of the facts sheet as they are typed. */
  typeLine(path: string, words: string): void {
    this.outbox.type(`line/${path}`, { kind: 'setLine', path, words });
  }

  /** What is typed on a line and not kept yet. */
  typedLine(path: string): string | undefined {
    return this.#typedLines[path];
  }

  edit(edit: Edit): void {
    this.outbox.add(edit);
  }

  /** Moves a section by one place on its page; answers whether there was room. */
  moveSection(id: string, by: -1 | 1): boolean {
    const page = this.site?.pages.find((each) => each.sections.some((section) => section.id === id));
    const at = page?.sections.findIndex((section) => section.id === id) ?? -1;
    if (!page || at < 0 || !page.sections[at + by]) return false;
    const after = page.sections[by < 0 ? at - 2 : at + 1]?.id ?? '';
    this.edit({ kind: 'moveSection', section: id, to: { page: page.id, after } });
    return true;
  }

  /** Sends all that waits; answers when all of it is kept, or something is in the way. */
  keep(): Promise<void> {
    return this.outbox.keep();
  }

  #take(answer: Answer): void {
    this.#show(answer.manuscript as Manuscript);
    this.#told = answer.told ?? null;
    this.listener.drawn(answer.shopfront);
    if (answer.aside) {
      this.listener.said(
        this.orphans.length > 0
          ? say('manuscript.manuscript.somebodyElseHasTakenThis')
          : say('manuscript.manuscript.somebodyElseHasChangedThese'),
        false
      );
    }
  }

  /** Takes the last step back, and answers where it was. Words that could not be kept are the last step. */
  async undo(): Promise<Told | null> {
    const refused = this.outbox.stopped.at(-1);
    if (!refused) return this.#step('/api/sites/{id}/undo', say('manuscript.manuscript.takenBack'));
    const text = refused.edit.kind === 'setText' ? refused.edit.text : '';
    this.outbox.letGo(refused);
    this.listener.said(say('manuscript.manuscript.takenBackWordsThatWere'), false);
    return { words: '', screen: 'PAGE', section: this.#sectionOf(text), text };
  }

  redo(): Promise<Told | null> {
    return this.#step('/api/sites/{id}/redo', say('manuscript.manuscript.doneAgain'));
  }

  async #step(path: string, said: string): Promise<Told | null> {
    this.#told = null;
    await this.#ask(path, {}, { screen: 'PAGE' });
    const told = this.#told as Told | null;
    if (told?.words) this.listener.said(`${said}: ${told.words}.`, false);
    return told;
  }

  #sectionOf(text: string): string {
    return this.sections.find((each) => textsOf(each).some((one) => one.id === text))?.id ?? '';
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

  /** @param leave whether it is right as it is; else it is put right */
  fix({ rule, section, text }: Snag, leave = false): Promise<void> {
    return this.#ask('/api/sites/{id}/fixes', {}, { rule, section, text, leave });
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

  readonly #turns = new Turns();

  /** Asks for something only the server can do, after all that waits here and all that was asked before. */
  #ask(path: string, more: Record<string, string>, body: Record<string, unknown> = {}): Promise<void> {
    return this.#turns.ask(() => this.#askNow(path, more, body));
  }

  async #askNow(path: string, more: Record<string, string>, body: Record<string, unknown>): Promise<void> {
    await this.keep();
    if (this.waits) {
      this.listener.said(say('manuscript.manuscript.theConnectionIsAwayTry'), true);
      return;
    }
    const post = api.POST as unknown as (
      path: string,
      options: unknown
    ) => Promise<{ data?: Answer; error?: unknown; response: Response }>;
    const { data, error, response } = await post(path, {
      params: { path: { id: this.id, ...more } },
      body: { revision: this.view?.revision ?? 0, ...body }
    });
    if (data) {
      this.outbox.hasKept = true;
      this.#take(data);
      return;
    }
    const problem = problemOf(error, response);
    this.listener.said(problem.detail, problem.field !== 'elsewhere');
    if (problem.field === 'elsewhere') this.listener.toLook();
  }

  /** Looks whether somebody else has changed the site; true when there is something new. */
  async lookAround(): Promise<boolean> {
    if (this.waits) return false;
    if (!this.view) return this.load();
    const { data, response } = await api.GET('/api/sites/{id}/revision', {
      params: { path: { id: this.id } }
    });
    if (response.status === 401) this.outbox.meets('signedOut');
    if (response.status >= 500) this.outbox.meets('away');
    if (!data || this.waits) return false;
    this.outbox.meets('');
    return data.revision === this.view.revision ? false : this.load();
  }
}
