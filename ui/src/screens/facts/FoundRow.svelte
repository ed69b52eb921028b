<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Became } from './paste.svelte';
  import { say } from '../../words/say';

  /** Something found: what it is, and what can be done with it, or what became of it. */
  let {
    id,
    name,
    says,
    note = '',
    became,
    taken = say('facts.foundRow.taken'),
    pointed = false,
    undo,
    choices,
    acts
  }: {
    id: string;
    name: string;
    says: string;
    note?: string;
    became: Became | undefined;
    taken?: string;
    pointed?: boolean;
    undo: () => void;
    choices?: Snippet;
    acts: Snippet;
  } = $props();
</script>

<li id="proposal-{id}" class:pointed>
  <div class="what">
    {#if name}<p>{name}</p>{/if}
    <p class="says" dir="auto">{says}</p>
    {#if note && !became}<p class="note" dir="auto">{note}</p>{/if}
    {#if choices && !became}<div class="choices">{@render choices()}</div>{/if}
  </div>
  <div class="does">
    {#if became}
      <span class="quiet">{became.back ? taken : say('facts.foundRow.left')}</span>
      <button type="button" class="word" onclick={undo}
        >{say('facts.foundRow.undo')}<span class="hidden-words"> {name} {says}</span></button
      >
    {:else}
      {@render acts()}
    {/if}
  </div>
</li>

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 4px 12px;
    padding: 8px 16px;
  }
  li:not(:first-child) {
    border-top: 1px solid var(--fine-rule);
  }
  .pointed {
    background: var(--lacquer-tint);
  }
  .what {
    flex: 1 1 12em;
    min-width: 0;
    overflow-wrap: break-word;
  }
  .says,
  .note {
    color: var(--pencil);
    font-size: 15px;
  }
  .note {
    color: var(--brass-ink);
  }
  .does {
    display: flex;
    flex: none;
    gap: 14px;
    align-items: flex-start;
  }
  .does :global(.word) {
    min-height: 28px;
    padding-top: 0;
  }
  .does :global(.leave) {
    color: var(--pencil);
    font-weight: 400;
  }
  .quiet {
    line-height: 28px;
  }
  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin: 6px 0;
  }
  @media (max-width: 980px) {
    .does :global(.word),
    .choices :global(.chip-leaf) {
      min-height: 44px;
    }
  }
</style>
