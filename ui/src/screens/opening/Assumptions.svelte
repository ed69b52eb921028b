<script lang="ts">
  import AssumedList from '../../parts/AssumedList.svelte';
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  /** What is taken from the trade until the owner says otherwise, beside the opening sheet. */
  let { site }: { site: SiteState } = $props();

  function turn(key: string, denied: boolean): void {
    const others = site.sheet.denied.filter((each) => each !== key);
    site.sheet.denied = denied ? [...others, key] : others;
    site.changed();
  }
</script>

<section class="leaf waits assumed">
  <h2>{say('opening.assumptions.assumedFromYourTrade')}</h2>
  <AssumedList all={site.view?.trade.assumptions ?? []} {turn} />
</section>

<style>
  .assumed {
    padding: 12px 18px 4px;
  }
  h2 {
    font-size: 16px;
  }
</style>
