<script lang="ts">
  import { onDestroy } from 'svelte';
  import { api, type SiteLine } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import { session } from '../../session.svelte';
  import { waited } from '../enquiries/waiting';
  import SiteRow from './SiteRow.svelte';
  import { say } from '../../words/say';

  let sites = $state<SiteLine[] | null>(null);
  let away = $state(false);

  let now = $state.raw(new Date());

  const lead = $derived.by(() => {
    const all = sites ?? [];
    const number = say('sites.sites.oneBusiness', { count: all.length });
    const first = all
      .filter((site) => site.waitingSince)
      .sort((one, other) => (one.waitingSince ?? '').localeCompare(other.waitingSince ?? ''))[0];
    if (all.length === 0) return say('sites.sites.eachSiteStandsHereWith');
    if (!first) return say('sites.sites.nobodyWaitsForAnAnswer', { number });
    const since = waited(new Date(first.waitingSince ?? ''), now);
    return say('sites.sites.somebodyHasWaitedForAn', {
      number,
      since,
      rest: all.length > 1 ? say('sites.sites.at', { name: first.name }) : ''
    });
  });

  let retry: ReturnType<typeof setTimeout> | undefined;

  /** The sites of whoever is signed in, or of this browser; asked again by itself while the connection is away. */
  async function load(): Promise<void> {
    await session.load();
    const { data } = await api.GET('/api/sites');
    away = !data;
    now = new Date();
    if (data) sites = inOrder(data);
    else retry = setTimeout(() => void load(), 2500);
  }

  /** What waits stands first: whoever has waited longest, then what is not public yet. */
  function inOrder(all: SiteLine[]): SiteLine[] {
    const rank = (site: SiteLine): string =>
      site.waitingSince ? `0${site.waitingSince}` : `${site.stage === 'PUBLIC' ? 2 : 1}${site.name}`;
    return [...all].sort((one, other) => rank(one).localeCompare(rank(other)));
  }

  void load();
  onDestroy(() => clearTimeout(retry));
</script>

<svelte:head><title>{say('sites.sites.allSitesOstium')}</title></svelte:head>

{#snippet begin()}<a class="act main" href="/new">{say('sites.sites.startANewSite')}</a>{/snippet}

<Frame act={begin}>
  <header class="head">
    <h1>{say('sites.sites.allSites')}</h1>
    <p class="lead">{lead}</p>
  </header>
  {#if away}
    <p role="alert">{say('sites.sites.theConnectionIsAwayYour')}</p>
  {:else if sites && sites.length === 0 && !session.isIn}
    <section class="leaf chosen door">
      <h2>{say('sites.sites.signInToSeeYour')}</h2>
      <SignInForm done={load} />
    </section>
  {:else if sites && sites.length === 0}
    <section class="leaf empty">
      <p>{say('sites.sites.noSiteYetThreeFacts')}</p>
    </section>
  {:else if sites}
    <ul>
      {#each sites as site (site.id)}<SiteRow {site} {now} />{/each}
    </ul>
  {/if}
</Frame>

<style>
  .door {
    max-width: 460px;
    padding: 24px 32px 28px;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 16px;
  }
  .head .lead {
    max-width: none;
  }
  ul {
    display: grid;
    gap: 11px;
    margin: 20px 0 0;
    padding: 0;
    list-style: none;
  }
  .empty {
    max-width: 760px;
    margin-top: 20px;
    padding: 20px;
  }
</style>
