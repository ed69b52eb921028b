<script lang="ts">
  import type { BookingState, Resource } from './booking.svelte';
  import { say } from '../../../words/say';

  /** Who or what carries appointments out: people, vehicles, rooms, each with hours and what it can. */
  let { booking, keep }: { booking: BookingState; keep: () => void } = $props();

  const rules = $derived(booking.rules);
  const KINDS: [Resource['kind'], string][] = [
    ['PERSON', say('doors.people.person')],
    ['VEHICLE', say('doors.people.vehicle')],
    ['ROOM', say('doors.people.room')]
  ];

  function add(): void {
    rules?.resources.push({
      id: crypto.randomUUID().slice(0, 8),
      kind: 'PERSON',
      name: '',
      hours: '',
      services: []
    });
  }

  function remove(index: number): void {
    rules?.resources.splice(index, 1);
    keep();
  }

  /** Somebody is kept once they have a name. */
  function said(): void {
    if (rules?.resources.every((each) => each.name.trim() !== '')) keep();
  }

  function can(resource: Resource, service: string, able: boolean): void {
    const all = (rules?.services ?? []).map((each) => each.service);
    const now = resource.services.length === 0 ? all : resource.services;
    const next = able ? [...now, service] : now.filter((each) => each !== service);
    // Whoever can all of it can also what comes later.
    resource.services = next.length === all.length ? [] : next;
    said();
  }

  const name = (service: string): string =>
    booking.setup?.services.find((each) => each.id === service)?.name ?? '';
</script>

{#if rules}
  <fieldset>
    <legend>{say('doors.people.whoOrWhatCarriesIt')}</legend>
    {#if rules.resources.length === 0}
      <p class="quiet">
        {say('doors.people.youAloneOneAppointmentAt')}
      </p>
    {/if}
    {#each rules.resources as resource, index (resource.id)}
      <div class="one">
        <input
          class="line"
          maxlength="60"
          dir="auto"
          aria-label={say('doors.people.name')}
          placeholder={say('doors.people.name')}
          bind:value={resource.name}
          onchange={said}
        />
        <select
          class="line"
          aria-label={say('doors.people.whatItIs')}
          bind:value={resource.kind}
          onchange={said}
        >
          {#each KINDS as [kind, words] (kind)}<option value={kind}>{words}</option>{/each}
        </select>
        <input
          class="line"
          maxlength="500"
          aria-label={say('doors.people.hoursOf', { name: resource.name || say('doors.people.thisOne') })}
          placeholder={say('doors.people.yourHours')}
          bind:value={resource.hours}
          onchange={said}
        />
        <button class="word" onclick={() => remove(index)}>{say('doors.people.takeOut')}</button>
        {#if rules.services.length > 1}
          <p class="skills">
            {#each rules.services as service (service.service)}
              <label>
                <input
                  type="checkbox"
                  checked={resource.services.length === 0 || resource.services.includes(service.service)}
                  onchange={(event) => can(resource, service.service, event.currentTarget.checked)}
                />
                <span dir="auto">{name(service.service)}</span>
              </label>
            {/each}
          </p>
        {/if}
      </div>
    {/each}
    {#if rules.resources.length < 20}<button class="word" onclick={add}>{say('doors.people.addOne')}</button
      >{/if}
  </fieldset>
{/if}

<style>
  legend {
    font-weight: 700;
  }
  .one {
    display: grid;
    grid-template-columns: 1.2fr 0.7fr 1.2fr auto;
    gap: 2px 18px;
    align-items: center;
    padding: 6px 0;
    border-bottom: 1px solid var(--fine-rule);
  }
  .skills {
    display: flex;
    flex-wrap: wrap;
    grid-column: 1 / -1;
    gap: 0 20px;
  }
  .skills label {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 36px;
    font-size: 15px;
  }
  @media (max-width: 720px) {
    .one {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
