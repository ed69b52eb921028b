import { api, problemOf } from '../../api/client';
import type { SiteState } from '../../site.svelte';
import { take, unseen, type Findings, type Proposal } from './take';
import { say } from '../../words/say';

/** What became of something found: how to take it back, or null where it was left. */
export interface Became {
  back: (() => void) | null;
}

type Answered = Promise<{ data?: Findings; error?: unknown; response: Response }>;

/** What an owner pasted: being read, what was found in it, and what became of each. Nothing is taken by itself. */
export class PasteState {
  /** As large as a file may be, in bytes; the server says the same. */
  static readonly LARGEST_FILE = 8 * 1024 * 1024;

  reading = $state(false);
  fault = $state('');
  findings = $state<Findings | null>(null);
  done = $state<Record<string, Became>>({});
  /** Id of the proposal that was pointed at in the source. */
  chosen = $state('');

  readonly open = $derived((this.findings?.proposals ?? []).filter((each) => each.standing !== 'SAME'));
  readonly ready = $derived(unseen(this.open.filter((each) => !this.done[each.id])));

  readonly #site: SiteState;

  constructor(site: SiteState) {
    this.#site = site;
  }

  readText(text: string): Promise<void> {
    return this.#read((id) =>
      api.POST('/api/sites/{id}/paste', { params: { path: { id } }, body: { text } })
    );
  }

  async readFile(file: File): Promise<void> {
    if (file.size > PasteState.LARGEST_FILE) {
      this.fault = say('facts.paste.thisFileIsLargerThan');
      return;
    }
    const form = new FormData();
    form.append('file', file);
    await this.#read((id) =>
      api.POST('/api/sites/{id}/paste/file', {
        params: { path: { id } },
        body: form as never,
        bodySerializer: (body) => body as unknown as FormData
      })
    );
  }

  /** A site comes into being with the first thing read, as with the first thing typed. */
  async #read(send: (site: string) => Answered): Promise<void> {
    this.fault = '';
    this.reading = true;
    try {
      if (!(await this.#site.ready()) || !this.#site.view) throw new Error('away');
      const { data, error, response } = await send(this.#site.view.id);
      if (data) {
        this.findings = data;
        this.done = {};
      } else {
        this.fault = problemOf(error, response).detail;
      }
    } catch {
      this.fault = say('facts.paste.thereIsNoConnectionWhat');
    } finally {
      this.reading = false;
    }
  }

  take(proposal: Proposal, words?: string): void {
    this.done[proposal.id] = { back: take(this.#site.sheet, proposal, words) };
    this.#site.changed();
  }

  takeAll(): void {
    for (const proposal of this.ready) this.take(proposal);
  }

  leave(id: string): void {
    this.done[id] = { back: null };
  }

  /** What was not understood is kept as the owner's own words. */
  keepWords(id: string, words: string): void {
    const before = this.#site.sheet.lines.words;
    this.#site.sheet.lines.words = before.trim() ? `${before.trimEnd()}\n${words}` : words;
    this.done[id] = { back: () => (this.#site.sheet.lines.words = before) };
    this.#site.changed();
  }

  undo(id: string): void {
    this.done[id]?.back?.();
    delete this.done[id];
    this.#site.changed();
  }

  again(): void {
    this.findings = null;
    this.done = {};
    this.chosen = '';
  }
}
