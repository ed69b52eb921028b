<script lang="ts">
  import Choice from '../../parts/Choice.svelte';
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  /** What visitors should do first. Until the owner says, it is what the trade's customers usually do. */
  let { site }: { site: SiteState } = $props();

  const goals = [
    { value: 'CALL', words: say('opening.goals.call') },
    { value: 'BOOK', words: say('opening.goals.askForATime') },
    { value: 'WRITE', words: say('opening.goals.write') },
    { value: 'VISIT', words: say('opening.goals.comeBy') }
  ];

  function choose(goal: string): void {
    site.sheet.lines.goal = goal;
    site.changed();
  }
</script>

<Choice
  label={say('opening.goals.visitorsShould')}
  choices={goals}
  value={site.sheet.lines.goal || (site.view?.trade.goal ?? 'WRITE')}
  chips
  {choose}
/>
