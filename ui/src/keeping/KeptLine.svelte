<script lang="ts">
  import type { Keeping } from '../site.svelte';

  /** The quiet line that says what is kept. */
  let { keeping, hasKept }: { keeping: Keeping; hasKept: boolean } = $props();

  const words = $derived(
    {
      kept: hasKept ? 'Kept a moment ago' : 'All of it is kept',
      keeping: 'Keeping …',
      waiting: 'Not kept yet: the connection is away. It is tried again by itself.',
      conflict: 'This site was changed in another window.'
    }[keeping]
  );
</script>

<p class="kept" class:wrong={keeping === 'waiting' || keeping === 'conflict'} role="status">
  {words}
  {#if keeping === 'conflict'}
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
