<script lang="ts">
  import { api, type Suggestion } from '../../api/client';
  import Suggest from '../../parts/Suggest.svelte';
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  /** The trade, with type-ahead over the catalogue; any other words do too. */
  let { site }: { site: SiteState } = $props();

  let found: Suggestion[] = [];

  async function ask(words: string) {
    const { data } = await api.GET('/api/trades', { params: { query: { words } } });
    found = data ?? [];
    return found.map((trade) => ({
      id: trade.id,
      words: trade.name,
      also: trade.matched === trade.name ? '' : trade.matched
    }));
  }

  function take(words: string): void {
    site.sheet.lines.trade = words;
    site.changed();
  }
</script>

<Suggest
  id="trade"
  value={site.sheet.lines.trade}
  placeholder={say('opening.tradeField.whatYouDoChimneySweep')}
  describedby="trade-answer"
  {ask}
  typed={take}
  chosen={(id) => take(found.find((trade) => trade.id === id)?.name ?? site.sheet.lines.trade)}
/>
