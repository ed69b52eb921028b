import { api } from '../../api/client';
import type { components } from '../../api/schema';
import type { SiteState } from '../../site.svelte';

export type FactsView = components['schemas']['FactsView'];

/** What stands beside the lines of the facts sheet; asked anew whenever the sheet has been kept. */
export class FactsState {
  view = $state<FactsView | null>(null);
  #asked = 0;

  async follow(site: SiteState): Promise<void> {
    const turn = ++this.#asked;
    const id = site.view?.id;
    if (!id) return;
    const { data } = await api.GET('/api/sites/{id}/facts', { params: { path: { id } } });
    if (data && turn === this.#asked) this.view = data;
  }
}
