import { api, problemOf, type Enquiry, type Problem } from '../../api/client';
import type { components } from '../../api/schema';
import { lastKnown } from '../../keeping/browserStore';
import { dayAfter } from './lane';

type Schemas = components['schemas'];
export type DiaryView = Schemas['DiaryView'];
export type DiaryDay = Schemas['DiaryDayView'];
export type Ticket = Schemas['Ticket'];
export type WhyNot = Schemas['WhyNot'];
export type Blocked = Schemas['BlockedTime'];

/** A place in the diary. */
export interface Time {
  date: string;
  minute: number;
}

export type Span = 'day' | 'week' | 'list';
const DAYS: Record<Span, number> = { day: 1, week: 7, list: 28 };

/** What is being done beside the lanes. */
export type Doing =
  | { what: 'nothing' }
  | { what: 'write'; at: Time; enquiry?: Enquiry }
  | { what: 'move'; ticket: Ticket; at: Time; minutes: number }
  | { what: 'cancel'; ticket: Ticket }
  | { what: 'block'; from: Time; to: Time };

/** The diary of a site: the days that are shown, the appointment that is opened, and what is done with it. */
export class DiaryState {
  view = $state.raw<DiaryView | null>(null);
  span = $state<Span>('week');
  away = $state(false);
  /** Id of the appointment that is opened. */
  chosen = $state('');
  /** The empty place that was pressed, and why nothing is offered there. */
  asked = $state.raw<Time | null>(null);
  why = $state.raw<WhyNot[] | null>(null);
  doing = $state.raw<Doing>({ what: 'nothing' });

  #day = '';

  constructor(readonly id: string) {}

  get ticket(): Ticket | undefined {
    return this.#all.find((each) => each.id === this.chosen);
  }

  get #all(): Ticket[] {
    const placed = (this.view?.days ?? []).flatMap((day) => day.tickets.map((each) => each.ticket));
    return [...placed, ...(this.view?.asked ?? [])];
  }

  /** @param day any day of those that are wanted; those shown so far where it is left out */
  async load(day = this.#day, span = this.span): Promise<void> {
    const key = `diary/${this.id}/${span}`;
    if (!this.view) this.view = (await lastKnown.get<DiaryView>(key)) ?? null;
    this.#day = day;
    this.span = span;
    const { data, response } = await api.GET('/api/sites/{id}/diary', {
      params: { path: { id: this.id }, query: { day, days: DAYS[span] } }
    });
    if (day !== this.#day || span !== this.span) return;
    this.away = response.status >= 500;
    if (!data) return;
    this.view = data;
    if (day === '') void lastKnown.put(key, data);
  }

  /** Earlier or later days, as many as are shown. */
  go(direction: 1 | -1): Promise<void> {
    const first = this.view?.first ?? '';
    return this.load(dayAfter(first, direction * DAYS[this.span]));
  }

  /** Opens an appointment, on whatever day it is. */
  async open(booking: string): Promise<Problem | null> {
    const { data, error, response } = await api.GET('/api/sites/{id}/diary/bookings/{booking}', {
      params: this.#of(booking)
    });
    if (!data) return problemOf(error, response);
    await this.load(data.date);
    this.chosen = booking;
    return null;
  }

  async ask(at: Time): Promise<void> {
    this.asked = at;
    this.why = null;
    const { data } = await api.GET('/api/sites/{id}/diary/why', {
      params: { path: { id: this.id }, query: { day: at.date, minute: at.minute } }
    });
    if (this.asked === at) this.why = data ?? null;
  }

  /** A message that is answered with a time: who wrote it, and what it was about. */
  async enquiry(id: string): Promise<{ enquiry?: Enquiry; problem: Problem | null }> {
    const { data, error, response } = await api.GET('/api/sites/{id}/enquiries/{enquiry}', {
      params: { path: { id: this.id, enquiry: id } }
    });
    return { enquiry: data, problem: data ? null : problemOf(error, response) };
  }

  /** What was asked for is agreed with the time it was given. */
  async agreed(enquiry: Enquiry): Promise<Problem | null> {
    const { data, error, response } = await api.PUT('/api/sites/{id}/enquiries/{enquiry}/state', {
      params: { path: { id: this.id, enquiry: enquiry.id } },
      body: { state: 'AGREED' }
    });
    return data ? null : problemOf(error, response);
  }

  async writeIn(asked: Schemas['WriteIn']): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/diary/bookings', {
      params: { path: { id: this.id } },
      body: asked
    });
    return this.#done(data, error, response);
  }

  async move(booking: string, asked: Schemas['MoveBooking']): Promise<Problem | null> {
    const { data, error, response } = await api.PUT('/api/sites/{id}/diary/bookings/{booking}', {
      params: this.#of(booking),
      body: asked
    });
    return this.#done(data, error, response);
  }

  async agree(booking: string): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/diary/bookings/{booking}/agree', {
      params: this.#of(booking),
      body: { words: '', tells: true }
    });
    return this.#done(data, error, response);
  }

  async cancel(booking: string, words: string, tells: boolean): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/diary/bookings/{booking}/cancel', {
      params: this.#of(booking),
      body: { words, tells }
    });
    return this.#done(data, error, response);
  }

  async restore(booking: string): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/diary/bookings/{booking}/restore', {
      params: this.#of(booking)
    });
    return this.#done(data, error, response);
  }

  async mark(booking: string, state: Ticket['state']): Promise<Problem | null> {
    const { data, error, response } = await api.PUT('/api/sites/{id}/diary/bookings/{booking}/state', {
      params: this.#of(booking),
      body: { state }
    });
    return this.#done(data, error, response);
  }

  /** Deletes all that is known of a person. */
  async forget(person: string): Promise<Problem | null> {
    const { error, response } = await api.DELETE('/api/sites/{id}/enquiries', {
      params: { path: { id: this.id }, query: { person } }
    });
    if (!response.ok) return problemOf(error, response);
    this.chosen = '';
    await this.load();
    return null;
  }

  async block(from: Time, to: Time, words: string): Promise<Problem | null> {
    const { data, error, response } = await api.POST('/api/sites/{id}/diary/blocks', {
      params: { path: { id: this.id } },
      body: { from, to, resource: '', words }
    });
    if (!data) return problemOf(error, response);
    await this.load();
    return null;
  }

  async unblock(block: string): Promise<Problem | null> {
    const { error, response } = await api.DELETE('/api/sites/{id}/diary/blocks/{block}', {
      params: { path: { id: this.id, block } }
    });
    if (!response.ok) return problemOf(error, response);
    await this.load();
    return null;
  }

  /** Makes the private feed anew, or withdraws it. */
  async feed(open: boolean): Promise<Problem | null> {
    const params = { path: { id: this.id } };
    const { error, response } = open
      ? await api.POST('/api/sites/{id}/diary/feed', { params })
      : await api.DELETE('/api/sites/{id}/diary/feed', { params });
    if (!response.ok) return problemOf(error, response);
    await this.load();
    return null;
  }

  /** Follows the calendar at an address. */
  async follow(address: string): Promise<{ brought?: Schemas['BroughtIn']; problem: Problem | null }> {
    const { data, error, response } = await api.POST('/api/sites/{id}/diary/calendars/followed', {
      params: { path: { id: this.id } },
      body: { address }
    });
    if (data) await this.load();
    return { brought: data, problem: data ? null : problemOf(error, response) };
  }

  /** Brings in the busy times of a calendar file. */
  async bringIn(file: File): Promise<{ brought?: Schemas['BroughtIn']; problem: Problem | null }> {
    const { data, error, response } = await api.POST('/api/sites/{id}/diary/calendars', {
      params: { path: { id: this.id } },
      body: { file: file as unknown as string },
      bodySerializer: () => {
        const form = new FormData();
        form.append('file', file);
        return form;
      }
    });
    if (data) await this.load();
    return { brought: data, problem: data ? null : problemOf(error, response) };
  }

  async takeOut(name: string): Promise<Problem | null> {
    const { error, response } = await api.DELETE('/api/sites/{id}/diary/calendars', {
      params: { path: { id: this.id }, query: { name } }
    });
    if (!response.ok) return problemOf(error, response);
    await this.load();
    return null;
  }

  async #done(data: Ticket | undefined, error: unknown, response: Response): Promise<Problem | null> {
    if (!data) return problemOf(error, response);
    await this.load();
    this.chosen = data.id;
    return null;
  }

  #of(booking: string): { path: { id: string; booking: string } } {
    return { path: { id: this.id, booking } };
  }
}
