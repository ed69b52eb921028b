<script lang="ts">
  import { Combobox, useListCollection } from '@skeletonlabs/skeleton-svelte';

  interface Offer {
    id: string;
    words: string;
    also: string;
  }

  /** A line with type-ahead; what is not in the list does too. */
  let {
    id,
    value,
    placeholder,
    ask,
    typed,
    chosen,
    describedby
  }: {
    id: string;
    value: string;
    placeholder: string;
    ask: (words: string) => Promise<Offer[]>;
    typed: (words: string) => void;
    chosen: (id: string) => void;
    describedby?: string;
  } = $props();

  /** Asked once typing pauses for so long, in milliseconds. */
  const PAUSE = 150;

  let found = $state<Offer[]>([]);
  let wanted = $state(false);
  let asked = 0;
  let pause: ReturnType<typeof setTimeout> | undefined;
  const collection = $derived(
    useListCollection({ items: found, itemToString: (item) => item.words, itemToValue: (item) => item.id })
  );

  async function suggest(words: string): Promise<void> {
    const turn = ++asked;
    if (words.trim().length < 2) {
      found = [];
      return;
    }
    const offers = await ask(words);
    // An answer that comes after the owner has gone on must not open a list over the next line.
    if (turn !== asked || document.activeElement?.id !== id) return;
    found = offers.length === 1 && offers[0]?.words === words.trim() ? [] : offers;
  }

  function input(words: string, reason: string | undefined): void {
    if (reason === 'script' || words === value) return;
    typed(words);
    clearTimeout(pause);
    if (reason === 'input-change') pause = setTimeout(() => void suggest(words), PAUSE);
  }

  const open = $derived(wanted && found.length > 0);
  /** Whether the list takes the cursor: for a frame after it opens or closes, however late the frame comes. */
  let takesTheCursor = false;

  $effect(() => {
    void open;
    takesTheCursor = true;
    let frame = requestAnimationFrame(() => {
      frame = requestAnimationFrame(() => (takesTheCursor = false));
    });
    return () => cancelAnimationFrame(frame);
  });

  /** Closes the list when the owner goes on; a press on an option comes first. */
  function leave(): void {
    asked++;
    clearTimeout(pause);
    setTimeout(() => (found = []), 150);
  }

  /** A list that opens or closes just as the owner goes on to the next field takes the cursor; it is given back. */
  function enter(event: FocusEvent): void {
    const next = event.relatedTarget;
    if (takesTheCursor && next instanceof HTMLInputElement) {
      found = [];
      next.focus();
    }
  }
</script>

<Combobox
  class="suggest"
  {collection}
  ids={{ input: id }}
  inputValue={value}
  onInputValueChange={(change) => input(change.inputValue, change.reason)}
  onValueChange={(change) => {
    if (change.value[0] !== undefined) chosen(change.value[0]);
  }}
  allowCustomValue
  {open}
  onOpenChange={(change) => (wanted = change.open)}
  openOnClick={false}
  inputBehavior="none"
  selectionBehavior="replace"
  positioning={{ sameWidth: true, placement: 'bottom-start' }}
>
  <Combobox.Control class="control">
    <Combobox.Input
      class="line"
      {placeholder}
      autocomplete="off"
      aria-describedby={describedby}
      onblur={leave}
      onfocus={enter}
    />
  </Combobox.Control>
  <Combobox.Positioner class="positioner">
    <Combobox.Content class="content">
      {#each found as offer (offer.id)}
        <Combobox.Item item={offer} class="item">
          <Combobox.ItemText>{offer.words}</Combobox.ItemText>
          {#if offer.also}<span class="also">{offer.also}</span>{/if}
        </Combobox.Item>
      {/each}
    </Combobox.Content>
  </Combobox.Positioner>
</Combobox>

<style>
  :global(.suggest .control) {
    display: block;
  }
  :global(.suggest .content) {
    z-index: 10;
    padding: 4px 0;
    border: 1px solid var(--control);
    border-radius: var(--leaf-small);
    background: var(--panel);
    box-shadow: var(--shadow);
    list-style: none;
  }
  :global(.suggest .item) {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    min-height: 40px;
    align-items: center;
    padding: 4px 14px;
    border-radius: 0;
    cursor: pointer;
  }
  :global(.suggest .item[data-highlighted]) {
    background: var(--lacquer-tint);
    color: var(--lacquer);
  }
  :global(.suggest .also) {
    color: var(--pencil);
    font-size: 14px;
  }
</style>
