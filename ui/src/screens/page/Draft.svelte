<script lang="ts">
  import Frame from '../../parts/Frame.svelte';
  import Shopfront from '../../parts/Shopfront.svelte';
  import WidthSwitch from '../../parts/WidthSwitch.svelte';
  import { SiteState } from '../../site.svelte';
  import { untrack } from 'svelte';
  import DraftWishes from '../../parts/DraftWishes.svelte';
  import PlanList from '../../parts/PlanList.svelte';
  import { DraftingState } from '../../parts/drafting.svelte';
  import KeepAct from './KeepAct.svelte';

  /** The draft of a site, with its reasons: to be drawn differently, or kept. */
  let { site }: { site: SiteState } = $props();

  let wide = $state(false);
  let before = $state<number[]>([]);

  const drafting = new DraftingState(untrack(() => site.view?.id ?? ''));

  $effect(() => {
    if (site.view?.revision !== undefined) void drafting.load();
  });

  function wish(line: 'pages' | 'tone', words: string): void {
    site.sheet.lines[line] = words;
    site.changed();
  }

  function turn(assumption: string, denied: boolean): void {
    const others = site.sheet.denied.filter((each) => each !== assumption);
    site.sheet.denied = denied ? [...others, assumption] : others;
    site.changed();
  }

  function drawAgain(): void {
    before.push(site.sheet.seed);
    // Seeds in a row are kept apart, so the next draft is as different as can be; far from those of other sites.
    site.sheet.seed += 1_000_000;
    site.changed();
  }

  function goBack(): void {
    const seed = before.pop();
    if (seed === undefined) return;
    site.sheet.seed = seed;
    site.changed();
  }
</script>

<svelte:head><title>{site.sheet.lines.name || 'Your page'} · Page · Ostium</title></svelte:head>

<Frame {site} {act}>
  {#if site.view}
    <div class="board">
      <div class="why">
        <h1>A first page</h1>
        <p class="lead">
          Drawn from your facts, with words to start from. Keep it, and you change every word where it stands.
        </p>
        {#if drafting.view}
          <section class="leaf">
            <h2>How it is drafted</h2>
            <DraftWishes drafting={drafting.view} {wish} {turn} />
          </section>
          <section class="leaf chosen">
            <h2>What stands on it, and why</h2>
            <PlanList drafting={drafting.view} />
          </section>
          {#if drafting.view.leftOut.length > 0}
            <section class="leaf waits">
              <h2>Left out</h2>
              <ul>
                {#each drafting.view.leftOut as choice (choice.name)}
                  <li><span><b>{choice.name}</b><span class="quiet">{choice.reason}</span></span></li>
                {/each}
              </ul>
              <p class="to-facts"><a class="word" href="/sites/{site.view.id}">Give more facts</a></p>
            </section>
          {/if}
        {/if}
        <section class="leaf">
          <h2>In a search result</h2>
          <div class="result">
            <p class="title" dir="auto">{site.view.head.title}</p>
            <p class="quiet" dir="auto">{site.view.head.description}</p>
          </div>
        </section>
      </div>
      <div class="shape">
        <div class="head">
          <WidthSwitch bind:wide />
          <span class="draws">
            {#if before.length > 0}<button class="word" onclick={goBack}>The one before</button>{/if}
            <button class="word" onclick={drawAgain}>Draw it differently</button>
          </span>
        </div>
        <div class:phone={!wide}>
          <Shopfront
            address={site.view.preview}
            revision={site.view.revision}
            width={wide ? 1280 : 390}
            height={wide ? 620 : 700}
            label="The coming version of your page"
          />
        </div>
      </div>
    </div>
  {/if}
</Frame>

{#snippet act()}<KeepAct {site} kept={() => window.scrollTo(0, 0)} />{/snippet}

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 400px) minmax(0, 1fr);
    gap: 36px;
    align-items: start;
  }
  .why {
    display: grid;
    gap: 14px;
  }
  .why .leaf {
    padding: 16px 20px 10px;
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
    display: flex;
    gap: 14px;
    padding: 9px 0;
    border-top: 1px solid var(--fine-rule);
  }
  b,
  .quiet {
    display: block;
  }
  .to-facts {
    border-top: 1px solid var(--fine-rule);
  }
  .result {
    padding: 8px 0 6px;
  }
  .title {
    color: var(--lacquer);
    font-size: 18px;
    line-height: 1.3;
  }
  .shape {
    position: sticky;
    top: 16px;
  }
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 6px;
  }
  .phone {
    max-width: 392px;
    margin: 0 auto;
  }
  .draws {
    display: flex;
    gap: 20px;
  }
  @media (max-width: 980px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
    .shape {
      position: static;
      order: -1;
    }
  }
</style>
