<script lang="ts">
  import { untrack } from 'svelte';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import PublishAct from '../../parts/PublishAct.svelte';
  import Shopfront from '../../parts/Shopfront.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import { navigate, route } from '../../router';
  import { SiteState } from '../../site.svelte';
  import DoorPlaces from './DoorPlaces.svelte';
  import { DoorsState } from './doors.svelte';
  import { minuteWords, shortMinute } from './minute';
  import WeekOfDoors from './WeekOfDoors.svelte';
  import { say } from '../../words/say';

  /** The ways to reach the business: how each stands, when it is answered, and what a visitor finds at any minute. */
  const site = new SiteState();
  const id = untrack(() => (route.params as { id?: string }).id ?? '');
  const doors = new DoorsState(id);

  $effect(() => {
    return untrack(() => {
      void begin();
      return () => {
        site.leave();
        doors.leave();
      };
    });
  });

  async function begin(): Promise<void> {
    await site.load(id);
    if (site.view && !site.view.kept) navigate('/sites/:id/page', { params: { id } });
    else await doors.load();
    // Whoever comes to set one up finds it open.
    doors.chosen = new URLSearchParams(location.search).get('door') ?? doors.chosen;
  }

  /** What is typed into the form of the shopfront goes the whole way, as a test. */
  async function send(fields: Record<string, string>): Promise<void> {
    doors.chosen = 'form';
    const problem = await doors.test('form', fields);
    if (problem) notices.error({ title: say('doors.doors.notSent'), description: problem.detail });
    else notices.info({ title: say('doors.doors.sentAsATest') });
  }
</script>

<svelte:head
  ><title
    >{say('doors.doors.doorsOstium', { name: site.sheet.lines.name || say('doors.doors.yourSite') })}</title
  ></svelte:head
>

<SiteGate {site}>
  <Frame {site} {act} broad>
    <div class="board">
      <div class="all">
        <header class="head">
          <h1>{say('doors.doors.doors')}</h1>
          <p class="lead">{say('doors.doors.howPeopleReachYouAnd')}</p>
          <div class="kept-line"><KeptLine outbox={site.outbox} /></div>
        </header>
        {#if doors.away}
          <p class="quiet" role="alert">
            {say('doors.doors.theConnectionIsAway', {
              rest: doors.view
                ? say('doors.doors.thisIsWhatWasLast')
                : say('doors.doors.yourDoorsAreShownWhen')
            })}
          </p>
        {/if}
        {#if doors.view && site.outbox}
          <WeekOfDoors {doors} outbox={site.outbox} {id} changed={() => site.reload()} />
          <p class="quiet">
            {say('doors.doors.moveTheHandWithThe')} <kbd>←</kbd> <kbd>→</kbd>.
            {doors.view.live
              ? say('doors.doors.shuttingADoorAndIts')
              : say('doors.doors.nothingHereIsPublicYet')}
          </p>
          <DoorPlaces {doors} outbox={site.outbox} />
        {/if}
      </div>
      <div class="front">
        <p class="what">
          <b>{say('doors.doors.whatAVisitorFinds')}</b> <span class="quiet">{shortMinute(doors.minute)}</span>
        </p>
        {#if site.view && doors.view}
          <Shopfront
            address={site.view.preview}
            revision={doors.view.revision}
            at={doors.at}
            sends={send}
            height={690}
            label={say('doors.doors.whatAVisitorFindsOn', { minuteWords: minuteWords(doors.minute) })}
          />
        {/if}
      </div>
    </div>
  </Frame>
</SiteGate>

{#snippet act()}<PublishAct {site} />{/snippet}

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 392px);
    gap: 24px;
    align-items: start;
  }
  .all {
    display: grid;
    gap: 12px;
    min-width: 0;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 2px 16px;
  }
  .kept-line {
    margin-left: auto;
  }
  .front {
    position: sticky;
    top: 12px;
  }
  .what {
    display: flex;
    justify-content: space-between;
    margin: 8px 0 10px;
  }
  kbd {
    font: inherit;
    font-weight: 700;
  }
  @media (max-width: 980px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
    .front {
      position: static;
    }
  }
</style>
