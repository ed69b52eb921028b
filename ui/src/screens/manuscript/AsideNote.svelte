<script lang="ts">
  import type { Manuscript } from '../../api/client';
  import type { Block } from '../../document/types';
  import { plain } from '../../document/words';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** Words that were kept aside, since somebody else changed or took out the text they were written in. */
  let {
    manuscript,
    aside,
    isGone = false
  }: {
    manuscript: ManuscriptState;
    aside: Manuscript['asides'][number];
    /** Whether the text is not on the page any more. */
    isGone?: boolean;
  } = $props();

  const whose = $derived(
    aside.mine ? say('manuscript.asideNote.yourWords') : say('manuscript.asideNote.wordsOfSomebodyElse')
  );
  const tree: Block[] = $derived(aside.tree);
</script>

<div class="note">
  <p>
    {#if isGone}
      {say('manuscript.asideNote.keptAsideWhatTheyWere', { whose })}
    {:else}
      {say('manuscript.asideNote.keptAsideWhileTheseWere', { whose })}
    {/if}
    <q dir="auto">{plain(tree, manuscript.say)}</q>
  </p>
  {#if !isGone}<button
      class="in-line"
      type="button"
      onclick={() => manuscript.takeAside(aside.id, aside.text, tree)}
      >{say('manuscript.asideNote.takeThem')}</button
    >{/if}
  <button class="in-line" type="button" onclick={() => manuscript.letGo(aside.id)}
    >{say('manuscript.asideNote.letThemGo')}</button
  >
</div>

<style>
  .note {
    margin-top: 10px;
    padding-left: 9px;
    border-left: 3px solid var(--brass);
    color: var(--brass-ink);
    overflow-wrap: anywhere;
  }
  q {
    display: block;
    margin: 4px 0;
    color: var(--ink);
    user-select: text;
  }
  .in-line {
    min-height: 24px;
    padding: 0 2px;
    border: 0;
    background: none;
    color: var(--lacquer);
    font-weight: 700;
    cursor: pointer;
  }
  .in-line:hover {
    text-decoration: underline;
  }
  @media (max-width: 720px) {
    .in-line {
      min-height: 44px;
    }
  }
</style>
