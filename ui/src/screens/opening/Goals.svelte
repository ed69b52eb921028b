<script lang="ts">
  import Choice from '../../parts/Choice.svelte';
  import type { SiteState } from '../../site.svelte';

  /** What visitors should do first. Until the owner says, it is what the trade's customers usually do. */
  let { site }: { site: SiteState } = $props();

  const goals = [
    { value: 'CALL', words: 'call' },
    { value: 'BOOK', words: 'ask for a time' },
    { value: 'WRITE', words: 'write' },
    { value: 'VISIT', words: 'come by' }
  ];

  function choose(goal: string): void {
    site.sheet.lines.goal = goal;
    site.changed();
  }
</script>

<Choice
  label="Visitors should"
  choices={goals}
  value={site.sheet.lines.goal || (site.view?.trade.goal ?? 'WRITE')}
  chips
  {choose}
/>
