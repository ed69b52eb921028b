<script lang="ts">
  import type { LineName } from '../../sheet';
  import type { SiteState } from '../../site.svelte';
  import TypedLine from '../opening/TypedLine.svelte';
  import type { FactsState } from './facts.svelte';
  import { weekWords, type Day } from './week';
  import WeekBand from './WeekBand.svelte';

  /** Hours as a line of words and as a week, each following the other. */
  let {
    site,
    facts,
    field,
    label,
    placeholder
  }: { site: SiteState; facts: FactsState; field: LineName; label: string; placeholder: string } = $props();

  /** What was drawn, until the server's week says the same. */
  let drawn = $state<{ words: string; week: Day[] } | null>(null);

  const week = $derived(
    drawn && site.sheet.lines[field] === drawn.words ? drawn.week : facts.view?.weeks[field]?.days
  );

  function change(next: Day[]): void {
    const words = weekWords(next);
    drawn = { words, week: next };
    site.sheet.lines[field] = words;
    site.changed();
  }
</script>

<label class="hidden-words" for={field.replace('/', '-')}>{label}</label>
<TypedLine {site} {field} {placeholder} />
<WeekBand {week} {change} />
