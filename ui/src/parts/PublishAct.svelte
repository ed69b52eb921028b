<script lang="ts">
  import type { SiteState } from '../site.svelte';

  /** What is not public yet, and the way to make it public. */
  let { site, changes }: { site: SiteState; changes?: number } = $props();

  const view = $derived(site.view);
  const waiting = $derived(changes ?? view?.pendingChanges ?? 0);
  const standing = $derived(
    !view
      ? ''
      : !view.publicAddress
        ? 'Not public yet'
        : waiting === 0
          ? 'Public as it stands'
          : waiting === 1
            ? 'One change not public yet'
            : `${waiting} changes not public yet`
  );
</script>

<span class="quiet standing" class:waits={standing !== 'Public as it stands'}>{standing}</span>
{#if view?.publicAddress}<a class="word live" href={view.publicAddress} target="_blank" rel="noopener"
    >Open it</a
  >{/if}
{#if view}<a class="act main" href="/sites/{view.id}/publish">Publish</a>{/if}

<style>
  .standing {
    margin-top: 0;
  }
  .standing.waits {
    color: var(--brass);
    font-weight: 700;
  }
  @media (max-width: 720px) {
    .standing,
    .live {
      display: none;
    }
  }
</style>
