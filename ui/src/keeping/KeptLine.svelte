<script lang="ts">
  import type { Unkept } from './browserStore';
  import type { Outbox } from './outbox.svelte';
  import SignInHere from './SignInHere.svelte';
  import { say } from '../words/say';

  /**
   * The quiet line that says what is kept. Where a word of the owner's is needed, a leaf stands near the head of the screen
   * until it is given.
   */
  let { outbox }: { outbox: Outbox | null } = $props();

  let signingIn = $state(false);

  const keeping = $derived(outbox?.keeping ?? 'kept');
  const words = $derived(
    {
      kept: outbox?.hasKept ? say('keeping.keptLine.keptAMomentAgo') : say('keeping.keptLine.allOfItIsKept'),
      onItsWay: say('keeping.keptLine.keeping'),
      away: outbox?.waits
        ? say('keeping.keptLine.notKeptYetTheConnection')
        : say('keeping.keptLine.theConnectionIsAwayYou'),
      often: say('keeping.keptLine.notKeptYetOften'),
      signedOut: say('keeping.keptLine.youAreSignedOut'),
      refused: say('keeping.keptLine.somethingIsNotKept'),
      met: say('keeping.keptLine.somethingIsNotKept')
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
    return said.trim() === ''
      ? say('keeping.keptLine.nothing')
      : `“${said.length > 80 ? `${said.slice(0, 78)} …` : said}”`;
  }
</script>

{#if outbox}
  <p class="kept" class:wrong={!['kept', 'onItsWay'].includes(keeping)} role="status">
    {words}
    {#if keeping === 'refused' && inText}<button class="word" type="button" onclick={show}
        >{say('keeping.keptLine.showIt')}</button
      >{/if}
  </p>
  {#if keeping === 'signedOut'}
    <div class="stop leaf" role="alert">
      <p>
        <strong>{say('keeping.keptLine.youAreSignedOut')}</strong>
        {outbox.waits
          ? say('keeping.keptLine.whatYouTypedLastIs')
          : say('keeping.keptLine.nothingYouTypedIsLost')}
      </p>
      <button class="act main" type="button" onclick={() => (signingIn = true)}
        >{say('keeping.keptLine.signInHere')}</button
      >
    </div>
  {:else if said.length > 0}
    <div class="stop leaf" role="alert">
      {#each said as item (item.key)}
        <div class="item">
          {#if item.state === 'met'}
            <p>
              <strong>{say('keeping.keptLine.somebodyElseHasChangedThis')}</strong>
              {say('keeping.keptLine.yoursTheirs', {
                quoted: quoted(yours(item)),
                quoted2: quoted(outbox.theirs(item))
              })}
            </p>
            <button class="act" type="button" onclick={() => outbox.insist(item)}
              >{say('keeping.keptLine.keepYours')}</button
            >
            <button class="act" type="button" onclick={() => outbox.letGo(item)}
              >{say('keeping.keptLine.takeTheirs')}</button
            >
          {:else}
            <p><strong>{say('keeping.keptLine.notKept')}</strong> {item.reason}</p>
            <button class="act" type="button" onclick={() => outbox.letGo(item)}
              >{say('keeping.keptLine.letItGo')}</button
            >
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
