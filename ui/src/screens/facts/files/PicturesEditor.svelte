<script lang="ts">
  import type { SiteState } from '../../../site.svelte';
  import type { FilesState } from './files.svelte';
  import GiveFiles from './GiveFiles.svelte';
  import PictureDesk from './PictureDesk.svelte';
  import PictureLeaf from './PictureLeaf.svelte';
  import { picturesOf, type Use } from './rows';

  /** The pictures that belong to one place, each with what it shows, and where more are given. */
  let { site, files, use }: { site: SiteState; files: FilesState; use: Use } = $props();

  let desk = $state('');

  const rows = $derived(picturesOf(site.sheet, use));
  const several = $derived(use === 'work');
  const changed = $derived(rows.find((row) => row.id === desk));
</script>

<div class="all">
  {#each rows as row (row.id)}
    <PictureLeaf {site} {files} {row} change={() => (desk = row.id)} />
  {/each}
</div>
<GiveFiles
  {files}
  {use}
  {several}
  id="give-{use}"
  taken={(row) => document.getElementById(`picture-${row}-alternative`)?.focus()}
/>
{#if changed}
  {#key changed.id}
    <PictureDesk {site} {files} row={changed} close={() => (desk = '')} />
  {/key}
{/if}

<style>
  .all {
    display: grid;
    gap: 16px;
  }
  .all:not(:empty) {
    margin-bottom: 14px;
  }
</style>
