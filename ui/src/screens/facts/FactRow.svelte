<script lang="ts">
  import { tick, type Snippet } from 'svelte';
  import { say } from '../../words/say';

  /** A row of the facts sheet: said as it would be said; a press opens it where it stands. */
  let {
    id,
    label,
    value = '',
    missing = '',
    act = say('facts.factRow.add'),
    rare = false,
    fault = false,
    hidden = false,
    use = null,
    thumbs = [],
    open,
    toggle,
    children
  }: {
    id: string;
    label: string;
    value?: string;
    missing?: string;
    act?: string;
    rare?: boolean;
    fault?: boolean;
    hidden?: boolean;
    use?: { words: string; parts: string } | null;
    /** Addresses of small pictures that stand before the words. */
    thumbs?: string[];
    open: boolean;
    toggle: () => void;
    children: Snippet;
  } = $props();

  let editor = $state<HTMLElement>();
  let opener = $state<HTMLButtonElement>();

  async function press(): Promise<void> {
    const opens = !open;
    toggle();
    await tick();
    if (opens) editor?.querySelector<HTMLElement>('input, textarea, select, button')?.focus();
    else opener?.focus();
  }

  function keys(event: KeyboardEvent): void {
    if (
      event.key !== 'Escape' &&
      !(event.key === 'Enter' && (event.target as HTMLElement).matches('input.line'))
    )
      return;
    if (event.defaultPrevented || (event.target as HTMLElement).closest('[role=combobox]')) return;
    event.preventDefault();
    void press();
  }
</script>

<div
  class="fact"
  data-fact={id}
  class:chosen={open}
  class:missing={!value && !rare && !open}
  class:fault={fault && !open}
>
  <h3>{label}</h3>
  {#if open}
    <!-- svelte-ignore a11y_no_static_element_interactions -->
    <div class="editor" bind:this={editor} id="fact-{id}" onkeydown={keys}>
      {@render children()}
    </div>
    <div class="side">
      {#if use}<span class="use">{use.words}{use.parts ? `: ${use.parts}` : ''}</span>{/if}
      <button type="button" class="word" onclick={press}
        >{say('facts.factRow.done')}<span class="hidden-words">
          {say('facts.factRow.with', { label })}</span
        ></button
      >
    </div>
  {:else}
    <button type="button" class="opener" bind:this={opener} aria-expanded="false" onclick={press}>
      <span class="hidden-words">{label}: </span>
      <span class="said">
        {#if thumbs.length}
          <span class="thumbs">
            {#each thumbs as thumb, index (index)}<img src={thumb} alt="" />{/each}
          </span>
        {/if}
        <span class="value" class:asks={!value} dir="auto">{value || missing}</span>
      </span>
      {#if !value}
        <span class="act-word">{act}</span>
      {:else if fault}
        <span class="act-word">{say('facts.factRow.lookAtIt')}</span>
      {:else if hidden}
        <span class="use">{say('facts.factRow.hiddenFromVisitors')}</span>
      {:else if use}
        <span class="use" title={use.parts}>{use.words}</span>
      {/if}
    </button>
  {/if}
</div>

<style>
  .fact {
    display: grid;
    grid-template-columns: 148px minmax(0, 1fr);
    border-bottom: 1px solid var(--fine-rule);
  }
  .fact:last-child {
    border-bottom: 0;
  }
  h3 {
    padding: 11px 10px 11px 18px;
    color: var(--pencil);
    font:
      400 15px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .opener {
    display: flex;
    grid-column: 2;
    justify-content: space-between;
    gap: 20px;
    align-items: baseline;
    min-height: 44px;
    padding: 10px 20px 10px 0;
    border: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    text-align: left;
    cursor: pointer;
  }
  .opener:focus-visible {
    outline-offset: -3px;
  }
  .said {
    display: grid;
    gap: 6px;
    min-width: 0;
  }
  .thumbs {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .thumbs img {
    width: auto;
    max-width: 160px;
    height: 56px;
    object-fit: cover;
  }
  .value {
    min-width: 0;
    font-size: 17px;
    font-weight: 500;
    overflow-wrap: break-word;
    white-space: pre-line;
  }
  .opener:hover .value {
    text-decoration: underline;
    text-decoration-color: var(--control);
    text-underline-offset: 5px;
  }
  .asks {
    color: var(--pencil);
    font-size: 15px;
    font-weight: 400;
  }
  .use {
    flex: none;
    color: var(--pencil);
    font-size: 14px;
  }
  .side .use {
    flex: initial;
  }
  .act-word {
    flex: none;
    color: var(--lacquer);
    font-size: 15px;
    font-weight: 700;
  }
  .missing {
    background: var(--brass-tint);
  }
  .missing h3,
  .missing .asks {
    color: var(--brass-ink);
  }
  .missing .asks {
    font-size: 16px;
    font-weight: 500;
  }
  .missing .act-word {
    color: var(--brass-ink);
  }
  .fault {
    background: var(--madder-tint);
  }
  .fault .act-word {
    color: var(--madder);
  }
  .chosen {
    background: var(--sheet);
    outline: 2px solid var(--lacquer);
    outline-offset: -1px;
  }
  .editor {
    min-width: 0;
    padding: 8px 20px 6px 0;
  }
  .side {
    display: flex;
    grid-column: 2;
    gap: 20px;
    align-items: center;
    justify-content: space-between;
    padding: 0 20px 4px 0;
  }
  .side .word {
    margin-left: auto;
  }
  @media (max-width: 720px) {
    .fact {
      grid-template-columns: minmax(0, 1fr);
    }
    h3 {
      padding: 10px 16px 0;
    }
    .opener,
    .editor,
    .side {
      grid-column: 1;
      padding-left: 16px;
      padding-right: 16px;
    }
    .opener {
      padding-top: 2px;
    }
  }
</style>
