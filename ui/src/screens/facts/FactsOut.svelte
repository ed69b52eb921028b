<script lang="ts">
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  /** The facts as files in open formats. */
  let { site }: { site: SiteState } = $props();

  const outs = [
    { path: 'facts.vcf', words: say('facts.factsOut.contactFile'), kind: 'vCard' },
    { path: 'facts.jsonld', words: say('facts.factsOut.allFacts'), kind: 'JSON-LD' },
    { path: 'services.csv', words: say('facts.factsOut.services'), kind: 'CSV' },
    { path: 'opening-hours.txt', words: say('facts.factsOut.hours'), kind: 'opening_hours' }
  ];
</script>

<section class="out" aria-labelledby="out-heading">
  <h2 id="out-heading">{say('facts.factsOut.takeYourFactsWithYou')}</h2>
  <ul>
    {#each outs as out (out.path)}
      <li>
        <a href="/api/sites/{site.view?.id}/{out.path}" download>{out.words}</a>
        <span class="quiet">{out.kind}</span>
      </li>
    {/each}
  </ul>
</section>

<style>
  .out h2 {
    margin-bottom: 4px;
    font:
      700 16px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .out ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  .out li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 36px;
    border-top: 1px solid var(--rule);
  }
  .out a {
    display: inline-flex;
    align-items: center;
    min-height: 36px;
    color: var(--lacquer);
    font-weight: 700;
  }
  @media (max-width: 980px) {
    .out a {
      min-height: 44px;
    }
  }
</style>
