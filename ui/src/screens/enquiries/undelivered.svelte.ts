import { api, problemOf, type Problem } from '../../api/client';
import type { components } from '../../api/schema';

export type Undelivered = components['schemas']['Undelivered'];

const ALL = '/api/sites/{id}/undelivered';
const ONE = '/api/sites/{id}/undelivered/{way}/{message}';

/** Mails and texts about a site that have not come to whom they are for. */
export class UndeliveredState {
  list = $state.raw<Undelivered[]>([]);

  #site = '';

  async load(site: string): Promise<void> {
    this.#site = site;
    const { data } = await api.GET(ALL, { params: { path: { id: site } } });
    // What was known is shown on where it cannot be asked.
    if (data && site === this.#site) this.list = data;
  }

  again(message: Undelivered): Promise<Problem | null> {
    return this.#takes(api.POST(ONE, this.#of(message)));
  }

  letGo(message: Undelivered): Promise<Problem | null> {
    return this.#takes(api.DELETE(ONE, this.#of(message)));
  }

  #of({ way, id }: Undelivered): {
    params: { path: { id: string; way: Undelivered['way']; message: string } };
  } {
    return { params: { path: { id: this.#site, way, message: id } } };
  }

  async #takes(asked: Promise<{ data?: Undelivered[]; error?: unknown; response: Response }>) {
    const { data, error, response } = await asked;
    if (data) this.list = data;
    // Sent again or put away in another window.
    else if (response.status === 404) await this.load(this.#site);
    return data ? null : problemOf(error, response);
  }
}
