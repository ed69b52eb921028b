<script lang="ts">
  import Frame from '../../parts/Frame.svelte';
  import Shopfront from '../../parts/Shopfront.svelte';
  import WidthSwitch from '../../parts/WidthSwitch.svelte';
  import { SiteState } from '../../site.svelte';
  import KeepAct from './KeepAct.svelte';

  /** The draft of a site, with its reasons: to be drawn differently, or kept. */
  let { site }: { site: SiteState } = $props();

  let wide = $state(false);
  let before = $state<number[]>([]);

  function drawAgain(): void {
    before.push(site.sheet.seed);
    site.sheet.seed = Math.floor(Math.random() * 2_000_000_000) + 1;
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
        <section class="leaf chosen">
          <h2>What stands on it, and why</h2>
          <ol>
            {#each site.view.plan.sections as choice, index (choice.name)}
              <li>
                <span class="no">{index + 1}</span><span
                  ><b>{choice.name}</b><span class="quiet">{choice.reason}</span></span
                >
              </li>
            {/each}
          </ol>
        </section>
        {#if site.view.plan.leftOut.length > 0}
          <section class="leaf waits">
            <h2>Left out</h2>
            <ul>
              {#each site.view.plan.leftOut as choice (choice.name)}
                <li><span><b>{choice.name}</b><span class="quiet">{choice.reason}</span></span></li>
              {/each}
            </ul>
            <p class="to-facts"><a class="word" href="/sites/{site.view.id}">Give more facts</a></p>
          </section>
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
  ol,
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
  .no {
    color: var(--lacquer);
    font:
      700 18px/1.3 'Aleo Variable',
      Georgia,
      serif;
    min-width: 14px;
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
