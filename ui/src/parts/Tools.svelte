<script lang="ts">
  import type { Snippet } from 'svelte';
  import { toolbar } from './toolbar';

  /** Tools in words, one stop for Tab and arrow keys between them. */
  let { label, children }: { label: string; children: Snippet } = $props();
</script>

<div class="tools" role="toolbar" aria-label={label} {@attach toolbar}>{@render children()}</div>

<style>
  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
    align-items: center;
    min-width: 0;
  }
  .tools > :global(button) {
    min-height: 32px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--lacquer);
    font-size: 15px;
    font-weight: 700;
    cursor: pointer;
  }
  .tools > :global(button:hover) {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  @media (max-width: 720px) {
    .tools > :global(button) {
      min-width: 44px;
      min-height: 44px;
    }
  }
</style>
