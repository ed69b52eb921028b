<script lang="ts">
  import { onDestroy } from 'svelte';
  import { SvelteDate } from 'svelte/reactivity';
  import { api, type SiteLine } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import { session } from '../../session.svelte';
  import { waited } from '../enquiries/waiting';
  import SiteRow from './SiteRow.svelte';

  let sites = $state<SiteLine[] | null>(null);
  let away = $state(false);

  const now = new SvelteDate();

  const lead = $derived.by(() => {
    const all = sites ?? [];
    const number = all.length === 1 ? 'One business' : `${all.length} businesses`;
    const first = all
      .filter((site) => site.waitingSince)
      .sort((one, other) => (one.waitingSince ?? '').localeCompare(other.waitingSince ?? ''))[0];
    if (all.length === 0) return 'Each site stands here, with what waits for you there.';
    if (!first) return `${number}. Nobody waits for an answer.`;
    const since = waited(new Date(first.waitingSince ?? ''), now);
    return `${number}. Somebody has waited ${since} for an answer${all.length > 1 ? `, at ${first.name}` : ''}.`;
  });

  let retry: ReturnType<typeof setTimeout> | undefined;

  /** The sites of whoever is signed in, or of this browser; asked again by itself while the connection is away. */
  async function load(): Promise<void> {
    await session.load();
    const { data } = await api.GET('/api/sites');
    away = !data;
    now.setTime(Date.now());
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

<svelte:head><title>All sites · Ostium</title></svelte:head>

{#snippet begin()}<a class="act main" href="/new">Start a new site</a>{/snippet}

<Frame act={begin}>
  <header class="head">
    <h1>All sites</h1>
    <p class="lead">{lead}</p>
  </header>
  {#if away}
    <p role="alert">The connection is away. Your sites stand here once it is back.</p>
  {:else if sites && sites.length === 0 && !session.isIn}
    <section class="leaf chosen door">
      <h2>Sign in to see your sites</h2>
      <SignInForm done={load} />
    </section>
  {:else if sites && sites.length === 0}
    <section class="leaf empty">
      <p>No site yet. Three facts are enough for a first page.</p>
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
