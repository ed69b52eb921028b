<script lang="ts">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

  /** Phone or laptop, in words. */
  let { wide = $bindable(false) }: { wide?: boolean } = $props();
</script>

<SegmentedControl
  class="width-switch"
  orientation="horizontal"
  value={wide ? 'laptop' : 'phone'}
  onValueChange={(change) => (wide = change.value === 'laptop')}
>
  <SegmentedControl.Label class="hidden-words">Width of the page</SegmentedControl.Label>
  <SegmentedControl.Control class="choices">
    <SegmentedControl.Item value="phone" class="choice">
      <SegmentedControl.ItemText>On a phone</SegmentedControl.ItemText>
      <SegmentedControl.ItemHiddenInput />
    </SegmentedControl.Item>
    <SegmentedControl.Item value="laptop" class="choice">
      <SegmentedControl.ItemText>on a laptop</SegmentedControl.ItemText>
      <SegmentedControl.ItemHiddenInput />
    </SegmentedControl.Item>
  </SegmentedControl.Control>
</SegmentedControl>

<style>
  :global(.width-switch .choices) {
    display: flex;
    gap: 16px;
    padding: 0;
    border: 0;
    background: none;
  }
  :global(.width-switch .choice) {
    min-height: 36px;
    padding: 6px 0 4px;
    border-bottom: 2px solid transparent;
    color: var(--pencil);
    font-size: 15px;
    cursor: pointer;
  }
  :global(.width-switch .choice[data-state='checked']) {
    border-bottom-color: var(--ink);
    color: var(--ink);
    font-weight: 700;
  }
  :global(.width-switch .choice:has(:focus-visible)) {
    outline: 3px solid var(--lacquer);
  }
</style>
