import { api } from '../../api/client';
import type { components } from '../../api/schema';
import type { SiteState } from '../../site.svelte';

export type FactsView = components['schemas']['FactsView'];

/** What stands beside the lines of the facts sheet. It comes with the answer to each edit, and is else asked for. */
export class FactsState {
  view = $state<FactsView | null>(null);
  #asked = 0;

  async follow(site: SiteState): Promise<void> {
    const turn = ++this.#asked;
    const { view, kept } = site;
    if (!view) return;
    if (kept?.facts.revision === view.revision && kept.site.id === view.id) {
      this.view = kept.facts;
      return;
    }
    const { data } = await api.GET('/api/sites/{id}/facts', { params: { path: { id: view.id } } });
    if (data && turn === this.#asked) this.view = data;
  }
}
