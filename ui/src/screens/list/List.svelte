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
  import { say } from '../../words/say';

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

<svelte:head
  ><title>{say('list.list.listOstium', { name: site.sheet.lines.name || say('list.list.yourList') })}</title
  ></svelte:head
>

<SiteGate {site}>
  <Frame {site} broad>
    <h1>{say('list.list.yourList')}</h1>
    {#if list.view}
      <p class="lead">
        {list.view.number === 0
          ? say('list.list.nobodyIsOnItYet')
          : say('list.list.onePersonWantsToHear', { count: list.view.number })}
        {waiting === 0 ? '' : say('list.list.oneMoreWasAskedTo', { count: waiting })}
        {#if list.view.stands}
          <a class="word" href="/sites/{id}/doors">{say('list.list.itsDoor')}</a>
        {:else}
          {say('list.list.theSignUpStandsOn')}
          <a class="word" href="/sites/{id}/page">{say('list.list.addItToYourPage')}</a>.
        {/if}
      </p>
      <div role="status">
        {#if list.trouble === 'away'}
          <p class="away">
            {say('list.list.theConnectionIsAwayThis')}
          </p>
        {/if}
      </div>
      {#if list.trouble === 'signedOut'}
        <section class="leaf chosen signed-out" aria-labelledby="signed-out">
          <h2 id="signed-out">{say('list.list.youAreSignedOut')}</h2>
          <p class="quiet">{say('list.list.signInAndYouAre')}</p>
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
              about={say('list.list.everybodyWhoComesOrLeaves')}
            />{/if}
        </div>
      </div>
    {:else}
      <p class="quiet" role="status">
        {list.trouble === 'away' ? say('list.list.theConnectionIsAwayThe') : say('list.list.opening')}
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
