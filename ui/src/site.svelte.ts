import { api, type KeptSheet, type Sheet, type SiteView } from './api/client';
import type { Edit } from './document/edits';
import { applyToSheet, difference, lineOf } from './document/sheetEdits';
import { lastKnown } from './keeping/browserStore';
import type { Carrier, Outbox } from './keeping/outbox.svelte';
import { outboxOf } from './keeping/outboxes';
import { placeOf } from './keeping/place';
import { session } from './session.svelte';
import { emptySheet, LINES } from './sheet';

/** Where words typed on the sheet wait; one edit, however many lines it touches. */
const PLACE = 'sheet';
const RETRY = 2500;

/**
 * How far a site is open. `new`: nothing was typed yet. `away`: nothing is known of it here and the connection is away.
 */
export type Openness = 'new' | 'opening' | 'open' | 'away' | 'signedOut' | 'missing';

/**
 * One site while it is being worked on. What is typed stands in {@link sheet} at once and goes to the {@link outbox} as
 * edits; answers bring in what somebody else has changed and leave what is being typed.
 */
export class SiteState {
  view = $state<SiteView | null>(null);
  sheet = $state<Sheet>(emptySheet());
  openness = $state<Openness>('new');
  outbox = $state.raw<Outbox | null>(null);
  /** What the last edit of the sheet was answered with; holds as long as the site is at its revision. */
  kept = $state.raw<KeptSheet | null>(null);

  #retry: ReturnType<typeof setTimeout> | undefined;
  #stop: () => void = () => undefined;

  /** The site's id; empty while nothing was typed on a new sheet. */
  get id(): string {
    return this.outbox?.site ?? '';
  }

  /** Opens a site that is there already, as long as a screen shows it; answers how it is left. */
  open(id: string): () => void {
    void this.load(id);
    return () => this.leave();
  }

  /** Stops asking and sending for this screen. What waits is sent all the same. */
  leave(): void {
    clearTimeout(this.#retry);
    this.#stop();
  }

  async load(id: string): Promise<void> {
    if (id !== this.id) {
      this.view = null;
      this.openness = 'opening';
    }
    this.#carry(outboxOf(id));
    await this.outbox?.restore();
    await this.reload();
    if (this.openness === 'open') void this.outbox?.keep();
  }

  /** Asks for the site as it is now; what cannot be had is tried again by itself. */
  async reload(): Promise<void> {
    const { id, outbox } = this;
    if (!outbox) return;
    clearTimeout(this.#retry);
    const { data, response } = await api.GET('/api/sites/{id}', { params: { path: { id } } });
    if (id !== this.id) return;
    if (data) {
      outbox.meets('');
      this.#show(data as SiteView);
    } else if (outbox.fresh && outbox.items.length) {
      if (response.status >= 500) outbox.meets('away');
      this.#showTyped();
    } else if (response.status === 404) {
      this.openness = 'missing';
    } else if (response.status === 401) {
      await session.load();
      // Signed in meanwhile: it is asked for again, with the session there is now.
      if (session.isIn) return this.#again();
      if (!this.view) this.openness = 'signedOut';
      outbox.meets('signedOut');
    } else {
      await this.#away();
    }
  }

  async #away(): Promise<void> {
    const { id, outbox } = this;
    outbox?.meets('away');
    if (!this.view) {
      const known = await lastKnown.get<SiteView>(`site/${id}`);
      if (known) this.#show(known);
      else this.openness = 'away';
    }
    this.#again();
  }

  #again(): void {
    this.#retry = setTimeout(() => void this.reload(), RETRY);
  }

  /** The outbox; a new sheet has one from the first thing done on it. */
  #begun(): Outbox {
    if (!this.outbox) {
      this.#carry(outboxOf(crypto.randomUUID(), true));
      this.openness = 'open';
    }
    return this.outbox as unknown as Outbox;
  }

  /** For what needs the site on the server, though nothing may be typed yet; answers whether it is there. */
  async ready(): Promise<boolean> {
    const outbox = this.#begun();
    const made = await outbox.begin();
    if (made?.data) this.#show(made.data as SiteView);
    await outbox.keep();
    return this.view !== null;
  }

  /** Call after every change of the sheet. */
  changed(): void {
    const outbox = this.#begun();
    const typed = $state.snapshot(this.sheet);
    const edits = difference(this.#without(PLACE), typed);
    outbox.replaced(edits.map(placeOf).filter((place) => place !== ''));
    const [only] = edits;
    if (!only) outbox.untype(PLACE);
    else outbox.type(PLACE, edits.length === 1 ? only : { kind: 'several', edits });
  }

  /** Keeps what was typed now; answers when all of it is kept, or something is in the way. */
  async keep(): Promise<void> {
    await this.outbox?.keep();
  }

  /** Whether a word is not kept yet. */
  get waits(): boolean {
    return this.outbox?.waits ?? false;
  }

  /** The sheet as it will be once all that waits is kept, but for what is being typed in one place. */
  #without(place: string): Sheet {
    const base = this.view ? ($state.snapshot(this.view.sheet) as Sheet) : emptySheet();
    return (this.outbox?.items ?? [])
      .filter((item) => !(item.place === place && item.state === 'typing'))
      .reduce((sheet, item) => applyToSheet(sheet, item.edit), base);
  }

  #carry(outbox: Outbox): void {
    this.#stop();
    const carrier: Carrier = {
      revision: () => this.view?.revision ?? 0,
      send: (body) =>
        api.POST('/api/sites/{id}/sheet/edits', { params: { path: { id: outbox.site } }, body }),
      taken: (answer) => this.#take(answer as KeptSheet),
      changed: (anew) => (anew ? void this.reload() : this.#settle()),
      theirs: (edit: Edit) =>
        edit.kind === 'setLine' && this.view ? lineOf(this.view.sheet, edit.path) : '',
      said: () => undefined
    };
    this.outbox = outbox;
    this.#stop = outbox.carry(carrier);
  }

  #take(kept: KeptSheet): void {
    this.kept = kept;
    this.#show(kept.site);
  }

  #show(view: SiteView): void {
    this.view = view;
    this.openness = 'open';
    void lastKnown.put(`site/${view.id}`, $state.snapshot(this.view));
    this.#settle();
  }

  /** A site that only this browser has so far. */
  #showTyped(): void {
    this.openness = 'open';
    this.#settle();
  }

  /** Brings in what is other than what stands here: a line at a time, so that no cursor moves without need. */
  #settle(): void {
    const next = this.#without('');
    const { sheet } = this;
    for (const name of LINES)
      if (sheet.lines[name] !== next.lines[name]) sheet.lines[name] = next.lines[name];
    sheet.region = next.region;
    sheet.seed = next.seed;
    if (sheet.links.join('\n').trimEnd() !== next.links.join('\n')) sheet.links = next.links;
    for (const part of ['services', 'rows', 'practices', 'denied', 'hidden'] as const) {
      if (!same(sheet[part], next[part])) (sheet as unknown as Record<string, unknown>)[part] = next[part];
    }
  }
}

function same(one: unknown, other: unknown): boolean {
  return JSON.stringify($state.snapshot(one), sorted) === JSON.stringify(other, sorted);
}

/** Names in one order, so that two rows are the same whatever order theirs are in. */
function sorted(_: string, value: unknown): unknown {
  return value && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)))
    : value;
}
