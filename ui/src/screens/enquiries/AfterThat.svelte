<script lang="ts">
  import { tick } from 'svelte';
  import type { Enquiry, Problem } from '../../api/client';
  import { CLOSED, EnquiriesState, STATES, type State } from './enquiries.svelte';
  import { day } from './waiting';
  import { say } from '../../words/say';

  /** What comes after an answer: a day to ask again, and what it came to. */
  let {
    enquiry,
    enquiries,
    site,
    mark,
    told
  }: {
    enquiry: Enquiry;
    enquiries: EnquiriesState;
    site: string;
    mark: (state: State) => void;
    told: (problem: Problem | null, not: string, done: string) => boolean;
  } = $props();

  let planning = $state(false);
  let wanted = $state('');

  const closed = $derived(CLOSED.includes(enquiry.state));
  const again = $derived(enquiry.askAgain ? new Date(`${enquiry.askAgain}T12:00:00`) : null);
  const outcomes = $derived(
    // What was set aside without the owner is put right above.
    (enquiry.setAside.length > 0 ? [] : closed ? ['NEW'] : ['AGREED', 'DONE', 'LOST', 'UNWANTED']).filter(
      (state) => state !== enquiry.state
    ) as State[]
  );

  function inDays(days: number): string {
    const date = new Date(enquiries.now.getTime() + days * 24 * 3_600_000);
    return date.toLocaleDateString('sv-SE');
  }

  async function plan(): Promise<void> {
    wanted = enquiry.askAgain ?? inDays(7);
    planning = true;
    await tick();
    document.getElementById(`again-${enquiry.id}`)?.focus();
  }

  async function leave(): Promise<void> {
    planning = false;
    await tick();
    document.getElementById(`plan-${enquiry.id}`)?.focus();
  }

  async function set(date: string | null): Promise<void> {
    const problem = await enquiries.askAgain(enquiry, date);
    const said = date
      ? say('enquiries.afterThat.plannedAskAgain', { day: day(new Date(`${date}T12:00:00`), enquiries.now) })
      : say('enquiries.afterThat.nothingIsPlanned');
    if (told(problem, say('enquiries.afterThat.notPlanned'), said)) await leave();
  }
</script>

<footer>
  {#if !closed}
    <div class="plan">
      {#if planning}
        <label class="quiet" for="again-{enquiry.id}">{say('enquiries.afterThat.askAgainOn')}</label>
        <input
          id="again-{enquiry.id}"
          type="date"
          class="date"
          min={inDays(0)}
          bind:value={wanted}
          onkeydown={(event) => event.key === 'Enter' && wanted && set(wanted)}
        />
        <button class="word" disabled={!wanted} onclick={() => set(wanted)}
          >{say('enquiries.afterThat.planIt')}</button
        >
        {#if again}<button class="word" onclick={() => set(null)}
            >{say('enquiries.afterThat.notAnyMore')}</button
          >{/if}
        <button class="word" onclick={leave}>{say('enquiries.afterThat.leaveIt')}</button>
      {:else}
        <span class="quiet">
          {say('enquiries.afterThat.afterThat')}
          {#if again}<b>{say('enquiries.afterThat.askAgain', { day: day(again, enquiries.now) })}</b
            >{:else}{say('enquiries.afterThat.nothingPlanned')}{/if}
        </span>
        <button class="word" id="plan-{enquiry.id}" onclick={plan}
          >{again ? say('enquiries.afterThat.change') : say('enquiries.afterThat.planADay')}</button
        >
        <a class="word" href="/sites/{site}/diary?enquiry={enquiry.id}"
          >{say('enquiries.afterThat.bookATimeForThem')}</a
        >
      {/if}
    </div>
  {/if}
  <div class="came" role="group" aria-label={say('enquiries.afterThat.whatItCameTo')}>
    <span class="quiet">{closed ? `${STATES[enquiry.state]}.` : say('enquiries.afterThat.itCameTo')}</span>
    {#each outcomes as state (state)}
      <button class="word" class:set-aside={state === 'UNWANTED'} onclick={() => mark(state)}>
        {closed
          ? enquiry.state === 'UNWANTED'
            ? say('enquiries.afterThat.notUnwanted')
            : say('enquiries.afterThat.notOverYet')
          : STATES[state]}
      </button>
    {/each}
  </div>
</footer>

<style>
  footer {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 24px;
    padding: 2px 18px;
    border-top: 1px solid var(--fine-rule);
    background: var(--lacquer-tint);
  }
  .plan,
  .came {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 16px;
  }
  b {
    color: var(--ink);
  }
  .quiet {
    color: color-mix(in oklab, var(--pencil) 70%, var(--ink));
  }
  .set-aside {
    color: var(--ink);
  }
  .date {
    min-height: 36px;
    padding: 2px 8px;
    border: 1px solid var(--control);
    background: var(--sheet);
    color: var(--ink);
  }
</style>
