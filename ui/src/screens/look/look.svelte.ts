import { api, problemOf } from '../../api/client';
import type { components } from '../../api/schema';
import { Turns } from '../../keeping/turns';
import { say } from '../../words/say';

export type LookView = components['schemas']['LookView'];

/** What of a look can be asked for; the server says what each takes (`LookChange`). */
export type What =
  | 'house'
  | 'mix'
  | 'type'
  | 'shape'
  | 'motion'
  | 'scene'
  | 'brand'
  | 'say'
  | 'ground'
  | 'ink'
  | 'paint'
  | 'trim';

type Act = () => Promise<{ data?: LookView; error?: unknown; response: Response }>;

/** The look of one site: shown, changed one thing at a time, and taken back. */
export class LookState {
  view = $state.raw<LookView | null>(null);
  busy = $state(false);
  readonly #turns = new Turns();
  fault = $state({ field: '', detail: '' });
  /** What has just happened, in words. */
  said = $state('');

  /** @param elsewhere the last step was made on another screen, and is taken back there; why, in words */
  constructor(
    readonly id: string,
    readonly elsewhere: (words: string) => void
  ) {}

  async load(): Promise<void> {
    const { data } = await api.GET('/api/sites/{id}/look', { params: { path: { id: this.id } } });
    if (data) this.view = data;
  }

  /** Changes one thing; answers whether it was. */
  async change(what: What, value: string, said: string): Promise<boolean> {
    return this.#ask(said, () =>
      api.POST('/api/sites/{id}/look', { params: { path: { id: this.id } }, body: { what, value } })
    );
  }

  /** Colours from a picture of the owner's: `logo` or `opening`. */
  async paintFrom(from: string, said: string): Promise<boolean> {
    return this.#ask(said, () =>
      api.POST('/api/sites/{id}/look/picture', { params: { path: { id: this.id } }, body: { from } })
    );
  }

  /** A sign becomes the logo. */
  async takeSign(sign: string): Promise<boolean> {
    return this.#ask(say('look.look.theSignStandsAtThe'), async () => {
      const { error, response } = await api.POST('/api/sites/{id}/signs/{sign}', {
        params: { path: { id: this.id, sign } }
      });
      if (!response.ok) return { error, response };
      return api.GET('/api/sites/{id}/look', { params: { path: { id: this.id } } });
    });
  }

  async undo(): Promise<void> {
    await this.#back('/api/sites/{id}/undo', say('look.look.takenBack'));
  }

  async redo(): Promise<void> {
    await this.#back('/api/sites/{id}/redo', say('look.look.doneAgain'));
  }

  async #back(path: '/api/sites/{id}/undo' | '/api/sites/{id}/redo', said: string): Promise<void> {
    await this.#ask(said, async () => {
      const answer = await api.POST(path, {
        params: { path: { id: this.id } },
        body: { revision: this.view?.revision ?? 1, screen: 'LOOK' }
      });
      if (!answer.data) return { error: answer.error, response: answer.response };
      return api.GET('/api/sites/{id}/look', { params: { path: { id: this.id } } });
    });
  }

  /** A step back taken at once takes back what was just asked for, not the step before it. */
  #ask(said: string, act: Act): Promise<boolean> {
    return this.#turns.ask(() => this.#askNow(said, act));
  }

  async #askNow(said: string, act: Act): Promise<boolean> {
    this.busy = true;
    this.fault = { field: '', detail: '' };
    this.said = '';
    try {
      const { data, error, response } = await act();
      if (data) {
        this.view = data;
        this.said = said;
        return true;
      }
      const problem = problemOf(error, response);
      if (problem.field === 'elsewhere') this.elsewhere(problem.detail);
      else this.fault = problem;
    } finally {
      this.busy = false;
    }
    return false;
  }
}
