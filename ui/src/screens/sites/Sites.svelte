<script lang="ts">
  import { onDestroy } from 'svelte';
  import { api, type SiteLine } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import { session } from '../../session.svelte';
  import { peopleWait } from '../enquiries/waiting';

  let sites = $state<SiteLine[] | null>(null);
  let away = $state(false);

  let retry: ReturnType<typeof setTimeout> | undefined;

  /** The sites of whoever is signed in, or of this browser; asked again by itself while the connection is away. */
  async function load(): Promise<void> {
    await session.load();
    const { data } = await api.GET('/api/sites');
    away = !data;
    if (data) sites = data;
    else retry = setTimeout(() => void load(), 2500);
  }

  void load();
  onDestroy(() => clearTimeout(retry));
</script>

<svelte:head><title>All sites · Ostium</title></svelte:head>

{#snippet begin()}<a class="act main" href="/new">Start a new site</a>{/snippet}

<Frame act={begin}>
  <h1>All sites</h1>
  <p class="lead">Each with what waits for you there.</p>
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
      {#each sites as site (site.id)}
        <li class="leaf {site.newEnquiries ? 'waits' : site.publicAddress ? 'is-open' : ''}">
          <a
            href={site.newEnquiries
              ? `/sites/${site.id}/enquiries`
              : site.publicAddress
                ? `/sites/${site.id}/page`
                : `/sites/${site.id}`}
          >
            <h2 dir="auto">{site.name}</h2>
            <span class="quiet">{site.state}</span>
            {#if site.newEnquiries}<span class="waiting">{peopleWait(site.newEnquiries)}</span>{/if}
          </a>
          <span class="more">
            {#if !site.owner}<span class="quiet">You help with this one.</span>{/if}
            {#if site.publicAddress}<a class="word" href={site.publicAddress} target="_blank" rel="noopener"
                >Open it</a
              >{/if}
            <a class="word" href="/sites/{site.id}/people">People</a>
          </span>
        </li>
      {/each}
    </ul>
  {/if}
</Frame>

<style>
  .door {
    max-width: 460px;
    padding: 24px 32px 28px;
  }
  ul {
    display: grid;
    gap: 12px;
    max-width: 760px;
    margin: 20px 0 0;
    padding: 0;
    list-style: none;
  }
  li > a {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 16px;
    padding: 16px 20px 4px;
    color: inherit;
  }
  li h2 {
    grid-column: 1;
  }
  .waiting {
    grid-column: 2;
    grid-row: 1 / 3;
    align-self: center;
    color: var(--brass);
    font-weight: 700;
  }
  .more {
    display: flex;
    gap: 18px;
    align-items: center;
    padding: 0 20px 4px;
  }
  .more .word {
    font-size: 15px;
  }
  .empty {
    max-width: 760px;
    margin-top: 20px;
    padding: 20px;
  }
</style>
