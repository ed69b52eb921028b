<script lang="ts">
  import type { components } from '../../api/schema';
  import { say } from '../../words/say';

  /** What is to be put right before or after publishing, and where. */
  let { snags, site }: { snags: components['schemas']['SnagLine'][]; site: string } = $props();

  const LEVELS = {
    MUST: say('publish.snagList.must'),
    SHOULD: say('publish.snagList.should'),
    COULD: say('publish.snagList.could')
  };
  const must = $derived(snags.filter((snag) => snag.level === 'MUST').length);

  function place(snag: components['schemas']['SnagLine']): string {
    if (snag.atDoors) return `/sites/${site}/doors`;
    return `/sites/${site}/page${snag.section ? `#section-${snag.section}` : ''}`;
  }
</script>

<section class="leaf {must > 0 ? 'wrong' : snags.length > 0 ? 'waits' : 'is-open'}" aria-labelledby="snags">
  <h2 id="snags">{must > 0 ? say('publish.snagList.putRightFirst') : say('publish.snagList.snags')}</h2>
  <ul>
    {#if must === 0}
      <li>
        <b class="clear">{say('publish.snagList.mustNoneLeft')}</b>
        <span class="quiet">{say('publish.snagList.linksLeadSomewhereEveryClaim')}</span>
      </li>
    {/if}
    {#each snags as snag, index (index)}
      <li>
        <p><b class={snag.level.toLowerCase()}>{LEVELS[snag.level]}</b> {snag.words}</p>
        <p class="quiet">{snag.why}</p>
        <a class="word" href={place(snag)}>{say('publish.snagList.goThere')}</a>
      </li>
    {/each}
  </ul>
</section>

<style>
  section {
    padding: 14px 20px 8px;
  }
  ul {
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 10px 0 4px;
    border-top: 1px solid var(--fine-rule);
  }
  .quiet {
    margin-top: 2px;
  }
  .clear {
    color: var(--verdigris);
  }
  .must {
    color: var(--madder);
  }
  .should {
    color: var(--brass);
  }
</style>
