<script lang="ts">
  import { onDestroy, tick, untrack } from 'svelte';
  import type { Enquiry, Problem } from '../../api/client';
  import HookLeaf from '../../parts/hook/HookLeaf.svelte';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import PublishAct from '../../parts/PublishAct.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import { route } from '../../router';
  import { SiteState } from '../../site.svelte';
  import { CLOSED, EnquiriesState, STATES, type Shelf, type State } from './enquiries.svelte';
  import EnquiriesLead from './EnquiriesLead.svelte';
  import EnquiryLeaf from './EnquiryLeaf.svelte';
  import EnquiryShelves from './EnquiryShelves.svelte';
  import PeopleList from './PeopleList.svelte';
  import PersonLeaf from './PersonLeaf.svelte';
  import { UndeliveredState } from './undelivered.svelte';
  import UndeliveredMessages from './UndeliveredMessages.svelte';
  import WhoWaits from './WhoWaits.svelte';
  import WriteDown from './WriteDown.svelte';
  import { say } from '../../words/say';

  const site = new SiteState();
  const enquiries = new EnquiriesState();
  const undelivered = new UndeliveredState();
  const id = $derived((route.params as { id?: string }).id ?? '');
  let chosen = $state('');
  let shelf = $state<Shelf>('');
  let sought = $state('');
  let writing = $state(false);
  let tells = $state(false);

  $effect(() => {
    const asked = id;
    return untrack(() => {
      load(asked);
      return site.open(asked);
    });
  });

  function load(asked: string): void {
    void enquiries.load(asked);
    void undelivered.load(asked);
  }

  const timer = setInterval(() => load(id), 20_000);
  onDestroy(() => clearInterval(timer));

  const over = $derived(enquiries.of('DONE', 'LOST'));
  const unwanted = $derived(enquiries.of('UNWANTED'));
  const finds = $derived(sought.trim() !== '');
  const shown = $derived(
    finds
      ? enquiries.find(sought)
      : shelf === 'over'
        ? over
        : shelf === 'unwanted'
          ? unwanted
          : enquiries.open
  );
  const opened = $derived(
    shown.find((each) => each.id === chosen) ?? (shelf || finds ? undefined : shown[0])
  );
  let reading = $state(false);

  /** What was sought or shown stays where it is, with older ones behind it; the first of these has the focus. */
  async function older(): Promise<void> {
    reading = true;
    const before = shown.map((each) => each.id);
    const problem = await enquiries.older();
    reading = false;
    if (problem) notices.error({ title: say('enquiries.enquiries.notRead'), description: problem.detail });
    else
      notices.info({
        title: enquiries.more
          ? say('enquiries.enquiries.olderOnesAreHere')
          : say('enquiries.enquiries.allAreHere')
      });
    await tick();
    const first = shown.find((each) => !before.includes(each.id));
    const place = first ? document.getElementById(`enquiry-${first.id}`) : null;
    (place ?? document.getElementById('older') ?? document.getElementById('find'))?.focus();
  }

  async function mark(enquiry: Enquiry, state: State): Promise<void> {
    const next = shown[shown.findIndex((each) => each.id === enquiry.id) + 1] ?? shown.at(-2);
    const leaves = CLOSED.includes(state) !== CLOSED.includes(enquiry.state);
    const problem = await enquiries.mark(enquiry, state);
    if (told(problem, say('enquiries.enquiries.notMarked'), saidOf(enquiry.state, state)) && leaves) {
      // The one that was marked has gone to another list; the next one is at hand.
      if (next) await choose(next.id);
      else if (shelf) await goTo({ ...enquiry, state });
    }
    await site.reload();
  }

  function saidOf(before: State, state: State): string {
    if (state === 'UNWANTED') return say('enquiries.enquiries.unwantedWhatReadsLikeIt');
    if (state !== 'NEW') return `${STATES[state]}.`;
    return before === 'UNWANTED'
      ? say('enquiries.enquiries.itWaitsForYourAnswer')
      : say('enquiries.enquiries.itWaitsAgain');
  }

  /** Says what came of it; answers whether it was done. */
  function told(problem: Problem | null, not: string, done: string): boolean {
    if (problem) notices.error({ title: not, description: problem.detail });
    else notices.info({ title: done });
    return problem === null;
  }

  async function choose(enquiry: string): Promise<void> {
    chosen = enquiry;
    await tick();
    document.getElementById(`enquiry-${enquiry}`)?.focus();
  }

  /** From the list of days, or a person's earlier messages: whatever list it stands in. */
  async function goTo(enquiry: Enquiry): Promise<void> {
    sought = '';
    shelf = enquiry.state === 'UNWANTED' ? 'unwanted' : CLOSED.includes(enquiry.state) ? 'over' : '';
    await choose(enquiry.id);
  }

  async function written(enquiry: Enquiry): Promise<void> {
    writing = false;
    shelf = '';
    notices.info({ title: say('enquiries.enquiries.writtenDown') });
    await choose(enquiry.id);
    await site.reload();
  }

  async function forget(enquiry: Enquiry): Promise<void> {
    const { person } = enquiry;
    if (!person) return;
    const problem = await enquiries.forget(person.key);
    told(problem, say('enquiries.enquiries.notDeleted'), say('enquiries.enquiries.allOfThisPersonIs'));
    await site.reload();
  }
</script>

<svelte:head
  ><title
    >{say('enquiries.enquiries.enquiriesOstium', {
      name: site.sheet.lines.name || say('enquiries.enquiries.enquiries')
    })}</title
  ></svelte:head
>

<SiteGate {site}>
  <Frame {site} {act}>
    <header class="head">
      <h1>{say('enquiries.enquiries.enquiries')}</h1>
      <EnquiriesLead {enquiries} {site} />
      <button class="act" onclick={() => (writing = true)}>{say('enquiries.enquiries.writeOneDown')}</button>
    </header>
    {#if site.outbox && site.outbox.keeping !== 'kept'}<KeptLine outbox={site.outbox} />{/if}
    {#if enquiries.away}<p class="away" role="alert">
        {say('enquiries.enquiries.theConnectionIsAwayThis')}
      </p>{/if}
    {#if writing}
      <WriteDown
        {enquiries}
        services={site.sheet.services.map((service) => service.name)}
        done={written}
        leave={() => (writing = false)}
      />
    {/if}
    <UndeliveredMessages {undelivered} now={enquiries.now} />
    <div class="desk">
      <div class="list">
        {#if enquiries.list && enquiries.list.length > 0}
          <p class="find">
            <label class="hidden-words" for="find">{say('enquiries.enquiries.findANameANumber')}</label>
            <input
              id="find"
              class="line"
              type="search"
              placeholder={say('enquiries.enquiries.findANameANumber')}
              bind:value={sought}
            />
            <span class="quiet" role="status">
              {finds
                ? shown.length === 0
                  ? say('enquiries.enquiries.nothingFound')
                  : say('enquiries.enquiries.found', { number: shown.length })
                : ''}
            </span>
          </p>
        {/if}
        {#if shelf && !finds}
          <p class="shelf">
            <b
              >{{
                over: say('enquiries.enquiries.doneOrLost'),
                unwanted: say('enquiries.enquiries.setAsideAsUnwanted'),
                people: say('enquiries.enquiries.people')
              }[shelf]}</b
            >
            <button class="word" onclick={() => (shelf = '')}
              >{say('enquiries.enquiries.backToThoseThatAre')}</button
            >
          </p>
        {/if}
        {#if shelf === 'people' && !finds}
          <PeopleList {enquiries} site={id} {goTo} />
        {:else}
          {#each shown as enquiry (enquiry.id)}
            <EnquiryLeaf
              {enquiry}
              {enquiries}
              {site}
              open={enquiry.id === opened?.id}
              choose={() => (chosen = enquiry.id)}
              mark={(state) => mark(enquiry, state)}
              {told}
            />
          {:else}
            {#if enquiries.list && !finds}
              <section class="leaf empty">
                <h2>
                  {enquiries.list.length === 0
                    ? say('enquiries.enquiries.noMessageYet')
                    : say('enquiries.enquiries.nothingIsOpen')}
                </h2>
                <p class="quiet">
                  {say('enquiries.enquiries.somebodyWhoRangOrCame', {
                    rest: site.view?.publicAddress
                      ? say('enquiries.enquiries.whenSomebodyWritesThroughYour')
                      : say('enquiries.enquiries.yourPageIsNotPublic')
                  })}
                </p>
              </section>
            {/if}
          {/each}
        {/if}
        {#if enquiries.more && (shelf || finds)}
          <p class="older">
            {finds
              ? say('enquiries.enquiries.theNewestHaveBeenLooked')
              : say('enquiries.enquiries.theseAreTheNewest')}
            <button class="word" id="older" disabled={reading} onclick={older}>
              {finds
                ? say('enquiries.enquiries.lookThroughOlderOnes')
                : say('enquiries.enquiries.showOlderOnes')}
            </button>
          </p>
        {/if}
      </div>
      {#if enquiries.list}
        <aside aria-label={say('enquiries.enquiries.thePersonAndWhoWaits')}>
          {#if opened}
            <PersonLeaf enquiry={opened} {enquiries} site={id} {goTo} forget={() => forget(opened)} />
          {/if}
          {#if enquiries.list.length > 0}<WhoWaits {enquiries} {goTo} />{/if}
          <EnquiryShelves {enquiries} {site} bind:shelf bind:tells />
          {#if tells}<HookLeaf
              site={id}
              subject="ENQUIRIES"
              about={say('enquiries.enquiries.everyEnquiryThatComes')}
            />{/if}
        </aside>
      {/if}
    </div>
  </Frame>
</SiteGate>

{#snippet act()}<PublishAct {site} />{/snippet}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 18px;
  }
  .desk {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 310px;
    gap: 24px;
    align-items: start;
    margin-top: 16px;
  }
  .list {
    display: grid;
    gap: 13px;
    min-width: 0;
  }
  .list:only-child {
    grid-column: 1 / -1;
  }
  aside {
    display: grid;
    gap: 13px;
  }
  .find {
    display: flex;
    align-items: baseline;
    gap: 14px;
  }
  .find .line {
    max-width: 420px;
  }
  .find .quiet {
    white-space: nowrap;
  }
  .shelf {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0 18px;
  }
  .older {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 14px;
    color: var(--pencil);
  }
  .empty {
    max-width: 620px;
    padding: 20px 24px;
  }
  .empty p {
    margin-top: 6px;
  }
  .away {
    margin-top: 10px;
    color: var(--madder);
  }
  @media (max-width: 980px) {
    .desk {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
