<script lang="ts">
  import AsideNote from './AsideNote.svelte';
  import type { ManuscriptState } from './manuscript.svelte';
  import SnagNote from './SnagNote.svelte';

  /** What belongs to no section that is on the page: things to put right, and words whose text was taken off it. */
  let { manuscript }: { manuscript: ManuscriptState } = $props();

  const snags = $derived(
    manuscript.view?.snags.filter(
      (snag) => !snag.section || !manuscript.sections.some((section) => section.id === snag.section)
    ) ?? []
  );
</script>

{#each snags as snag, index (index)}
  <div class="general"><SnagNote {manuscript} {snag} /></div>
{/each}
{#each manuscript.orphans as aside (aside.id)}
  <div class="general"><AsideNote {manuscript} {aside} isGone /></div>
{/each}

<style>
  .general {
    padding: 4px 26px 14px;
    border-bottom: 1px solid var(--fine-rule);
  }
</style>
