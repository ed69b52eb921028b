import { api, problemOf, type Problem } from '../../api/client';
import type { components } from '../../api/schema';

type Schemas = components['schemas'];
export type Call = Schemas['Call'];
export type Subject = 'LIST' | 'ENQUIRIES';
type Answer = Promise<{ data?: Schemas['HookView']; error?: unknown; response: Response }>;

/** A program of an owner's that is told what happens; nothing until it was asked for. */
export class HookState {
  view = $state.raw<Schemas['HookView'] | null>(null);

  readonly #path: { id: string; subject: Subject };

  constructor(id: string, subject: Subject) {
    this.#path = { id, subject };
  }

  async load(): Promise<void> {
    await this.#takes(api.GET('/api/sites/{id}/hooks/{subject}', { params: { path: this.#path } }));
  }

  set(address: string): Promise<Problem | null> {
    return this.#takes(
      api.PUT('/api/sites/{id}/hooks/{subject}', { params: { path: this.#path }, body: { address } })
    );
  }

  remove(): Promise<Problem | null> {
    return this.#takes(api.DELETE('/api/sites/{id}/hooks/{subject}', { params: { path: this.#path } }));
  }

  test(): Promise<Problem | null> {
    return this.#takes(api.POST('/api/sites/{id}/hooks/{subject}/test', { params: { path: this.#path } }));
  }

  again(call: Call): Promise<Problem | null> {
    return this.#takes(
      api.POST('/api/sites/{id}/hooks/{subject}/calls/{call}', {
        params: { path: { ...this.#path, call: call.id } }
      })
    );
  }

  async #takes(asked: Answer): Promise<Problem | null> {
    const { data, error, response } = await asked;
    if (!data) return problemOf(error, response);
    this.view = data;
    return null;
  }
}
