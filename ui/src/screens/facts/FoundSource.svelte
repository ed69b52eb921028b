<script lang="ts">
  import type { PasteState } from './paste.svelte';
  import { stretches, type Findings } from './take';
  import { say } from '../../words/say';

  /** The source, with what was found marked and linked to its proposal. */
  let { paste, findings, again }: { paste: PasteState; findings: Findings; again: () => void } = $props();

  const cut = $derived(stretches(findings));

  function point(id: string): void {
    paste.chosen = id;
    document.getElementById(`proposal-${id}`)?.scrollIntoView({ block: 'nearest' });
  }
</script>

<div class="source leaf chosen">
  <h2 id="found-heading">{say('facts.foundSource.from', { kind: findings.kind })}</h2>
  <pre dir="auto">{#each cut as stretch, index (index)}{#if stretch.proposal}{@const proposal =
          stretch.proposal}<button
          type="button"
          class="mark {proposal.standing === 'SAME' || paste.done[proposal.id]?.back ? 'known' : 'new'}"
          class:pointed={paste.chosen === proposal.id}
          title={proposal.name}
          onclick={() => point(proposal.id)}>{stretch.words}</button
        >{:else}<span class:left={stretch.left}>{stretch.words}</span>{/if}{/each}</pre>
  {#if findings.note}<p class="note">{findings.note}</p>{/if}
  <button type="button" class="word" onclick={again}>{say('facts.foundSource.readSomethingElse')}</button>
</div>

<style>
  .source {
    padding: 14px 16px 4px;
    background: var(--sheet);
  }
  pre {
    max-height: 420px;
    margin: 8px 0;
    overflow: auto;
    color: var(--pencil);
    font: inherit;
    font-size: 15px;
    line-height: 1.6;
    white-space: pre-wrap;
    overflow-wrap: anywhere;
  }
  .mark {
    display: inline;
    padding: 0 2px;
    border: 0;
    border-bottom: 2px solid;
    border-radius: 0;
    font: inherit;
    text-align: left;
    white-space: pre-wrap;
    color: var(--ink);
    cursor: pointer;
  }
  .known {
    border-color: var(--verdigris);
    background: var(--verdigris-tint);
  }
  .new {
    border-color: var(--brass);
    background: var(--brass-tint);
  }
  .mark.pointed {
    outline: 2px solid var(--lacquer);
  }
  .left {
    text-decoration: underline dotted var(--control);
    text-underline-offset: 4px;
  }
  .note {
    color: var(--brass-ink);
    font-size: 15px;
  }
</style>
