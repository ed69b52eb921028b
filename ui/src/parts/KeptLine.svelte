<script lang="ts">
  import type { SiteState } from '../site.svelte';

  /** The quiet line that says what is kept. */
  let { site }: { site: SiteState } = $props();

  const words = $derived(
    {
      kept: site.hasKept ? 'Kept a moment ago' : 'All of it is kept',
      keeping: 'Keeping …',
      waiting: 'Not kept yet: the connection is away. It is tried again by itself.',
      conflict: 'This site was changed in another window.'
    }[site.keeping]
  );
</script>

<p class="kept" class:wrong={site.keeping === 'waiting' || site.keeping === 'conflict'} role="status">
  {words}
  {#if site.keeping === 'conflict'}
    <button class="word" onclick={() => location.reload()}>Reload</button>
  {/if}
</p>

<style>
  .kept {
    color: var(--pencil);
    font-size: 15px;
  }
  .wrong {
    color: var(--madder);
  }
</style>
