<script lang="ts">
  import type { BookedService, BookingState } from './booking.svelte';
  import { say } from '../../../words/say';

  /** Which services can be booked, and how long each takes. */
  let { booking, keep }: { booking: BookingState; keep: () => void } = $props();

  const services = $derived(booking.setup?.services ?? []);

  function choose(service: string, chosen: boolean): void {
    booking.choose(service, chosen);
    keep();
  }

  /** A number that is typed; what is none leaves the facts' own. */
  function minutes(booked: BookedService, typed: string): void {
    booked.minutes = typed.trim() === '' ? null : Math.round(Number(typed));
    keep();
  }
</script>

{#if services.length === 0}
  <p class="quiet">{say('doors.serviceTimes.youHaveGivenNoServices')}</p>
{:else}
  <ul>
    {#each services as service (service.id)}
      {@const booked = booking.booked(service.id)}
      <li>
        <label>
          <input
            type="checkbox"
            checked={booked !== undefined}
            onchange={(event) => choose(service.id, event.currentTarget.checked)}
          />
          <span dir="auto">{service.name}</span>
        </label>
        {#if booked}
          <span class="takes">
            <input
              class="line"
              type="number"
              min="5"
              max="2880"
              step="5"
              aria-label={say('doors.serviceTimes.minutesOf', { name: service.name })}
              placeholder={service.takes.replace(' min', '')}
              value={booked.minutes ?? ''}
              onchange={(event) => minutes(booked, event.currentTarget.value)}
            />
            {say('doors.serviceTimes.min')}
          </span>
          {#if !service.takes && booked.minutes === null}
            <small>{say('doors.serviceTimes.sayHowLongItTakes')}</small>
          {/if}
        {:else}
          <small class="quiet">{service.takes}</small>
        {/if}
      </li>
    {/each}
  </ul>
{/if}

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
    gap: 0 28px;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 12px;
    align-items: center;
    justify-content: space-between;
    min-height: 44px;
    border-bottom: 1px solid var(--fine-rule);
  }
  label {
    display: flex;
    flex: 1;
    gap: 10px;
    align-items: center;
    min-width: 0;
    min-height: 40px;
    overflow-wrap: anywhere;
  }
  .takes {
    white-space: nowrap;
  }
  .takes .line {
    width: 64px;
    text-align: right;
  }
  small {
    color: var(--brass);
  }
  small.quiet {
    color: var(--pencil);
  }
</style>
