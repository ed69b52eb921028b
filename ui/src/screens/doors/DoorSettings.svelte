<script lang="ts">
  import { notices } from '../../parts/notices';
  import type { Outbox } from '../../keeping/outbox.svelte';
  import BookingSettings from './booking/BookingSettings.svelte';
  import DoorTest from './DoorTest.svelte';
  import type { Door, DoorsState, DoorView } from './doors.svelte';
  import MessagesTo from './MessagesTo.svelte';

  /** What can be set on a door. */
  let {
    door,
    doors,
    outbox,
    id,
    changed
  }: { door: DoorView; doors: DoorsState; outbox: Outbox; id: string; changed: () => void } = $props();

  const set = $derived(door.door);
  const own = $derived(set.hours.when === 'OWN');
  let week = $state<string>();
  let choosesOwn = $state(false);
  const refused = $derived(outbox.stopped.find((item) => item.place === `door/${door.kind}`)?.reason ?? '');

  async function change(other: Partial<Door>): Promise<void> {
    await doors.set(outbox, { ...set, ...other });
    changed();
  }

  function answered(when: string): void {
    choosesOwn = when === 'OWN';
    // Hours of its own begin once they are written.
    if (!choosesOwn) void change({ hours: { when: when as Door['hours']['when'], own: '' } });
  }

  async function writtenWeek(): Promise<void> {
    if (week === undefined || week.trim() === '' || (own && week === set.hours.own)) return;
    await change({ hours: { when: 'OWN', own: week } });
    if (!refused) week = undefined;
  }

  async function shut(): Promise<void> {
    const to = !set.shut;
    await change({ shut: to });
    if (!refused) notices.info({ title: to ? `${door.name} is shut.` : `${door.name} is open again.` });
  }

  async function makeMain(): Promise<void> {
    await doors.makeMain(outbox, door.goal);
    notices.info({ title: `${door.name} is your main door.` });
    changed();
  }
</script>

{#if door.setUp === 'booking'}
  <BookingSettings {outbox} {id} {changed} after={() => doors.load()} />
{/if}
<div class="settings">
  <div class="field">
    {#if door.setUp === 'list'}
      <h3>Leads to</h3>
      {#if door.missing}
        <p class="missing">{door.missing}</p>
        <a class="word" href="/sites/{id}/page">Add it to your page</a>
      {:else}
        <p class="value">The sign-up on your page</p>
      {/if}
      <p class="acts"><a class="word" href="/sites/{id}/list">Who is on the list</a></p>
    {:else if door.whole}
      <MessagesTo addresses={door.tells} keep={(addresses) => doors.tell(outbox, addresses)} />
      <p class="quiet">
        {door.setUp === 'booking'
          ? 'All bookings stand in the diary as well.'
          : 'All messages are kept under Enquiries as well.'}
      </p>
    {:else}
      <h3>Leads to</h3>
      {#if door.leadsTo}<p class="value" dir="auto">{door.leadsTo}</p>{/if}
      {#if door.missing}<p class="missing">{door.missing}</p>{/if}
      {#if door.line}
        <a class="word" href="/sites/{id}?open={door.line}"
          >{door.leadsTo ? 'Change it under Facts' : 'Give it under Facts'}</a
        >
      {/if}
    {/if}
  </div>
  {#if door.keepsHours}
    <div class="field">
      <h3><label for="when-{door.kind}">Answered</label></h3>
      <select
        id="when-{door.kind}"
        class="line"
        value={choosesOwn ? 'OWN' : set.hours.when}
        onchange={(event) => answered(event.currentTarget.value)}
      >
        {#each doors.view?.whens ?? [] as each (each.id)}<option value={each.id}>{each.words}</option>{/each}
      </select>
      {#if own || choosesOwn}
        <label class="hidden-words" for="week-{door.kind}">Hours of {door.name}</label>
        <input
          id="week-{door.kind}"
          class="line"
          type="text"
          maxlength="500"
          placeholder="Mon-Fri 8-6, Sat 9-12"
          value={week ?? set.hours.own}
          oninput={(event) => (week = event.currentTarget.value)}
          onchange={writtenWeek}
          aria-invalid={refused ? 'true' : undefined}
          aria-describedby="refused-{door.kind}"
        />
      {:else if set.hours.when !== 'ALWAYS'}
        <p class="quiet">{doors.view?.hours || 'You have given no hours yet, so it counts as answered.'}</p>
      {/if}
    </div>
    <div class="field">
      <h3><label for="stands-in-{door.kind}">When nobody answers</label></h3>
      <select
        id="stands-in-{door.kind}"
        class="line"
        value={set.standsIn ?? ''}
        onchange={(event) => change({ standsIn: event.currentTarget.value || null } as Partial<Door>)}
      >
        <option value="">It stays as it is</option>
        {#each door.standIns as other (other.id)}<option value={other.id}>{other.words} stands in</option
          >{/each}
      </select>
    </div>
  {/if}
  {#if door.placed}
    <div class="field">
      <h3><label for="words-{door.kind}">Words on it</label></h3>
      <input
        id="words-{door.kind}"
        class="line"
        type="text"
        maxlength="60"
        placeholder={door.usualWords}
        value={set.words}
        oninput={(event) => doors.type(outbox, { ...set, words: event.currentTarget.value })}
        onchange={() => outbox.keep().then(() => doors.load())}
        aria-describedby="refused-{door.kind}"
      />
    </div>
  {/if}
  {#if door.hasOpening}
    <div class="field">
      <h3><label for="opening-{door.kind}">A message begins with</label></h3>
      <input
        id="opening-{door.kind}"
        class="line"
        type="text"
        maxlength="200"
        placeholder="nothing"
        value={set.opening}
        oninput={(event) => doors.type(outbox, { ...set, opening: event.currentTarget.value })}
        onchange={() => outbox.keep().then(() => doors.load())}
        aria-describedby="refused-{door.kind}"
      />
    </div>
  {/if}
  <div class="field">
    <h3>Test</h3>
    <DoorTest {door} {doors} />
  </div>
</div>
<p class="fault" id="refused-{door.kind}" role="alert">{refused}</p>
<p class="acts">
  {#if door.main}
    <span class="quiet">Visitors are led here first.</span>
  {:else if door.goal && door.state === 'OPEN'}
    <button class="word" onclick={makeMain}>Make it the main door</button>
  {/if}
  <button class="word" onclick={shut}>{set.shut ? 'Open it again' : 'Shut this door'}</button>
</p>

<style>
  .settings {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
    gap: 16px 28px;
    padding-top: 10px;
  }
  h3 {
    margin-bottom: 4px;
    font-size: 17px;
  }
  .value {
    padding: 4px 0;
    border-bottom: 1px solid var(--ink);
    font-weight: 700;
    overflow-wrap: anywhere;
  }
  .missing {
    color: var(--brass);
  }
  .quiet {
    margin-top: 4px;
    font-size: 14px;
  }
  .fault {
    color: var(--madder);
  }
  .fault:not(:empty) {
    margin-top: 8px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 28px;
    margin-top: 10px;
  }
  .acts .quiet {
    margin: 0;
  }
</style>
