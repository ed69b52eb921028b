import { api, problemOf, type Problem } from '../../api/client';
import type { components } from '../../api/schema';

export type Undelivered = components['schemas']['Undelivered'];

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

  async again(mail: Undelivered): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/mails/undelivered/{mail}', {
      params: { path: { id: this.#site, mail: mail.id } }
    });
    if (data) this.mails = data;
    return data ? null : problemOf(error, response);
  }

  async letGo(mail: Undelivered): Promise<Problem | null> {
    const { data, error, response } = await api.DELETE('/api/sites/{id}/mails/undelivered/{mail}', {
      params: { path: { id: this.#site, mail: mail.id } }
    });
    if (data) this.mails = data;
    return data ? null : problemOf(error, response);
  }
}
