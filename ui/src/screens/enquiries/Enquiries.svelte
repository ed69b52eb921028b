<script lang="ts">
  import { onDestroy, tick, untrack } from 'svelte';
  import { api, problemOf, type Enquiry } from '../../api/client';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { route } from '../../router';
  import { SiteState } from '../../site.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import PublishAct from '../../parts/PublishAct.svelte';
  import { notices } from '../../parts/notices';
  import EnquiryLeaf from './EnquiryLeaf.svelte';
  import { peopleWait } from './waiting';

  const site = new SiteState();
  const id = $derived((route.params as { id?: string }).id ?? '');
  let enquiries = $state<Enquiry[] | null>(null);
  let now = $state(new Date());
  let away = $state(false);

  $effect(() => {
    const asked = id;
    return untrack(() => {
      void load(asked);
      return site.open(asked);
    });
  });

  async function load(asked: string): Promise<void> {
    const { data, response } = await api.GET('/api/sites/{id}/enquiries', {
      params: { path: { id: asked } }
    });
    if (data) enquiries = data;
    away = response.status >= 500;
    now = new Date();
  }

  const timer = setInterval(() => void load(id), 20_000);
  onDestroy(() => clearInterval(timer));

  const groups = $derived([
    { state: 'NEW', words: 'Waiting for an answer', list: of('NEW').reverse() },
    { state: 'DONE', words: 'Done', list: of('DONE') },
    { state: 'UNWANTED', words: 'Set aside as unwanted', list: of('UNWANTED') }
  ]);

  function of(state: Enquiry['state']): Enquiry[] {
    return (enquiries ?? []).filter((enquiry) => enquiry.state === state);
  }

  async function mark(enquiry: Enquiry, state: Enquiry['state']): Promise<void> {
    const was = enquiry.state;
    const waiting = of('NEW').reverse();
    const next = waiting[waiting.findIndex((each) => each.id === enquiry.id) + 1];
    enquiry.state = state;
    const { error, response } = await api.PUT('/api/sites/{id}/enquiries/{enquiry}/state', {
      params: { path: { id, enquiry: enquiry.id } },
      body: { state }
    });
    if (!response.ok) {
      enquiry.state = was;
      notices.error({ title: 'Not marked.', description: problemOf(error, response).detail });
    } else {
      notices.info({
        title: state === 'NEW' ? 'It waits again.' : state === 'DONE' ? 'Done.' : 'Set aside.'
      });
    }
    await tick();
    // The one that was marked has gone to another list; the next one that waits is at hand.
    const place = was === 'NEW' && response.ok && next ? next.id : enquiry.id;
    document.getElementById(`enquiry-${place}`)?.focus();
    await site.reload();
  }
</script>

<svelte:head><title>{site.sheet.lines.name || 'Enquiries'} · Enquiries · Ostium</title></svelte:head>

<SiteGate {site}>
  <Frame {site} {act}>
    <h1>Enquiries</h1>
    <p class="lead">
      {enquiries && of('NEW').length > 0
        ? `${peopleWait(of('NEW').length)}. The longest wait stands first.`
        : 'Messages from the form on your page, each kept the moment it is sent.'}
    </p>
    <KeptLine outbox={site.outbox} />
    {#if away}<p class="away" role="alert">
        The connection is away. The list is brought up to date when it is back.
      </p>{/if}
    {#if enquiries && enquiries.length === 0}
      <section class="leaf empty">
        <h2>No message yet</h2>
        <p class="quiet">
          {site.view?.publicAddress
            ? 'When somebody writes through your page, the message stands here, with how long they have waited.'
            : 'Your page is not public yet. Publish it, and messages from its form arrive here.'}
        </p>
      </section>
    {/if}
    {#each groups as group (group.state)}
      {#if group.list.length > 0}
        <section class="group">
          <h2>{group.words} <span class="quiet">{group.list.length}</span></h2>
          {#each group.list as enquiry (enquiry.id)}
            <EnquiryLeaf {enquiry} {now} mark={(state) => mark(enquiry, state)} />
          {/each}
        </section>
      {/if}
    {/each}
  </Frame>
</SiteGate>

{#snippet act()}<PublishAct {site} />{/snippet}

<style>
  .lead {
    margin-top: 6px;
  }
  .group {
    display: grid;
    gap: 12px;
    max-width: 900px;
    margin-top: 22px;
  }
  .empty {
    max-width: 620px;
    margin-top: 20px;
    padding: 20px 24px;
  }
  .away {
    margin-top: 10px;
    color: var(--madder);
  }
</style>
