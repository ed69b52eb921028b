<script lang="ts">
  import { untrack } from 'svelte';
  import DraftWishes from '../../parts/DraftWishes.svelte';
  import { DraftingState } from '../../parts/drafting.svelte';
  import Frame from '../../parts/Frame.svelte';
  import PlanList from '../../parts/PlanList.svelte';
  import type { SiteState } from '../../site.svelte';
  import { DraftsState } from './drafts.svelte';
  import DraftsTable from './DraftsTable.svelte';
  import { say } from '../../words/say';

  /** The drafts of a site on the table, with how they were drafted: to be drawn on, or one of them kept. */
  let { site, kept }: { site: SiteState; kept: () => void } = $props();

  const id = untrack(() => site.view?.id ?? '');
  const drafting = new DraftingState(id);
  const drafts = new DraftsState(id);
  const facts = $derived(drafts.view?.facts);
  const later = $derived(site.view?.kept ?? false);

  $effect(() => {
    if (site.view?.revision === undefined) return;
    untrack(() => {
      void drafting.load();
      void drafts.load(drafts.view?.round);
    });
  });

  function wish(line: 'pages' | 'tone' | 'voice', words: string): void {
    site.sheet.lines[line] = words;
    site.changed();
  }

  function turn(assumption: string, denied: boolean): void {
    const others = site.sheet.denied.filter((each) => each !== assumption);
    site.sheet.denied = denied ? [...others, assumption] : others;
    site.changed();
  }
</script>

<svelte:head
  ><title
    >{say('page.draft.draftsOstium', { name: site.sheet.lines.name || say('page.draft.yourPage') })}</title
  ></svelte:head
>

<Frame {site} broad>
  {#if site.view}
    <h1>{facts ? say('page.draft.threeDraftsFromYourFacts', { facts }) : say('page.draft.threeDrafts')}</h1>
    {#if later}
      <p class="quiet stays">
        {say('page.draft.whatYouConfirmedOrWrote')}
      </p>
    {/if}
    <DraftsTable {site} {drafts} {kept} />
    {#if drafting.view}
      <div class="why">
        <section class="leaf">
          <h2>{say('page.draft.howTheyAreDrafted')}</h2>
          <DraftWishes drafting={drafting.view} {wish} {turn} />
        </section>
        <section class="leaf">
          <h2>{say('page.draft.whatStandsOnThemAnd')}</h2>
          <PlanList drafting={drafting.view} />
        </section>
        <section class="leaf waits">
          <h2>{say('page.draft.leftOut')}</h2>
          <ul>
            {#each drafting.view.leftOut as choice (choice.name)}
              <li><b>{choice.name}</b><span class="quiet">{choice.reason}</span></li>
            {/each}
          </ul>
          <p class="to-facts">
            <a class="word" href="/sites/{site.view.id}">{say('page.draft.giveMoreFacts')}</a>
          </p>
          <h2>{say('page.draft.inASearchResult')}</h2>
          <p class="title" dir="auto">{site.view.head.title}</p>
          <p class="quiet" dir="auto">{site.view.head.description}</p>
        </section>
      </div>
    {/if}
  {/if}
</Frame>

<style>
  .stays {
    max-width: 46em;
    margin: 2px 0 8px;
  }
  .why {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 26px;
    align-items: start;
    margin-top: 34px;
  }
  .why .leaf {
    padding: 16px 20px 14px;
  }
  .why .leaf :global(.wishes) {
    margin-top: 10px;
  }
  ul {
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 9px 0;
    border-top: 1px solid var(--fine-rule);
  }
  b,
  .quiet {
    display: block;
  }
  .to-facts {
    margin-bottom: 14px;
    border-top: 1px solid var(--fine-rule);
  }
  .title {
    margin-top: 6px;
    color: var(--lacquer);
    font-size: 18px;
    line-height: 1.3;
  }
  @media (max-width: 980px) {
    .why {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
