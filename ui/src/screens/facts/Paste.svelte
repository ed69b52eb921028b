<script lang="ts">
  import { tick, untrack } from 'svelte';
  import type { SiteState } from '../../site.svelte';
  import FoundRows from './FoundRows.svelte';
  import FoundSource from './FoundSource.svelte';
  import { PasteState } from './paste.svelte';
  import PasteBox from './PasteBox.svelte';
  import { say } from '../../words/say';

  /** The box for what an owner has; once it is read, the source with what was found, and the proposals beside it. */
  let {
    site,
    wide = false,
    give
  }: { site: SiteState; wide?: boolean; give?: (files: File[]) => Promise<void> } = $props();

  const paste = untrack(() => new PasteState(site));
  let result = $state<HTMLElement>();

  $effect(() => {
    if (paste.findings) result?.focus();
  });

  async function again(): Promise<void> {
    paste.again();
    await tick();
    document.getElementById('paste')?.focus();
  }
</script>

<section class:wide aria-label={say('facts.paste.fromWhatYouHave')}>
  {#if paste.findings}
    <div class="read" bind:this={result} tabindex="-1" role="group" aria-labelledby="found-heading">
      <FoundSource {paste} findings={paste.findings} {again} />
      <FoundRows {paste} findings={paste.findings} />
    </div>
  {:else}
    <PasteBox {paste} {wide} {give} />
  {/if}
</section>

<style>
  .read {
    display: grid;
    gap: 12px;
  }
  .read:focus {
    outline: none;
  }
  .wide .read {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    align-items: start;
  }
  @media (max-width: 980px) {
    .wide .read {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
