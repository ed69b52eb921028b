<script lang="ts">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

  /** One of a few, in words. `chips` are leaves to tap; otherwise the chosen word is underlined. */
  let {
    label,
    choices,
    value,
    chips = false,
    choose
  }: {
    label: string;
    choices: readonly { value: string; words: string }[];
    value: string;
    chips?: boolean;
    choose: (value: string) => void;
  } = $props();
</script>

<SegmentedControl
  class="choice-of {chips ? 'as-chips' : 'as-words'}"
  orientation="horizontal"
  {value}
  onValueChange={(change) => {
    if (change.value && change.value !== value) choose(change.value);
  }}
>
  <SegmentedControl.Label class="hidden-words">{label}</SegmentedControl.Label>
  <SegmentedControl.Control class="all">
    {#each choices as choice (choice.value)}
      <SegmentedControl.Item value={choice.value} class="one {chips ? 'chip-leaf' : ''}">
        <SegmentedControl.ItemText>{choice.words}</SegmentedControl.ItemText>
        <SegmentedControl.ItemHiddenInput />
      </SegmentedControl.Item>
    {/each}
  </SegmentedControl.Control>
</SegmentedControl>

<style>
  :global(.choice-of .all) {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    padding: 0;
    border: 0;
    background: none;
  }
  :global(.choice-of.as-chips .all) {
    gap: 8px;
  }
  :global(.choice-of .one) {
    display: inline-flex;
    flex: none;
    align-items: center;
    width: auto;
    cursor: pointer;
  }
  :global(.choice-of .one:has(:focus-visible)) {
    outline: 3px solid var(--lacquer);
    outline-offset: 2px;
  }
  :global(.as-words .one) {
    min-height: 36px;
    padding: 6px 0 4px;
    border-bottom: 2px solid transparent;
    color: var(--pencil);
    font-size: 15px;
  }
  :global(.as-words .one[data-state='checked']) {
    border-bottom-color: var(--ink);
    color: var(--ink);
    font-weight: 700;
  }
  :global(.as-chips .one[data-state='checked']) {
    background: var(--lacquer-tint);
    border-color: var(--lacquer);
    color: var(--lacquer);
    font-weight: 700;
  }
  @media (max-width: 720px) {
    :global(.choice-of .one) {
      min-height: 44px;
    }
  }
</style>
