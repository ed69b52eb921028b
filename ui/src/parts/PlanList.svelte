<script lang="ts">
  import type { Drafting } from './drafting.svelte';

  /** What stands on each page, and why. */
  let { drafting }: { drafting: Drafting } = $props();

  const many = $derived(drafting.pages.length > 1);
</script>

{#each drafting.pages as page, at (page.slug)}
  {#if many}
    <h3>{page.name}</h3>
    {#if page.reason}<p class="quiet">{page.reason}</p>{/if}
  {/if}
  <ol>
    {#each page.sections as section, index (section.name + index)}
      <li>
        <span class="no">{many ? `${at + 1}.${index + 1}` : index + 1}</span><span
          ><b>{section.name}</b><span class="quiet">{section.reason}</span></span
        >
      </li>
    {/each}
  </ol>
{/each}

<style>
  h3 {
    margin-top: 12px;
    font-size: 18px;
  }
  ol {
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    gap: 14px;
    padding: 9px 0;
    border-top: 1px solid var(--fine-rule);
  }
  .no {
    color: var(--lacquer);
    font:
      700 18px/1.3 'Aleo Variable',
      Georgia,
      serif;
    min-width: 14px;
  }
  b,
  .quiet {
    display: block;
  }
</style>
