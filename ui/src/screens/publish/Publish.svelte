<script lang="ts">
  import { untrack } from 'svelte';
  import { api, problemOf } from '../../api/client';
  import type { components } from '../../api/schema';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import { route } from '../../router';
  import { session } from '../../session.svelte';
  import { SiteState } from '../../site.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import Changes from './Changes.svelte';
  import Versions from './Versions.svelte';

  /** What would become public, in words; and what was public before. */
  type View = components['schemas']['PublicationsView'];

  const site = new SiteState();
  const id = $derived((route.params as { id?: string }).id ?? '');
  let view = $state.raw<View | null>(null);
  let address = $state('');
  let busy = $state(false);
  let fault = $state({ field: '', detail: '' });
  let published = $state('');

  const isPublic = $derived(!!site.view?.publicAddress);
  const changes = $derived(view?.changes ?? []);
  const blocked = $derived((view?.snags.length ?? 0) > 0);
  const words = $derived(
    !isPublic
      ? 'Make it public'
      : changes.length === 1
        ? 'Publish this change'
        : `Publish these ${changes.length} changes`
  );

  $effect(() => {
    const asked = id;
    return untrack(() => {
      void load(asked);
      return () => site.leave();
    });
  });

  async function load(asked: string): Promise<void> {
    await site.load(asked);
    address = address || (site.view?.addressName ?? '');
    const { data } = await api.GET('/api/sites/{id}/publications', { params: { path: { id: asked } } });
    if (data) view = data;
  }

  async function ask(
    act: () => Promise<{ data?: { publicAddress: string }; error?: unknown; response: Response }>
  ) {
    if (busy) return;
    busy = true;
    fault = { field: '', detail: '' };
    try {
      const { data, error, response } = await act();
      if (data) {
        published = data.publicAddress;
        await load(id);
      } else fault = problemOf(error, response);
    } finally {
      busy = false;
    }
  }

  const publish = () =>
    ask(() => api.POST('/api/sites/{id}/publications', { params: { path: { id } }, body: { address } }));

  async function putBack(publication: number): Promise<void> {
    await ask(() =>
      api.POST('/api/sites/{id}/publications/{publication}/put-back', {
        params: { path: { id, publication } }
      })
    );
    if (!fault.detail)
      notices.success({ title: 'Put back. Undo in the manuscript brings your later words back.' });
  }

  async function unpublish(): Promise<void> {
    const { error, response } = await api.DELETE('/api/sites/{id}/publications/live', {
      params: { path: { id } }
    });
    if (response.ok) {
      published = '';
      notices.success({ title: 'The site is off the web. Its address stays yours.' });
      await load(id);
    } else fault = problemOf(error, response);
  }
</script>

<svelte:head><title>{site.sheet.lines.name || 'Your site'} · Publish · Ostium</title></svelte:head>

<SiteGate {site}>
  <Frame {site}>
    {#if site.view && view}
      <h1>Publish</h1>
      <KeptLine outbox={site.outbox} />
      <p class="lead">
        {#if !site.view.kept}
          There is no page to publish yet. Keep a draft first.
        {:else if !isPublic}
          Nothing of this site is public yet. Choose its address, and people find it there.
        {:else if changes.length === 0}
          What people see is what you see. There is nothing to publish.
        {:else}
          People still see the version before these changes.
        {/if}
      </p>
      <div class="board">
        <div class="main">
          {#if !site.view.kept}
            <p><a class="act main" href="/sites/{id}/page">Look at the draft</a></p>
          {:else}
            {#if published}
              <p class="leaf is-open done" role="status">
                Your page is public at <a class="word" href={published} target="_blank" rel="noopener"
                  >{published}</a
                >
              </p>
            {/if}
            {#if blocked}
              <section class="leaf wrong">
                <h2>Put right first</h2>
                <ul>
                  {#each view.snags as snag (snag.words + snag.section)}
                    <li><b>{snag.words}</b><span class="quiet">{snag.why}</span></li>
                  {/each}
                </ul>
                <p><a class="word" href="/sites/{id}/page">Go to the manuscript</a></p>
              </section>
            {/if}
            {#if isPublic && changes.length > 0}<Changes {changes} />{/if}
            {#if !isPublic || changes.length > 0}
              <form
                class={isPublic ? '' : 'leaf chosen'}
                onsubmit={(event) => {
                  event.preventDefault();
                  void publish();
                }}
                novalidate
              >
                {#if !isPublic}
                  <label for="address">Address of the site</label>
                  <input
                    id="address"
                    class="line"
                    bind:value={address}
                    autocomplete="off"
                    spellcheck="false"
                    aria-invalid={fault.field === 'address' ? 'true' : undefined}
                    aria-describedby="address-note"
                  />
                  <p id="address-note" class={fault.field === 'address' ? 'fault' : 'quiet'}>
                    {fault.field === 'address'
                      ? fault.detail
                      : `People find it at ${address || '…'}.${location.host}`}
                  </p>
                {/if}
                {#if fault.detail && fault.field !== 'address'}<p class="fault" role="alert">
                    {fault.detail}
                  </p>{/if}
                {#if session.isIn}
                  <button class="act main" type="submit" disabled={busy || blocked}
                    >{busy ? 'Publishing …' : words}</button
                  >
                {:else if session.known}
                  <p><a class="act main" href="/sign-in">Sign in to publish</a></p>
                {/if}
              </form>
            {/if}
          {/if}
        </div>
        {#if view.versions.length > 0}
          <Versions
            versions={view.versions}
            address={site.view.publicAddress}
            owner={site.view.owner}
            {busy}
            {putBack}
            {unpublish}
          />
        {/if}
      </div>
    {/if}
  </Frame>
</SiteGate>

<style>
  .lead {
    margin: 8px 0 20px;
  }
  .board {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 360px;
    gap: 28px;
    align-items: start;
  }
  .main {
    display: grid;
    gap: 16px;
    max-width: 780px;
  }
  .main .leaf {
    padding: 16px 22px;
  }
  .done {
    overflow-wrap: anywhere;
  }
  ul {
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 8px 0;
    border-top: 1px solid var(--fine-rule);
  }
  li b,
  li .quiet {
    display: block;
  }
  label {
    font-weight: 700;
  }
  form .quiet,
  .fault {
    margin: 6px 0 16px;
  }
  .fault {
    color: var(--madder);
  }
  @media (max-width: 980px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
