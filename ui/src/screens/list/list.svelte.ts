import { api, problemOf, type Problem } from '../../api/client';
import type { components } from '../../api/schema';

type Schemas = components['schemas'];
export type ListView = Schemas['ListView'];
export type Member = Schemas['MemberView'];
export type Brought = Schemas['Brought'];

/** Pause after the last key before a search is asked for, in milliseconds. */
const PAUSE = 300;

/** The list of a site: who is on it. */
export class ListState {
  view = $state.raw<ListView | null>(null);
  members = $state.raw<Member[]>([]);
  search = $state('');
  /** Why the last that was asked for did not come; what is shown is what was known before. */
  trouble = $state<'' | 'away' | 'signedOut'>('');
  busy = $state(false);

  #soon: ReturnType<typeof setTimeout> | undefined;

  constructor(readonly id: string) {}

  async load(): Promise<void> {
    const asked = this.search;
    const { data, response } = await api.GET('/api/sites/{id}/list', {
      params: { path: { id: this.id }, query: { search: asked } }
    });
    if (asked !== this.search) return;
    this.#came(response);
    if (!data) return;
    this.view = data;
    this.members = data.members;
  }

  /** Looks for part of an address or a name, after a pause. */
  find(words: string): void {
    this.search = words;
    clearTimeout(this.#soon);
    this.#soon = setTimeout(() => void this.load(), PAUSE);
  }

  /** Brings the next hundred. */
  async more(): Promise<void> {
    if (!this.view?.next || this.busy) return;
    this.busy = true;
    const { data, response } = await api.GET('/api/sites/{id}/list', {
      params: { path: { id: this.id }, query: { search: this.search, after: this.view.next } }
    });
    this.busy = false;
    this.#came(response);
    if (!data) return;
    this.view = data;
    this.members = [...this.members, ...data.members];
  }

  #came({ ok, status }: Response): void {
    this.trouble = ok ? '' : status === 401 ? 'signedOut' : 'away';
  }

  async remove(member: Member): Promise<Problem | null> {
    const { error, response } = await api.DELETE('/api/sites/{id}/list/{member}', {
      params: { path: { id: this.id, member: member.id } }
    });
    if (!response.ok) return problemOf(error, response);
    this.members = this.members.filter((each) => each !== member);
    if (this.view) this.view = { ...this.view, number: this.view.number - 1 };
    return null;
  }

  /** @param agreed how the people of the file agreed to be written to */
  async bring(file: string, agreed: string): Promise<{ brought?: Brought; problem?: Problem }> {
    const { data, error, response } = await api.POST('/api/sites/{id}/list/people', {
      params: { path: { id: this.id } },
      body: { file, agreed }
    });
    if (!data) return { problem: problemOf(error, response) };
    await this.load();
    return { brought: data };
  }
}
