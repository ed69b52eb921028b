<script lang="ts">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
  import { light, type Light } from './light.svelte';

  const choices: { value: Light; words: string }[] = [
    { value: 'machine', words: 'As your screen' },
    { value: 'light', words: 'Day' },
    { value: 'dark', words: 'Night' }
  ];
</script>

<SegmentedControl
  class="light-switch"
  orientation="horizontal"
  value={light.choice}
  onValueChange={(change) => light.set(change.value as Light)}
>
  <SegmentedControl.Label class="hidden-words">Colours</SegmentedControl.Label>
  <SegmentedControl.Control class="choices">
    {#each choices as choice (choice.value)}
      <SegmentedControl.Item value={choice.value} class="choice">
        <SegmentedControl.ItemText>{choice.words}</SegmentedControl.ItemText>
        <SegmentedControl.ItemHiddenInput />
      </SegmentedControl.Item>
    {/each}
  </SegmentedControl.Control>
</SegmentedControl>

<style>
  :global(.hidden-words) {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
    white-space: nowrap;
  }
  :global(.light-switch .choices) {
    display: flex;
    gap: 4px;
    background: none;
    border: 0;
    padding: 0;
  }
  :global(.light-switch .choice) {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    padding: 2px 8px;
    color: var(--pencil);
    font-size: 14px;
    cursor: pointer;
  }
  :global(.light-switch .choice[data-state='checked']) {
    color: var(--ink);
    font-weight: 700;
    text-decoration: underline;
    text-decoration-thickness: 2px;
    text-underline-offset: 5px;
  }
  :global(.light-switch .choice:has(:focus-visible)) {
    outline: 3px solid var(--lacquer);
  }
</style>
