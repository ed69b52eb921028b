<script lang="ts">
  import { untrack } from 'svelte';
  import { DraftingState } from '../../parts/drafting.svelte';
  import DraftWishes from '../../parts/DraftWishes.svelte';
  import { notices } from '../../parts/notices';
  import PlanList from '../../parts/PlanList.svelte';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** How the whole was drafted, and drafting it again, shut until it is wanted. */
  let { manuscript }: { manuscript: ManuscriptState } = $props();

  let open = $state(false);
  let busy = $state(false);
  const drafting = new DraftingState(untrack(() => manuscript.id));
  const summary = $derived.by(() => {
    const pages = manuscript.site?.pages.length ?? 1;
    return say('manuscript.draftLeaf.onePage', { count: pages });
  });

  $effect(() => {
    if (open && manuscript.view?.revision !== undefined) void drafting.load();
  });

  function wish(line: 'pages' | 'tone' | 'voice', words: string): void {
    manuscript.edit({ kind: 'setLine', path: line, words });
  }

  function turn(assumption: string, denied: boolean): void {
    manuscript.edit({ kind: 'setLine', path: `denied/${assumption}`, words: denied ? 'yes' : '' });
  }

  async function again(): Promise<void> {
    busy = true;
    const before = manuscript.view?.revision;
    await manuscript.draftWhole();
    busy = false;
    if (manuscript.view?.revision === before) return;
    open = false;
    notices.info({ title: say('manuscript.draftLeaf.draftedAgainWhatYouConfirmed') });
  }
</script>

<section class="draft" aria-label={say('manuscript.draftLeaf.theDraft')}>
  <div class="line-of">
    <button
      class="word"
      type="button"
      aria-expanded={open}
      aria-controls="draft-leaf"
      onclick={() => (open = !open)}>{say('manuscript.draftLeaf.howItIsDrafted')}</button
    >
    <span class="quiet">{summary}</span>
  </div>
  {#if open}
    <div id="draft-leaf" class="inner">
      <h2 class="hidden-words">{say('manuscript.draftLeaf.howItIsDrafted')}</h2>
      {#if drafting.view}
        <div class="two">
          <DraftWishes drafting={drafting.view} {wish} {turn} />
          <div>
            <h3>{say('manuscript.draftLeaf.whatStandsOnItAnd')}</h3>
            <PlanList drafting={drafting.view} />
          </div>
        </div>
        <div class="acts">
          <button class="act main" type="button" onclick={again} disabled={busy}
            >{busy ? say('manuscript.draftLeaf.drafting') : say('manuscript.draftLeaf.draftItAgain')}</button
          >
          <a class="act" href="/sites/{manuscript.id}/drafts"
            >{say('manuscript.draftLeaf.layOutThreeDrafts')}</a
          >
          <p class="quiet">
            {say('manuscript.draftLeaf.ourWordsAreChosenAnew')}
          </p>
        </div>
      {:else}
        <p class="quiet">{say('manuscript.draftLeaf.opening')}</p>
      {/if}
    </div>
  {/if}
</section>

<style>
  .draft {
    border-bottom: 1px solid var(--fine-rule);
    background: var(--well);
  }
  .line-of {
    display: flex;
    gap: 14px;
    align-items: center;
    padding: 2px 26px;
  }
  .line-of .word {
    font-size: 15px;
  }
  .inner {
    padding: 8px 26px 18px;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
    gap: 20px 36px;
  }
  h3 {
    font:
      700 15px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 18px;
    align-items: center;
    margin-top: 16px;
  }
  .acts p {
    flex: 1 1 260px;
    font-size: 15px;
  }
  @media (max-width: 720px) {
    .line-of,
    .inner {
      padding-inline: 16px;
    }
  }
</style>
