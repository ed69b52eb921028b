import { api, problemOf, type Sheet, type SiteView } from './api/client';
import { emptySheet, type LineName } from './sheet';

/** How much of what was typed the server has. */
export type Keeping = 'kept' | 'keeping' | 'waiting' | 'conflict';

const PAUSE = 350;
const RETRY = 2500;

/**
 * One site while it is being worked on. What is typed stands in {@link sheet} at once and is kept a moment later; it is
 * never overwritten by an answer, which only brings in what
 * somebody else has changed on other lines.
 */
export class SiteState {
  view = $state<SiteView | null>(null);
  sheet = $state<Sheet>(emptySheet());
  keeping = $state<Keeping>('kept');
  missing = $state(false);
  /** Whether anything was kept since the site was opened. */
  hasKept = $state(false);

  #timer: ReturnType<typeof setTimeout> | undefined;
  #running: Promise<void> | undefined;
  #changed = false;

  /** A site that is there already. */
  async load(id: string): Promise<void> {
    const { data, response } = await api.GET('/api/sites/{id}', { params: { path: { id } } });
    if (data) {
      this.view = data as SiteView;
      this.sheet = this.view.sheet;
      this.keeping = 'kept';
    } else if (response.status === 404) {
      this.missing = true;
    }
  }

  async reload(): Promise<void> {
    if (this.view) await this.load(this.view.id);
  }

  /** Call after every change of the sheet. */
  changed(): void {
    this.#changed = true;
    this.keeping = 'keeping';
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.keep(), PAUSE);
  }

  /** Keeps what was typed now; answers when all of it is kept, or the connection is away. */
  keep(): Promise<void> {
    clearTimeout(this.#timer);
    this.#running ??= this.#keepAll().finally(() => (this.#running = undefined));
    return this.#running;
  }

  async #keepAll(): Promise<void> {
    while (this.#changed) {
      this.#changed = false;
      if (!(await this.#send())) return;
    }
  }

  async #send(): Promise<boolean> {
    try {
      if (!this.view) {
        const { data, error, response } = await api.POST('/api/sites');
        if (!data) throw new Error(problemOf(error, response).detail);
        this.view = data as SiteView;
        this.sheet.seed = data.sheet.seed;
      }
      const sent = $state.snapshot(this.sheet);
      const { data, response } = await api.PUT('/api/sites/{id}/sheet', {
        params: { path: { id: this.view.id } },
        body: { revision: this.view.revision, sheet: sent }
      });
      if (data) {
        this.view = data as SiteView;
        this.#takeOver(sent, this.view.sheet);
        this.hasKept = true;
        if (!this.#changed) this.keeping = 'kept';
        return true;
      }
      if (response.status === 409) {
        this.keeping = 'conflict';
        return false;
      }
      throw new Error(String(response.status));
    } catch {
      this.#changed = true;
      this.keeping = 'waiting';
      this.#timer = setTimeout(() => void this.keep(), RETRY);
      return false;
    }
  }

  /** Lines that somebody else has changed come in, unless they have been typed on since. */
  #takeOver(sent: Sheet, now: Sheet): void {
    const { lines: mine, ...myRest } = $state.snapshot(this.sheet);
    const changedSince = (one: unknown, other: unknown) => JSON.stringify(one) !== JSON.stringify(other);
    for (const [line, words] of Object.entries(now.lines) as [LineName, string][]) {
      if (words !== sent.lines[line] && mine[line] === sent.lines[line]) this.sheet.lines[line] = words;
    }
    const before = sent as unknown as Record<string, unknown>;
    const typed = myRest as unknown as Record<string, unknown>;
    for (const [part, value] of Object.entries(now)) {
      if (part === 'lines' || part === 'links') continue;
      if (changedSince(before[part], value) && !changedSince(typed[part], before[part])) {
        (this.sheet as unknown as Record<string, unknown>)[part] = value;
      }
    }
  }
}
