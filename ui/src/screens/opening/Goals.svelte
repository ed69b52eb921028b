<script lang="ts">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
  import type { SiteState } from '../../site.svelte';

  /** What visitors should do first. Until the owner says, it is what the trade's customers usually do. */
  let { site }: { site: SiteState } = $props();

  const goals = [
    { value: 'CALL', words: 'call' },
    { value: 'BOOK', words: 'ask for a time' },
    { value: 'WRITE', words: 'write' },
    { value: 'VISIT', words: 'come by' }
  ];
  const chosen = $derived(site.sheet.goal || (site.view?.trade.goal ?? 'WRITE'));
</script>

<SegmentedControl
  class="goals"
  orientation="horizontal"
  value={chosen}
  onValueChange={(change) => {
    if (change.value && change.value !== chosen) {
      site.sheet.goal = change.value;
      site.changed();
    }
  }}
>
  <SegmentedControl.Label class="hidden-words">Visitors should</SegmentedControl.Label>
  <SegmentedControl.Control class="chips">
    {#each goals as goal (goal.value)}
      <SegmentedControl.Item value={goal.value} class="chip-leaf goal">
        <SegmentedControl.ItemText>{goal.words}</SegmentedControl.ItemText>
        <SegmentedControl.ItemHiddenInput />
      </SegmentedControl.Item>
    {/each}
  </SegmentedControl.Control>
</SegmentedControl>

<style>
  :global(.goals .chips) {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    padding: 0;
    border: 0;
    background: none;
  }
  :global(.goals .goal) {
    display: inline-flex;
    align-items: center;
    width: auto;
    flex: none;
  }
  :global(.goals .goal[data-state='checked']) {
    background: var(--lacquer-tint);
    border-color: var(--lacquer);
    color: var(--lacquer);
    font-weight: 700;
  }
  :global(.goals .goal:has(:focus-visible)) {
    outline: 3px solid var(--lacquer);
    outline-offset: 2px;
  }
</style>
