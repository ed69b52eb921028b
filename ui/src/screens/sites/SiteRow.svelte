<script lang="ts">
  import type { SiteLine } from '../../api/client';
  import DoorMark from '../../parts/DoorMark.svelte';
  import FirstScreen from '../../parts/FirstScreen.svelte';
  import { peopleWait, waited } from '../enquiries/waiting';
  import { say } from '../../words/say';

  /** One site: its first screen, where it stands, and what waits there, in words. */
  let { site, now }: { site: SiteLine; now: Date } = $props();

  const isPublic = $derived(site.stage === 'PUBLIC');
  const door = $derived(isPublic ? 'open' : site.stage === 'FACTS' ? 'shut' : 'ajar');
  const hinge = $derived(
    site.blocking > 0 ? 'wrong' : site.newEnquiries > 0 || !isPublic ? 'waits' : 'is-open'
  );
  const stands = $derived.by(() => {
    if (site.stage === 'FACTS') return say('sites.siteRow.factsBeingGathered');
    if (site.stage === 'DRAFTS') return say('sites.siteRow.draftsOnTheTable');
    if (site.stage === 'KEPT') return say('sites.siteRow.notPublicYet');
    if (site.pendingChanges === 0) return say('sites.siteRow.publicAsItStands');
    return say('sites.siteRow.publicOneChangeWaits', { count: site.pendingChanges });
  });
  /** What waits, why, and where it is dealt with. */
  const waits = $derived.by(() => {
    const at = `/sites/${site.id}`;
    if (site.newEnquiries > 0)
      return {
        words: peopleWait(site.newEnquiries),
        more: site.waitingSince
          ? say('sites.siteRow.theFirstFor', { waited: waited(new Date(site.waitingSince), now) })
          : '',
        at: `${at}/enquiries`
      };
    if (site.stage === 'FACTS')
      return { words: say('sites.siteRow.factsAreMissing'), more: say('sites.siteRow.aFewMoreMakeA'), at };
    if (site.stage === 'DRAFTS')
      return { words: say('sites.siteRow.aDraftIsToBe'), more: '', at: `${at}/page` };
    if (site.blocking > 0)
      return {
        words: say('sites.siteRow.oneSnagKeepsItOff', { count: site.blocking }),
        more: '',
        at: `${at}/publish`
      };
    if (site.stage === 'KEPT')
      return { words: say('sites.siteRow.readyToBeReadAnd'), more: '', at: `${at}/page` };
    return { words: say('sites.siteRow.nothingWaits'), more: '', at: `${at}/page` };
  });
  const name = $derived(site.name.trim() || say('sites.siteRow.aSiteWithoutAName'));
  const address = $derived(
    site.publicAddress
      ? site.publicAddress.replace(/^https?:\/\//, '').replace(/\/$/, '')
      : `${site.addressName}.${location.host}`
  );
</script>

<li class="leaf {hinge}">
  <a class="sample" href={waits.at} tabindex="-1" aria-hidden="true"
    ><FirstScreen src={site.preview} height={600} /></a
  >
  <div class="name">
    <h2><a href={waits.at} dir="auto">{name}</a></h2>
    <p class="quiet" dir="auto">{address}</p>
    {#if !site.owner}<p class="quiet">{say('sites.siteRow.youHelpWithThisOne')}</p>{/if}
  </div>
  <p class="stands {door}"><DoorMark state={door} size={21} /> {stands}</p>
  <p class="waits-for" class:brass={site.newEnquiries > 0 || !isPublic} class:madder={site.blocking > 0}>
    <b>{waits.words}</b>
    {#if waits.more}<span class="quiet">{waits.more}</span>{/if}
  </p>
  <p class="acts">
    <a class="word" href="/sites/{site.id}/people">{say('sites.siteRow.people')}</a>
    {#if site.publicAddress}
      <a class="word" href={site.publicAddress} target="_blank" rel="noopener"
        >{say('sites.siteRow.openIt')}</a
      >
    {/if}
  </p>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 194px minmax(0, 1.25fr) minmax(0, 0.95fr) minmax(0, 1.4fr) 150px;
    align-items: center;
    gap: 20px;
    min-height: 92px;
    overflow: hidden;
  }
  .sample {
    display: block;
    position: relative;
    align-self: stretch;
    min-height: 92px;
    overflow: hidden;
    border-right: 1px solid var(--rule);
    background: var(--sheet);
  }
  h2 {
    font-size: 20px;
  }
  h2 a {
    color: var(--ink);
    overflow-wrap: break-word;
  }
  h2 a:hover {
    text-decoration: underline;
    text-decoration-thickness: 2px;
    text-underline-offset: 4px;
  }
  .name .quiet {
    overflow-wrap: anywhere;
  }
  .stands {
    --lacquer-fill: var(--control);
    display: flex;
    align-items: center;
    gap: 10px;
    font-size: 15px;
  }
  .stands.open {
    --lacquer-fill: var(--verdigris);
  }
  .stands.ajar {
    --lacquer-fill: var(--brass);
  }
  .stands :global(svg) {
    flex: none;
    color: var(--lacquer-fill);
  }
  .waits-for {
    display: grid;
  }
  .brass b {
    color: var(--brass);
  }
  .madder b {
    color: var(--madder);
  }
  .acts {
    display: flex;
    justify-content: flex-end;
    gap: 18px;
    padding-right: 20px;
  }
  .acts .word {
    font-size: 15px;
  }
  @media (max-width: 980px) {
    li {
      grid-template-columns: 130px minmax(0, 1fr);
      gap: 4px 16px;
      padding-right: 14px;
    }
    .sample {
      grid-row: 1 / 5;
    }
    .name {
      padding-top: 10px;
    }
    .name,
    .stands,
    .waits-for,
    .acts {
      grid-column: 2;
    }
    h2 a {
      display: inline-block;
      min-height: 32px;
    }
  }
  @media (max-width: 560px) {
    li {
      grid-template-columns: minmax(0, 1fr);
      padding: 0 0 4px;
    }
    .sample {
      grid-row: auto;
      grid-column: 1;
      height: 120px;
      border-right: 0;
      border-bottom: 1px solid var(--rule);
    }
    .name,
    .stands,
    .waits-for,
    .acts {
      grid-column: 1;
      padding-inline: 14px;
    }
  }
</style>
