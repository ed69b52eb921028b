import { api, problemOf, type Problem } from '../../api/client';
import type { components } from '../../api/schema';
import type { Outbox } from '../../keeping/outbox.svelte';
import { instantOf, momentAt, onGrid } from './minute';

type Schemas = components['schemas'];
export type DoorsView = Schemas['DoorsView'];
export type DoorView = Schemas['DoorView'];
export type Door = Schemas['Door'];
export type PlaceView = Schemas['DoorPlaceView'];

const RETRY = 2500;
/** While a mail of a test is on its way, what has come of it is asked for. */
const ASK = 1000;

/** The doors of one site with a week of their hours, and the minute a visitor comes. */
export class DoorsState {
  view = $state.raw<DoorsView | null>(null);
  /** The door whose settings are open; empty for none. */
  chosen = $state('');
  /** Minute of the week under the hand. */
  minute = $state(0);
  /** Whether the connection was away when it was asked for last. */
  away = $state(false);
  testing = $state('');

  #day = '';
  #placed = false;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(readonly id: string) {}

  leave(): void {
    clearTimeout(this.#timer);
  }

  /** @param day any day of the week that is wanted; the week shown so far where it is left out */
  async load(day = this.#day): Promise<void> {
    clearTimeout(this.#timer);
    this.#day = day;
    const { data } = await api.GET('/api/sites/{id}/doors', {
      params: { path: { id: this.id }, query: { day } }
    });
    if (day !== this.#day) return;
    this.away = !data;
    if (!data) {
      this.#timer = setTimeout(() => void this.load(), RETRY);
      return;
    }
    this.view = data;
    if (!this.#placed && data.now >= 0) this.minute = onGrid(data.now);
    this.#placed = true;
    if (data.doors.some((door) => door.test?.steps.some((step) => step.done === null))) {
      this.#timer = setTimeout(() => void this.load(), ASK);
    }
  }

  get says(): string {
    return momentAt(this.view?.moments ?? [], this.minute)?.says ?? '';
  }

  /** The minute under the hand, in milliseconds since 1970. */
  get at(): number {
    return instantOf(this.view?.moments ?? [], this.minute);
  }

  of(kind: string): DoorView | undefined {
    return this.view?.doors.find((door) => door.kind === kind);
  }

  /** Sets a door: shown at once, kept by the outbox, then as the server has it. */
  async set(outbox: Outbox, door: Door): Promise<void> {
    this.#show(door);
    outbox.add({ kind: 'setDoor', door });
    await outbox.keep();
    await this.load();
  }

  /** Words on a door while they are typed. */
  type(outbox: Outbox, door: Door): void {
    this.#show(door);
    outbox.type(`door/${door.kind}`, { kind: 'setDoor', door });
  }

  /** @param doors what stands there; null for what usually does */
  async place(outbox: Outbox, place: PlaceView['place'], doors: string[] | null): Promise<void> {
    outbox.add({ kind: 'placeDoors', place, doors: doors ?? [], usual: doors === null });
    await outbox.keep();
    await this.load();
  }

  /** Makes a door the main one: the goal of the site is what it is for. */
  async makeMain(outbox: Outbox, goal: string): Promise<void> {
    outbox.add({ kind: 'setLine', path: 'goal', words: goal });
    await outbox.keep();
    await this.load();
  }

  async tell(outbox: Outbox, addresses: string[]): Promise<void> {
    outbox.add({ kind: 'sendMessagesTo', addresses });
    await outbox.keep();
    await this.load();
  }

  /**
   * Tries a door.
   *
   * @param fields what was typed into the form; empty for a message of ours
   */
  async test(kind: string, fields: Record<string, string> = {}): Promise<Problem | null> {
    this.testing = kind;
    try {
      const { error, response } = await api.POST('/api/sites/{id}/doors/{kind}/test', {
        params: { path: { id: this.id, kind } },
        body: { fields }
      });
      if (!response.ok) return problemOf(error, response);
      await this.load();
      return null;
    } finally {
      this.testing = '';
    }
  }

  #show(door: Door): void {
    if (!this.view) return;
    this.view = {
      ...this.view,
      doors: this.view.doors.map((each) => (each.kind === door.kind ? { ...each, door } : each))
    };
  }
}
