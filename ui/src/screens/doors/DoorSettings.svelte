<script lang="ts">
  import { notices } from '../../parts/notices';
  import type { Outbox } from '../../keeping/outbox.svelte';
  import BookingSettings from './booking/BookingSettings.svelte';
  import DoorTest from './DoorTest.svelte';
  import type { Door, DoorsState, DoorView } from './doors.svelte';
  import MessagesTo from './MessagesTo.svelte';
  import { say } from '../../words/say';

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
    if (!refused)
      notices.info({
        title: to
          ? say('doors.doorSettings.isShut', { name: door.name })
          : say('doors.doorSettings.isOpenAgain', { name: door.name })
      });
  }

  async function makeMain(): Promise<void> {
    await doors.makeMain(outbox, door.goal);
    notices.info({ title: say('doors.doorSettings.isYourMainDoor', { name: door.name }) });
    changed();
  }
</script>

{#if door.setUp === 'booking'}
  <BookingSettings {outbox} {id} {changed} after={() => doors.load()} />
{/if}
<div class="settings">
  <div class="field">
    {#if door.setUp === 'list'}
      <h3>{say('doors.doorSettings.leadsTo')}</h3>
      {#if door.missing}
        <p class="missing">{door.missing}</p>
        <a class="word" href="/sites/{id}/page">{say('doors.doorSettings.addItToYourPage')}</a>
      {:else}
        <p class="value">{say('doors.doorSettings.theSignUpOnYour')}</p>
      {/if}
      <p class="acts">
        <a class="word" href="/sites/{id}/list">{say('doors.doorSettings.whoIsOnTheList')}</a>
      </p>
    {:else if door.whole}
      <MessagesTo site={id} addresses={door.tells} keep={(addresses) => doors.tell(outbox, addresses)} />
      <p class="quiet">
        {door.setUp === 'booking'
          ? say('doors.doorSettings.allBookingsStandInThe')
          : say('doors.doorSettings.allMessagesAreKeptUnder')}
      </p>
    {:else}
      <h3>{say('doors.doorSettings.leadsTo')}</h3>
      {#if door.leadsTo}<p class="value" dir="auto">{door.leadsTo}</p>{/if}
      {#if door.missing}<p class="missing">{door.missing}</p>{/if}
      {#if door.line}
        <a class="word" href="/sites/{id}?open={door.line}"
          >{door.leadsTo
            ? say('doors.doorSettings.changeItUnderFacts')
            : say('doors.doorSettings.giveItUnderFacts')}</a
        >
      {/if}
    {/if}
  </div>
  {#if door.keepsHours}
    <div class="field">
      <h3><label for="when-{door.kind}">{say('doors.doorSettings.answered')}</label></h3>
      <select
        id="when-{door.kind}"
        class="line"
        value={choosesOwn ? 'OWN' : set.hours.when}
        onchange={(event) => answered(event.currentTarget.value)}
      >
        {#each doors.view?.whens ?? [] as each (each.id)}<option value={each.id}>{each.words}</option>{/each}
      </select>
      {#if own || choosesOwn}
        <label class="hidden-words" for="week-{door.kind}"
          >{say('doors.doorSettings.hoursOf', { name: door.name })}</label
        >
        <input
          id="week-{door.kind}"
          class="line"
          type="text"
          maxlength="500"
          placeholder={say('doors.doorSettings.monFri86Sat')}
          value={week ?? set.hours.own}
          oninput={(event) => (week = event.currentTarget.value)}
          onchange={writtenWeek}
          aria-invalid={refused ? 'true' : undefined}
          aria-describedby="refused-{door.kind}"
        />
      {:else if set.hours.when !== 'ALWAYS'}
        <p class="quiet">{doors.view?.hours || say('doors.doorSettings.youHaveGivenNoHours')}</p>
      {/if}
    </div>
    <div class="field">
      <h3><label for="stands-in-{door.kind}">{say('doors.doorSettings.whenNobodyAnswers')}</label></h3>
      <select
        id="stands-in-{door.kind}"
        class="line"
        value={set.standsIn ?? ''}
        onchange={(event) => change({ standsIn: event.currentTarget.value || null } as Partial<Door>)}
      >
        <option value="">{say('doors.doorSettings.itStaysAsItIs')}</option>
        {#each door.standIns as other (other.id)}<option value={other.id}
            >{say('doors.doorSettings.standsIn', { words: other.words })}</option
          >{/each}
      </select>
    </div>
  {/if}
  {#if door.placed}
    <div class="field">
      <h3><label for="words-{door.kind}">{say('doors.doorSettings.wordsOnIt')}</label></h3>
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
      <h3><label for="opening-{door.kind}">{say('doors.doorSettings.aMessageBeginsWith')}</label></h3>
      <input
        id="opening-{door.kind}"
        class="line"
        type="text"
        maxlength="200"
        placeholder={say('doors.doorSettings.nothing')}
        value={set.opening}
        oninput={(event) => doors.type(outbox, { ...set, opening: event.currentTarget.value })}
        onchange={() => outbox.keep().then(() => doors.load())}
        aria-describedby="refused-{door.kind}"
      />
    </div>
  {/if}
  <div class="field">
    <h3>{say('doors.doorSettings.test')}</h3>
    <DoorTest {door} {doors} />
  </div>
</div>
<p class="fault" id="refused-{door.kind}" role="alert">{refused}</p>
<p class="acts">
  {#if door.main}
    <span class="quiet">{say('doors.doorSettings.visitorsAreLedHereFirst')}</span>
  {:else if door.goal && door.state === 'OPEN'}
    <button class="word" onclick={makeMain}>{say('doors.doorSettings.makeItTheMainDoor')}</button>
  {/if}
  <button class="word" onclick={shut}
    >{set.shut ? say('doors.doorSettings.openItAgain') : say('doors.doorSettings.shutThisDoor')}</button
  >
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
