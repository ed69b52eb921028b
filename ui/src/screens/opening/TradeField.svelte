<script lang="ts">
  import { Combobox, useListCollection } from '@skeletonlabs/skeleton-svelte';
  import { api, type Suggestion } from '../../api/client';
  import type { SiteState } from '../../site.svelte';

  /** The trade, with type-ahead over the catalogue; any other words do too. */
  let { site }: { site: SiteState } = $props();

  let found = $state<Suggestion[]>([]);
  let wanted = $state(false);
  let asked = 0;
  const collection = $derived(
    useListCollection({ items: found, itemToString: (item) => item.name, itemToValue: (item) => item.id })
  );

  async function suggest(words: string): Promise<void> {
    const turn = ++asked;
    if (words.trim().length < 2) {
      found = [];
      return;
    }
    const { data } = await api.GET('/api/trades', { params: { query: { words } } });
    // An answer that comes after the owner has gone on must not open a list over the next line.
    const stillHere = document.activeElement?.id === 'trade';
    if (turn !== asked || !data || !stillHere) return;
    found = data.length === 1 && data[0]?.name === words.trim() ? [] : data;
  }

  function typed(words: string, reason: string | undefined): void {
    if (reason === 'script' || words === site.sheet.lines.trade) return;
    site.sheet.lines.trade = words;
    site.changed();
    if (reason === 'input-change') void suggest(words);
  }

  /** Closes the list when the owner goes on; a press on an option comes first. */
  function leave(): void {
    asked++;
    setTimeout(() => (found = []), 150);
  }

  function chosen(id: string | undefined): void {
    const trade = found.find((each) => each.id === id);
    if (!trade) return;
    site.sheet.lines.trade = trade.name;
    site.changed();
  }
</script>

<Combobox
  class="trade"
  {collection}
  ids={{ input: 'trade' }}
  inputValue={site.sheet.lines.trade}
  onInputValueChange={(change) => typed(change.inputValue, change.reason)}
  onValueChange={(change) => chosen(change.value[0])}
  allowCustomValue
  open={wanted && found.length > 0}
  onOpenChange={(change) => (wanted = change.open)}
  openOnClick={false}
  inputBehavior="none"
  selectionBehavior="replace"
  positioning={{ sameWidth: true, placement: 'bottom-start' }}
>
  <Combobox.Control class="control">
    <Combobox.Input
      class="line"
      placeholder="What you do: chimney sweep, piano tuner …"
      autocomplete="off"
      aria-describedby="trade-answer"
      onblur={leave}
    />
  </Combobox.Control>
  <Combobox.Positioner class="positioner">
    <Combobox.Content class="content">
      {#each found as trade (trade.id)}
        <Combobox.Item item={trade} class="item">
          <Combobox.ItemText>{trade.name}</Combobox.ItemText>
          {#if trade.matched !== trade.name}<span class="also">{trade.matched}</span>{/if}
        </Combobox.Item>
      {/each}
    </Combobox.Content>
  </Combobox.Positioner>
</Combobox>

<style>
  :global(.trade .control) {
    display: block;
  }
  :global(.trade .content) {
    z-index: 10;
    padding: 4px 0;
    border: 1px solid var(--control);
    border-radius: var(--leaf-small);
    background: var(--panel);
    box-shadow: var(--shadow);
    list-style: none;
  }
  :global(.trade .item) {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    min-height: 40px;
    align-items: center;
    padding: 4px 14px;
    border-radius: 0;
    cursor: pointer;
  }
  :global(.trade .item[data-highlighted]) {
    background: var(--lacquer-tint);
    color: var(--lacquer);
  }
  :global(.trade .also) {
    color: var(--pencil);
    font-size: 14px;
  }
</style>
