import { api } from '../api/client';
import type { components } from '../api/schema';

export type Drafting = components['schemas']['DraftingView'];

/** How a site is drafted: asked anew whenever its facts or wishes have changed. */
export class DraftingState {
  view = $state.raw<Drafting | null>(null);
  #asked = 0;

  constructor(readonly id: string) {}

  /** Only the newest answer counts. */
  async load(): Promise<void> {
    const asked = ++this.#asked;
    const { data } = await api.GET('/api/sites/{id}/drafting', { params: { path: { id: this.id } } });
    if (data && asked === this.#asked) this.view = data;
  }
}
