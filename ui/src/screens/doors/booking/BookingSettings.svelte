<script lang="ts">
  import { onMount, tick } from 'svelte';
  import type { Outbox } from '../../../keeping/outbox.svelte';
  import { notices } from '../../../parts/notices';
  import { BEFORE, BookingState } from './booking.svelte';
  import MoreRules from './MoreRules.svelte';
  import ServiceTimes from './ServiceTimes.svelte';
  import { say } from '../../../words/say';

  /** How bookings are taken. Three decisions open the door; the rest stands ready beneath them. */
  let {
    outbox,
    id,
    changed,
    after
  }: { outbox: Outbox; id: string; changed: () => void; after: () => Promise<void> } = $props();

  // svelte-ignore state_referenced_locally
  const booking = new BookingState(id);
  const rules = $derived(booking.rules);
  const set = $derived(booking.setup?.set ?? false);
  const refused = $derived(outbox.stopped.find((item) => item.place === 'booking')?.reason ?? '');
  let more = $state(false);

  onMount(() => void booking.load());

  async function keep(): Promise<void> {
    await booking.keep(outbox);
    if (set) {
      await after();
      changed();
    }
  }

  async function take(none: boolean): Promise<void> {
    await booking.take(outbox, none);
    await after();
    changed();
    if (!refused)
      notices.info({
        title: none
          ? say('doors.bookingSettings.noMoreBookingsAreTaken')
          : say('doors.bookingSettings.yourPageTakesBookingsOnce')
      });
    await tick();
    document.getElementById('booking-head')?.focus();
  }
</script>

{#if booking.away}
  <p class="quiet" role="alert">{say('doors.bookingSettings.theConnectionIsAwayWhat')}</p>
{:else if rules && booking.setup}
  <section aria-labelledby="booking-head">
    <h2 id="booking-head" tabindex="-1">{say('doors.bookingSettings.whatCanBeBooked')}</h2>
    <ServiceTimes {booking} keep={() => void keep()} />
    <div class="two">
      <p>
        <label for="book-notice">{say('doors.bookingSettings.howSoonCanSomebodyCome')}</label>
        <select id="book-notice" class="line" bind:value={rules.notice} onchange={keep}>
          {#each BEFORE as [minutes, words] (minutes)}
            <option value={minutes}
              >{minutes === 0
                ? say('doors.bookingSettings.atOnceIfATime')
                : say('doors.bookingSettings.bookedAtLeast', { words })}</option
            >
          {/each}
          {#if !BEFORE.some(([minutes]) => minutes === rules.notice)}
            <option value={rules.notice}
              >{say('doors.bookingSettings.bookedAtLeastMinutesBefore', { notice: rules.notice })}</option
            >
          {/if}
        </select>
      </p>
      <fieldset>
        <legend>{say('doors.bookingSettings.whoDecides')}</legend>
        <label
          ><input
            type="radio"
            name="at-once"
            checked={rules.atOnce}
            onchange={() => {
              rules.atOnce = true;
              void keep();
            }}
          />
          {say('doors.bookingSettings.bookedAtOnce')}</label
        >
        <label
          ><input
            type="radio"
            name="at-once"
            checked={!rules.atOnce}
            onchange={() => {
              rules.atOnce = false;
              void keep();
            }}
          />
          {say('doors.bookingSettings.youAnswerEachOne')}</label
        >
      </fieldset>
    </div>
    {#if booking.setup.outside.length > 0}
      <div class="outside" role="status">
        <p>{say('doors.bookingSettings.outsideYourHoursAsThey')}</p>
        <ul>
          {#each booking.setup.outside as words, index (index)}<li>{words}</li>{/each}
        </ul>
      </div>
    {/if}
    <p class="fault" role="alert">{refused}</p>
    <p class="acts">
      {#if set}
        <a class="word" href="/sites/{id}/diary">{say('doors.bookingSettings.toTheDiary')}</a>
      {:else}
        <button class="act main" disabled={rules.services.length === 0} onclick={() => take(false)}
          >{say('doors.bookingSettings.takeBookings')}</button
        >
      {/if}
      <button class="word" aria-expanded={more} aria-controls="booking-more" onclick={() => (more = !more)}
        >{more
          ? say('doors.bookingSettings.less')
          : say('doors.bookingSettings.morePeopleTheWayLimits')}</button
      >
      {#if set}<button class="word calm" onclick={() => take(true)}
          >{say('doors.bookingSettings.takeNoBookings')}</button
        >{/if}
    </p>
    {#if more}<div id="booking-more">
        <MoreRules
          {booking}
          hours={booking.setup.hours}
          grids={booking.setup.grids}
          keep={() => void keep()}
        />
      </div>{/if}
  </section>
{/if}

<style>
  section {
    padding: 10px 0 14px;
    border-bottom: 1px solid var(--fine-rule);
  }
  h2 {
    margin-bottom: 4px;
    font-size: 17px;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
    gap: 10px 28px;
    margin-top: 14px;
  }
  label,
  legend {
    font-weight: 700;
  }
  fieldset label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 36px;
    font-weight: 400;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 26px;
    align-items: center;
    margin-top: 8px;
  }
  .calm {
    color: var(--pencil);
  }
  .fault {
    color: var(--madder);
  }
  .outside {
    margin-top: 12px;
    padding-left: 12px;
    border-left: 5px solid var(--brass);
  }
  @media (max-width: 720px) {
    fieldset label {
      min-height: 44px;
    }
  }
</style>
