<script lang="ts">
  import type { Editor } from '@tiptap/core';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import type { ManuscriptState } from './manuscript.svelte';
  import RowTools from './RowTools.svelte';
  import TextTools from './TextTools.svelte';
  import { say } from '../../words/say';

  /** At the foot of the manuscript: what is kept, the last step back, and the tools of what has the cursor. */
  let {
    manuscript,
    words,
    row,
    undo,
    redo,
    showKeys
  }: {
    manuscript: ManuscriptState;
    words: { editor: Editor; lists: boolean; text: string } | null;
    row: { section: string; item: string } | null;
    undo: () => void;
    redo: () => void;
    showKeys: () => void;
  } = $props();
</script>

<div class="foot" data-foot>
  <KeptLine outbox={manuscript.outbox} />
  <span class="steps">
    <button
      class="word"
      type="button"
      onclick={undo}
      disabled={!manuscript.view?.canUndo && !manuscript.waits && !manuscript.outbox.stopped.length}
      >{say('manuscript.manuscriptFoot.undo')}</button
    >
    <button class="word" type="button" onclick={redo} disabled={!manuscript.view?.canRedo}
      >{say('manuscript.manuscriptFoot.redo')}</button
    >
  </span>
  {#if words}
    {#key words.editor}<TextTools
        editor={words.editor}
        lists={words.lists}
        text={words.text}
        {manuscript}
      />{/key}
  {:else if row}
    <RowTools {manuscript} section={row.section} item={row.item} />
  {:else}
    <button class="word keys" type="button" onclick={showKeys}>{say('manuscript.manuscriptFoot.keys')}</button
    >
    <a class="word" href="/sites/{manuscript.id}/publish"
      >{say('manuscript.manuscriptFoot.earlierVersions')}</a
    >
  {/if}
</div>

<style>
  .foot {
    position: sticky;
    bottom: 0;
    z-index: 3;
    display: flex;
    flex-wrap: wrap;
    gap: 0 20px;
    align-items: center;
    padding: 2px 18px;
    background: var(--well);
    border-top: 1px solid var(--rule);
  }
  .steps {
    display: flex;
    gap: 18px;
  }
  .keys {
    margin-left: auto;
  }
  .word {
    font-size: 15px;
  }
  .word[disabled] {
    color: var(--pencil);
    font-weight: 400;
    cursor: default;
  }
  @media (max-width: 980px) {
    .keys {
      display: none;
    }
    .foot {
      padding-inline: 16px;
    }
  }
</style>
