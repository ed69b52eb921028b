<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A row of a leaf: what it is on the left, what is known of it on the right. */
  let {
    label,
    for: target,
    hint = '',
    children
  }: { label: string; for?: string; hint?: string; children: Snippet } = $props();
</script>

<div class="row">
  {#if target}
    <label for={target}>{label}</label>
  {:else}
    <span class="label">{label}</span>
  {/if}
  <div class="value">
    {@render children()}
    {#if hint}<p class="hint">{hint}</p>{/if}
  </div>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: 150px minmax(0, 1fr);
    align-items: baseline;
    padding: 8px 0;
  }
  .row + :global(.row) {
    border-top: 1px solid var(--fine-rule);
  }
  label,
  .label {
    font-weight: 700;
  }
  .hint {
    margin-top: 6px;
    color: var(--pencil);
    font-size: 14px;
  }
  @media (max-width: 720px) {
    .row {
      grid-template-columns: minmax(0, 1fr);
      gap: 2px;
      padding: 10px 0;
    }
  }
</style>
