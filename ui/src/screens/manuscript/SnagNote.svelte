<script lang="ts">
  import type { Snag } from '../../api/client';
  import { getDesk } from './desk';
  import type { ManuscriptState } from './manuscript.svelte';

  /** Something to put right: what it is, and what puts it right or says that it is right as it is. */
  let { manuscript, snag }: { manuscript: ManuscriptState; snag: Snag } = $props();

  const desk = getDesk();

  function putRight(): void {
    if (snag.line === 'messages-to') document.getElementById('messages-to')?.focus();
    else if (snag.line) desk.openLine(snag.line);
    else void manuscript.fix(snag);
  }
</script>

<p class="note {snag.level}">
  {snag.words}
  {#if snag.fix}<button class="in-line" type="button" title={snag.why} onclick={putRight}>{snag.fix}</button
    >{/if}
  {#if snag.leave}<button class="in-line" type="button" onclick={() => void manuscript.fix(snag, true)}
      >{snag.leave}</button
    >{/if}
</p>

<style>
  .note {
    margin-top: 10px;
    padding-left: 9px;
    border-left: 3px solid var(--rule);
    overflow-wrap: anywhere;
  }
  .must {
    border-left-color: var(--madder);
    color: var(--madder);
  }
  .should {
    border-left-color: var(--brass);
    color: var(--brass-ink);
  }
  .could {
    color: var(--pencil);
  }
  .in-line {
    min-height: 24px;
    margin-right: 6px;
    padding: 0 2px;
    border: 0;
    background: none;
    color: var(--lacquer);
    font-weight: 700;
    cursor: pointer;
  }
  .must .in-line {
    color: var(--madder);
    text-decoration: underline;
    text-underline-offset: 3px;
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
