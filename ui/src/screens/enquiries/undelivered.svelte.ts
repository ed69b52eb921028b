import { api, problemOf, type Problem } from '../../api/client';
import type { components } from '../../api/schema';

export type Undelivered = components['schemas']['Undelivered'];

const ONE = '/api/sites/{id}/mails/undelivered/{mail}';

/** Mails about a site that have not come to whom they are for. */
export class UndeliveredState {
  mails = $state.raw<Undelivered[]>([]);

  #site = '';

  async load(site: string): Promise<void> {
    this.#site = site;
    const { data } = await api.GET('/api/sites/{id}/mails/undelivered', { params: { path: { id: site } } });
    // What was known is shown on where it cannot be asked.
    if (data && site === this.#site) this.mails = data;
  }

  again(mail: Undelivered): Promise<Problem | null> {
    return this.#takes(api.POST(ONE, this.#of(mail)));
  }

  letGo(mail: Undelivered): Promise<Problem | null> {
    return this.#takes(api.DELETE(ONE, this.#of(mail)));
  }

  #of(mail: Undelivered): { params: { path: { id: string; mail: string } } } {
    return { params: { path: { id: this.#site, mail: mail.id } } };
  }

  async #takes(asked: Promise<{ data?: Undelivered[]; error?: unknown; response: Response }>) {
    const { data, error, response } = await asked;
    if (data) this.mails = data;
    // Sent again or put away in another window.
    else if (response.status === 404) await this.load(this.#site);
    return data ? null : problemOf(error, response);
  }
}
