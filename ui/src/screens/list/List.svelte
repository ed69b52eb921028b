<script lang="ts">
  import { untrack } from 'svelte';
  import Frame from '../../parts/Frame.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import { route } from '../../router';
  import { SiteState } from '../../site.svelte';
  import BringPeople from './BringPeople.svelte';
  import HookLeaf from '../../parts/hook/HookLeaf.svelte';
  import { ListState } from './list.svelte';
  import ListRegister from './ListRegister.svelte';

  /** Who wants to be written to; the list as a file, in and out; a program that is told. */
  const site = new SiteState();
  const id = $derived((route.params as { id?: string }).id ?? '');
  const list = $derived(new ListState(id));

  $effect(() => {
    const asked = list;
    return untrack(() => {
      void asked.load();
      return site.open(asked.id);
    });
  });

  // What a program was told, and who has confirmed, is seen without a reload.
  $effect(() => {
    const look = setInterval(() => {
      const isAtTop = list.members.length <= (list.view?.members.length ?? 0);
      if (document.visibilityState === 'visible' && isAtTop) void list.load();
    }, 5000);
    return () => clearInterval(look);
  });

  const waiting = $derived(list.view?.asked ?? 0);
</script>

<svelte:head><title>{site.sheet.lines.name || 'Your list'} · List · Ostium</title></svelte:head>

<SiteGate {site}>
  <Frame {site} broad>
    <h1>Your list</h1>
    {#if list.view}
      <p class="lead">
        {list.view.number === 0
          ? 'Nobody is on it yet.'
          : list.view.number === 1
            ? 'One person wants to hear from you.'
            : `${list.view.number} people want to hear from you.`}
        {waiting === 0
          ? ''
          : waiting === 1
            ? 'One more was asked to confirm.'
            : `${waiting} more were asked to confirm.`}
        {#if list.view.stands}
          <a class="word" href="/sites/{id}/doors">Its door</a>
        {:else}
          The sign-up stands on no page: <a class="word" href="/sites/{id}/page">add it to your page</a>.
        {/if}
      </p>
      <div role="status">
        {#if list.trouble === 'away'}
          <p class="away">
            The connection is away. This is the list as it was; it is asked for again by itself.
          </p>
        {/if}
      </div>
      {#if list.trouble === 'signedOut'}
        <section class="leaf chosen signed-out" aria-labelledby="signed-out">
          <h2 id="signed-out">You are signed out</h2>
          <p class="quiet">Sign in, and you are where you were.</p>
          <SignInForm done={() => list.load()} />
        </section>
      {/if}
      <div class="board">
        <ListRegister {list} />
        <div class="beside">
          <BringPeople {list} />
          {#if site.view?.owner}<HookLeaf
              site={id}
              subject="LIST"
              about="everybody who comes or leaves"
            />{/if}
        </div>
      </div>
    {:else}
      <p class="quiet" role="status">
        {list.trouble === 'away'
          ? 'The connection is away. The list opens by itself once it is back.'
          : 'Opening …'}
      </p>
    {/if}
  </Frame>
</SiteGate>

<style>
  .lead {
    margin: 8px 0 18px;
  }
  .away {
    margin-bottom: 14px;
    color: var(--brass);
  }
  .signed-out {
    max-width: 460px;
    margin-bottom: 20px;
    padding: 18px 24px 20px;
  }
  .board {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 3fr);
    gap: 26px;
    align-items: start;
  }
  .beside {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
  @media (max-width: 900px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
