<script lang="ts">
  import type { components } from '../../api/schema';

  /** What is to be put right before or after publishing, and where. */
  let { snags, site }: { snags: components['schemas']['SnagLine'][]; site: string } = $props();

  const LEVELS = { MUST: 'Must', SHOULD: 'Should', COULD: 'Could' };
  const must = $derived(snags.filter((snag) => snag.level === 'MUST').length);

  function place(snag: components['schemas']['SnagLine']): string {
    if (snag.atDoors) return `/sites/${site}/doors`;
    return `/sites/${site}/page${snag.section ? `#section-${snag.section}` : ''}`;
  }
</script>

<section class="leaf {must > 0 ? 'wrong' : snags.length > 0 ? 'waits' : 'is-open'}" aria-labelledby="snags">
  <h2 id="snags">{must > 0 ? 'Put right first' : 'Snags'}</h2>
  <ul>
    {#if must === 0}
      <li>
        <b class="clear">Must: none left.</b>
        <span class="quiet">Links lead somewhere, every claim has its fact, a door is open.</span>
      </li>
    {/if}
    {#each snags as snag, index (index)}
      <li>
        <p><b class={snag.level.toLowerCase()}>{LEVELS[snag.level]}</b> {snag.words}</p>
        <p class="quiet">{snag.why}</p>
        <a class="word" href={place(snag)}>Go there</a>
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
