<script lang="ts">
  import { untrack } from 'svelte';
  import { api } from '../../api/client';
  import type { components } from '../../api/schema';
  import Choice from '../../parts/Choice.svelte';
  import type { Block } from '../../document/types';
  import { plain } from '../../document/words';
  import { textsOf } from '../../document/edits';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** Why the words of a text were chosen, what else could truly stand there, and the owner's own words rewritten. */
  let { manuscript, text, done }: { manuscript: ManuscriptState; text: string; done: () => void } = $props();

  type Wording = components['schemas']['WordingView'];
  type Rewritten = Omit<components['schemas']['Rewritten'], 'tree'> & { tree: Block[] };

  const tones = ['plain', 'warm', 'brisk', 'formal', 'light'];
  let wording = $state.raw<Wording | null>(null);
  let rewritten = $state.raw<Rewritten | null>(null);
  let way = $state('');
  let away = $state(false);
  const stands = $derived(manuscript.sections.flatMap(textsOf).find((each) => each.id === text));

  async function load(tone?: string): Promise<void> {
    away = false;
    await manuscript.keep();
    const { data } = await api.GET('/api/sites/{id}/texts/{text}/wording', {
      params: { path: { id: manuscript.id, text }, query: tone ? { tone } : {} }
    });
    if (data) wording = data;
    else away = true;
  }

  async function rewrite(chosen: string): Promise<void> {
    way = chosen;
    rewritten = null;
    away = false;
    await manuscript.keep();
    const { data } = await api.POST('/api/sites/{id}/texts/{text}/rewriting', {
      params: { path: { id: manuscript.id, text } },
      body: { way: chosen }
    });
    if (data) rewritten = data as unknown as Rewritten;
    else away = true;
  }

  async function choose(says: string): Promise<void> {
    await manuscript.choose(text, wording?.tone ?? '', says);
    done();
  }

  function take(): void {
    if (!rewritten) return;
    manuscript.edit({ kind: 'setText', text, mark: 'OWN', tree: rewritten.tree });
    done();
  }

  $effect(() => {
    void text;
    untrack(() => void load());
  });
</script>

{#if away}<p class="fault" role="alert">{say('manuscript.wordingDrawer.theConnectionIsAwayTry')}</p>{/if}
{#if wording}
  {#if wording.why.length > 0}
    <details>
      <summary>{say('manuscript.wordingDrawer.whyTheseWords')}</summary>
      <ul>
        {#each wording.why as reason (reason)}<li>{reason}</li>{/each}
      </ul>
    </details>
  {/if}
  {#if wording.others.length > 0 || wording.mark !== 'OWN'}
    <h2>{say('manuscript.wordingDrawer.whatElseYourFactsCould')}</h2>
    <Choice
      label={say('manuscript.wordingDrawer.tone')}
      choices={tones.map((tone) => ({
        value: tone,
        words: tone.slice(0, 1).toUpperCase() + tone.slice(1)
      }))}
      value={wording.tone}
      choose={(tone) => void load(tone)}
    />
    {#each wording.others as other (other)}
      <button type="button" class="other" dir="auto" onclick={() => choose(other)}>{other}</button>
    {:else}
      <p class="quiet">{say('manuscript.wordingDrawer.nothingElseThatIsTrue')}</p>
    {/each}
  {/if}
  {#if wording.mark === 'OWN'}
    <h2>{say('manuscript.wordingDrawer.rewriteWhatStandsThere')}</h2>
    <p class="ways">
      {#each wording.ways as each (each.id)}
        <button
          type="button"
          class="chip-leaf"
          aria-pressed={way === each.id}
          onclick={() => rewrite(each.id)}>{each.words}</button
        >
      {/each}
    </p>
    <div aria-live="polite">
      {#if rewritten?.found && stands}
        <div class="beside">
          <div>
            <p class="quiet">{say('manuscript.wordingDrawer.asItStands')}</p>
            <p class="says" dir="auto">{plain(stands.tree, manuscript.say)}</p>
          </div>
          <div>
            <p class="quiet">{say('manuscript.wordingDrawer.rewritten')}</p>
            <p class="says" dir="auto">{rewritten.says}</p>
          </div>
        </div>
        <button type="button" class="act" onclick={take}>{say('manuscript.wordingDrawer.takeIt')}</button>
        <button type="button" class="word" onclick={() => (rewritten = null)}
          >{say('manuscript.wordingDrawer.leaveIt')}</button
        >
      {:else if rewritten}
        <p>{rewritten.words}</p>
      {/if}
    </div>
  {/if}
{:else if !away}
  <p class="quiet">{say('manuscript.wordingDrawer.opening')}</p>
{/if}

<style>
  h2 {
    margin-top: 8px;
    font:
      700 15px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  summary {
    min-height: 32px;
    color: var(--lacquer);
    font-weight: 700;
    cursor: pointer;
  }
  ul {
    margin: 0 0 6px;
    padding-left: 20px;
    list-style: disc;
  }
  .other {
    display: block;
    width: 100%;
    min-height: 40px;
    padding: 7px 8px;
    border: 0;
    border-top: 1px solid var(--fine-rule);
    background: none;
    color: var(--ink);
    font-size: 16px;
    text-align: left;
    cursor: pointer;
  }
  .other:hover,
  .other:focus-visible {
    background: var(--lacquer-tint);
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .ways [aria-pressed='true'] {
    border-color: var(--lacquer);
    background: var(--lacquer-tint);
    color: var(--lacquer);
    font-weight: 700;
  }
  .beside {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
    gap: 6px 20px;
    margin: 8px 0;
  }
  .says {
    white-space: pre-line;
  }
  .fault {
    color: var(--madder);
  }
  @media (max-width: 720px) {
    .other {
      min-height: 44px;
    }
  }
</style>
