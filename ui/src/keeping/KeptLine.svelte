<script lang="ts">
  import type { Unkept } from './browserStore';
  import type { Outbox } from './outbox.svelte';
  import SignInHere from './SignInHere.svelte';

  /**
   * The quiet line that says what is kept. Where a word of the owner's is needed, a leaf stands near the head of the screen
   * until it is given.
   */
  let { outbox }: { outbox: Outbox | null } = $props();

  let signingIn = $state(false);

  const keeping = $derived(outbox?.keeping ?? 'kept');
  const words = $derived(
    {
      kept: outbox?.hasKept ? 'Kept a moment ago' : 'All of it is kept',
      onItsWay: 'Keeping …',
      away: outbox?.waits
        ? 'Not kept yet: the connection is away. It is sent by itself; until then this browser holds it.'
        : 'The connection is away. You see what was last known.',
      signedOut: 'You are signed out.',
      refused: 'Something is not kept.',
      met: 'Something is not kept.'
    }[keeping]
  );

  /** Words of a text that are refused say so where they stand; all else is said here. */
  const said = $derived(outbox?.stopped.filter((item) => !item.place.startsWith('text/')) ?? []);
  const inText = $derived(outbox?.stopped.find((item) => item.place.startsWith('text/')));

  function show(): void {
    const text = document.getElementById(`text-${inText?.place.slice('text/'.length)}`);
    text?.scrollIntoView({ block: 'center' });
    text?.focus({ preventScroll: true });
  }

  function yours(item: Unkept): string {
    return item.edit.kind === 'setLine' ? item.edit.words : '';
  }

  function quoted(said: string): string {
    return said.trim() === '' ? 'nothing' : `“${said.length > 80 ? `${said.slice(0, 78)} …` : said}”`;
  }
</script>

{#if outbox}
  <p class="kept" class:wrong={!['kept', 'onItsWay'].includes(keeping)} role="status">
    {words}
    {#if keeping === 'refused' && inText}<button class="word" type="button" onclick={show}>Show it</button
      >{/if}
  </p>
  {#if keeping === 'signedOut'}
    <div class="stop leaf" role="alert">
      <p>
        <strong>You are signed out.</strong>
        {outbox.waits
          ? 'What you typed last is not kept yet; this browser holds it.'
          : 'Nothing you typed is lost.'}
      </p>
      <button class="act main" type="button" onclick={() => (signingIn = true)}>Sign in here</button>
    </div>
  {:else if said.length > 0}
    <div class="stop leaf" role="alert">
      {#each said as item (item.key)}
        <div class="item">
          {#if item.state === 'met'}
            <p>
              <strong>Somebody else has changed this too.</strong> Yours: {quoted(yours(item))}. Theirs: {quoted(
                outbox.theirs(item)
              )}.
            </p>
            <button class="act" type="button" onclick={() => outbox.insist(item)}>Keep yours</button>
            <button class="act" type="button" onclick={() => outbox.letGo(item)}>Take theirs</button>
          {:else}
            <p><strong>Not kept.</strong> {item.reason}</p>
            <button class="act" type="button" onclick={() => outbox.letGo(item)}>Let it go</button>
          {/if}
        </div>
      {/each}
    </div>
  {/if}
  <SignInHere bind:open={signingIn} />
{/if}

<style>
  .kept {
    color: var(--pencil);
    font-size: 15px;
  }
  .wrong {
    color: var(--madder);
  }
  .stop {
    position: fixed;
    inset: 68px 0 auto;
    z-index: 20;
    width: min(720px, calc(100% - 32px));
    max-height: 40vh;
    margin-inline: auto;
    padding: 14px 22px;
    overflow: auto;
    border-left-color: var(--madder);
    background: var(--panel);
    box-shadow: 0 8px 30px rgb(0 0 0 / 18%);
  }
  div.stop:has(> .act),
  .item {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
  }
  .item + .item {
    margin-top: 10px;
    padding-top: 10px;
    border-top: 1px solid var(--fine-rule);
  }
  .stop p {
    flex: 1 1 260px;
    overflow-wrap: anywhere;
  }
</style>
