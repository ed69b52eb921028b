<script lang="ts">
  import { untrack } from 'svelte';
  import { api, problemOf } from '../../api/client';
  import type { components } from '../../api/schema';
  import ConfirmAddress from '../../parts/ConfirmAddress.svelte';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import { route } from '../../router';
  import { session } from '../../session.svelte';
  import { SiteState } from '../../site.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import AddressLeaf from './AddressLeaf.svelte';
  import Changes from './Changes.svelte';
  import SnagList from './SnagList.svelte';
  import Versions from './Versions.svelte';
  import WhatPeopleSee from './WhatPeopleSee.svelte';
  import { LANGUAGE, say } from '../../words/say';

  const day = new Intl.DateTimeFormat(LANGUAGE, { weekday: 'long', day: 'numeric', month: 'long' });

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
  const blocked = $derived((view?.snags ?? []).some((snag) => snag.level === 'MUST'));
  const live = $derived(view?.versions.find((version) => version.live));
  const words = $derived(
    !isPublic
      ? say('publish.publish.makeItPublic')
      : say('publish.publish.publishThisChange', { count: changes.length })
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

  function send(event: SubmitEvent): void {
    event.preventDefault();
    void publish();
  }

  const publish = () =>
    ask(() => api.POST('/api/sites/{id}/publications', { params: { path: { id } }, body: { address } }));

  async function putBack(publication: number): Promise<void> {
    await ask(() =>
      api.POST('/api/sites/{id}/publications/{publication}/put-back', {
        params: { path: { id, publication } }
      })
    );
    if (!fault.detail) notices.success({ title: say('publish.publish.putBackUndoInThe') });
  }

  async function unpublish(): Promise<void> {
    const { error, response } = await api.DELETE('/api/sites/{id}/publications/live', {
      params: { path: { id } }
    });
    if (response.ok) {
      published = '';
      notices.success({ title: say('publish.publish.theSiteIsOffThe') });
      await load(id);
    } else fault = problemOf(error, response);
  }
</script>

<svelte:head
  ><title
    >{say('publish.publish.publishOstium', {
      name: site.sheet.lines.name || say('publish.publish.yourSite')
    })}</title
  ></svelte:head
>

<SiteGate {site}>
  <Frame {site} {act}>
    {#if site.view && view}
      <header class="head">
        <h1>{say('publish.publish.publish')}</h1>
        <p class="lead">
          {#if !site.view.kept}
            {say('publish.publish.thereIsNoPageTo')}
          {:else if !isPublic}
            {say('publish.publish.nothingOfThisSiteIs')}
          {:else if changes.length === 0}
            {say('publish.publish.whatPeopleSeeIsWhat')}
          {:else}
            {say('publish.publish.peopleStillSeeTheVersion', {
              publishedAt: day.format(new Date(live?.publishedAt ?? Date.now())),
              rest: blocked
                ? say('publish.publish.somethingHasToBePut')
                : say('publish.publish.nothingKeepsYouFromPublishing')
            })}
          {/if}
        </p>
      </header>
      {#if site.outbox && site.outbox.keeping !== 'kept'}<KeptLine outbox={site.outbox} />{/if}
      {#if !site.view.kept}
        <p><a class="act main" href="/sites/{id}/page">{say('publish.publish.lookAtTheDraft')}</a></p>
      {:else}
        <div class="board" class:alone={view.versions.length === 0}>
          <div class="column">
            <ConfirmAddress />
            {#if published}
              <p class="leaf is-open done" role="status">
                {say('publish.publish.yourPageIsPublicAt')}
                <a class="word" href={published} target="_blank" rel="noopener">{published}</a>
              </p>
            {/if}
            {#if fault.detail && fault.field !== 'address'}
              <p class="leaf wrong fault" role="alert">{fault.detail}</p>
            {/if}
            {#if !isPublic}
              <form class="leaf chosen" onsubmit={send} novalidate>
                <label for="address">{say('publish.publish.addressOfTheSite')}</label>
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
                    : say('publish.publish.peopleFindItAt', { address: address || '…', host: location.host })}
                </p>
                {@render button()}
              </form>
            {/if}
            {#if !isPublic || changes.length > 0}
              <WhatPeopleSee
                live={live ? `${site.view.preview}version/${live.id}/` : ''}
                coming={site.view.preview}
              />
            {/if}
            {#if isPublic}<Changes {changes} />{/if}
            {#if isPublic && changes.length === 0}
              <p class="leaf is-open done">
                {say('publish.publish.changeAWordAPrice')}
              </p>
            {/if}
          </div>
          <SnagList snags={view.snags} site={id} />
          <div class="column">
            {#if site.view.publicAddress}<AddressLeaf address={site.view.publicAddress} />{/if}
            {#if view.versions.length > 0}
              <Versions
                versions={view.versions}
                preview={site.view.preview}
                waiting={isPublic ? changes.length : 0}
                address={site.view.publicAddress}
                owner={site.view.owner}
                {busy}
                {putBack}
                {unpublish}
              />
            {/if}
          </div>
        </div>
      {/if}
    {/if}
  </Frame>
</SiteGate>

{#snippet act()}
  {#if site.view?.kept && isPublic}
    <a class="word coming" href={site.view.preview} target="_blank" rel="noopener"
      >{say('publish.publish.seeTheComingVersion')}</a
    >
    {#if changes.length > 0}{@render button()}{/if}
  {/if}
{/snippet}

{#snippet button()}
  {#if session.isIn}
    <button class="act main" type="button" disabled={busy || blocked} onclick={publish}
      >{busy ? say('publish.publish.publishing') : words}</button
    >
  {:else if session.known}
    <a class="act main" href="/sign-in">{say('publish.publish.signInToPublish')}</a>
  {/if}
{/snippet}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 16px;
  }
  .head .lead {
    max-width: none;
  }
  .board {
    display: grid;
    grid-template-columns: minmax(0, 1.7fr) minmax(0, 1fr) 280px;
    gap: 20px;
    align-items: start;
    margin-top: 18px;
  }
  .board.alone {
    grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  }
  .board.alone > :last-child {
    display: none;
  }
  .column {
    display: grid;
    gap: 12px;
    min-width: 0;
  }
  .done,
  .fault.leaf,
  form {
    padding: 14px 20px;
  }
  .done,
  form {
    overflow-wrap: anywhere;
  }
  label {
    font-weight: 700;
  }
  form .quiet,
  form .fault {
    margin: 6px 0 16px;
  }
  .fault {
    color: var(--madder);
  }
  @media (max-width: 1180px) {
    .board {
      grid-template-columns: minmax(0, 1fr) 300px;
    }
    .board > :last-child {
      grid-column: 2;
      grid-row: 1 / 3;
    }
  }
  @media (max-width: 860px) {
    .board,
    .board.alone {
      grid-template-columns: minmax(0, 1fr);
    }
    .board > :last-child {
      grid-column: auto;
      grid-row: auto;
    }
  }
  @media (max-width: 720px) {
    .coming {
      display: none;
    }
  }
</style>
