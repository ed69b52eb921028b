import { api } from '../../../api/client';
import type { components } from '../../../api/schema';
import type { Edit } from '../../../document/edits';
import type { Outbox } from '../../../keeping/outbox.svelte';
import { say } from '../../../words/say';

type Schemas = components['schemas'];
export type Setup = Schemas['BookingSetup'];
export type Rules = Omit<Schemas['BookingRules'], 'services'> & { services: BookedService[] };
export type BookedService = Omit<Schemas['BookableService'], 'minutes'> & { minutes: number | null };
export type Resource = Schemas['Resource'];

const HOUR = 60;
const DAY = 24 * HOUR;

/** Times before something, as they can be chosen: minutes, and in words. */
export const BEFORE: [number, string][] = [
  [0, say('doors.booking.atAnyTime')],
  [HOUR, say('doors.booking.anHourBefore')],
  [2 * HOUR, say('doors.booking.twoHoursBefore')],
  [4 * HOUR, say('doors.booking.fourHoursBefore')],
  [DAY, say('doors.booking.aDayBefore')],
  [2 * DAY, say('doors.booking.twoDaysBefore')],
  [7 * DAY, say('doors.booking.aWeekBefore')]
];

/** How bookings are taken, while it is set up. */
export class BookingState {
  setup = $state.raw<Setup | null>(null);
  rules = $state<Rules | null>(null);
  away = $state(false);

  constructor(readonly id: string) {}

  async load(): Promise<void> {
    const { data } = await api.GET('/api/sites/{id}/booking', { params: { path: { id: this.id } } });
    this.away = !data;
    if (!data) return;
    this.setup = data;
    this.rules = structuredClone(data.rules) as Rules;
  }

  /** The rules as an edit. */
  get edit(): Edit {
    return { kind: 'setBooking', rules: $state.snapshot(this.rules), none: false } as unknown as Edit;
  }

  /** Keeps the rules as they stand here. Before bookings are taken nothing is kept. */
  async keep(outbox: Outbox): Promise<void> {
    if (!this.setup?.set) return;
    outbox.add(this.edit);
    await outbox.keep();
  }

  /** Begins to take bookings, or takes none any more. */
  async take(outbox: Outbox, none: boolean): Promise<void> {
    outbox.add({ ...this.edit, none } as Edit);
    await outbox.keep();
    await this.load();
  }

  booked(service: string): BookedService | undefined {
    return this.rules?.services.find((each) => each.service === service);
  }

  /** Lets a service be booked, or not. */
  choose(service: string, chosen: boolean): void {
    if (!this.rules) return;
    const others = this.rules.services.filter((each) => each.service !== service);
    this.rules.services = chosen
      ? [...others, { service, minutes: null, before: 0, after: 0, capacity: 1 }]
      : others;
  }
}
