<script lang="ts">
  import AssumedList from './AssumedList.svelte';
  import Choice from './Choice.svelte';
  import type { Drafting } from './drafting.svelte';
  import { say } from '../words/say';

  /** What an owner can wish of a draft: how many pages, who speaks, which tone, and what of the trade is not so. */
  let {
    drafting,
    wish,
    turn
  }: {
    drafting: Drafting;
    /** Puts words on a line of the sheet: `pages`, `tone` or `voice`; empty words leave it to the draft. */
    wish: (line: 'pages' | 'tone' | 'voice', words: string) => void;
    turn: (assumption: string, denied: boolean) => void;
  } = $props();

  /** Stands for no wish, because a choice is never empty. */
  const FREE = 'free';
  const name = $props.id();
</script>

<div class="wishes">
  <div class="wish">
    <h3>{say('parts.draftWishes.pages')}</h3>
    <Choice
      label={say('parts.draftWishes.pages')}
      choices={[
        { value: FREE, words: say('parts.draftWishes.asItFits') },
        { value: 'one', words: say('parts.draftWishes.onePage') },
        { value: 'few', words: say('parts.draftWishes.aFewPages') }
      ]}
      value={drafting.wishedExtent || FREE}
      choose={(chosen) => wish('pages', chosen === FREE ? '' : chosen)}
    />
    <p class="quiet">{drafting.extentReason}</p>
  </div>
  <div class="wish">
    <h3>{say('parts.draftWishes.whoSpeaks')}</h3>
    <Choice
      label={say('parts.draftWishes.whoSpeaks')}
      choices={[
        { value: FREE, words: say('parts.draftWishes.asTheFactsHaveIt') },
        { value: 'i', words: 'I' },
        { value: 'we', words: say('parts.draftWishes.we') }
      ]}
      value={drafting.wishedVoice || FREE}
      choose={(chosen) => wish('voice', chosen === FREE ? '' : chosen)}
    />
    <p class="quiet">{drafting.voiceReason}</p>
  </div>
  <fieldset class="wish">
    <legend>{say('parts.draftWishes.tone')}</legend>
    {#each drafting.tones as tone (tone.id)}
      <label class="tone" class:chosen={tone.id === drafting.tone} class:unsuited={!tone.suits}>
        <input
          type="radio"
          {name}
          value={tone.id}
          checked={tone.id === drafting.tone}
          disabled={!tone.suits}
          onchange={() => wish('tone', tone.id)}
        />
        <span>
          <b>{tone.words}</b>
          {#if tone.suits}
            <q dir="auto">{tone.sample.slice(1, 3).join(' ') || tone.sample[0]}</q>
          {:else}
            <span class="quiet">{tone.unsuited}</span>
          {/if}
        </span>
      </label>
    {/each}
  </fieldset>
  <div class="wish">
    <h3>{say('parts.draftWishes.assumedFromYourTrade')}</h3>
    <AssumedList all={drafting.assumptions} {turn} />
  </div>
</div>

<style>
  .wishes {
    display: grid;
    gap: 16px;
  }
  h3,
  legend {
    padding: 0;
    font:
      700 15px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  fieldset {
    min-width: 0;
    margin: 0;
    padding: 0;
    border: 0;
  }
  .wish .quiet {
    font-size: 15px;
  }
  .tone {
    display: flex;
    gap: 10px;
    align-items: baseline;
    padding: 8px 10px 8px 8px;
    margin-inline: -8px -10px;
    border-top: 1px solid var(--fine-rule);
    cursor: pointer;
  }
  .tone.unsuited {
    cursor: default;
    color: var(--pencil);
  }
  .tone.chosen {
    background: var(--lacquer-tint);
  }
  .tone:has(:focus-visible) {
    outline: 3px solid var(--lacquer);
    outline-offset: -2px;
  }
  .tone input {
    flex: none;
    width: 16px;
    height: 16px;
    accent-color: var(--lacquer);
  }
  .tone b,
  .tone q {
    display: block;
  }
  q {
    color: var(--pencil);
    font-size: 15px;
    line-height: 1.4;
    quotes: none;
  }
  .chosen q {
    color: var(--ink);
  }
</style>
