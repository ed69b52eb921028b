<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import type { LineName } from '../../sheet';
  import type { SiteState } from '../../site.svelte';

  /** One line of the sheet, with its answer beneath. */
  let {
    site,
    field,
    placeholder = '',
    type = 'text',
    autocomplete = 'off'
  }: {
    site: SiteState;
    field: LineName;
    placeholder?: string;
    type?: HTMLInputAttributes['type'];
    autocomplete?: HTMLInputAttributes['autocomplete'];
  } = $props();

  const id = $derived(field.replace('/', '-'));
  const answer = $derived(site.view?.answers[field]);
  const wrong = $derived(answer?.state === 'REFUSED');

  function take(words: string): void {
    site.sheet.lines[field] = words;
    site.changed();
    document.getElementById(id)?.focus();
  }
</script>

<div>
  <input
    {id}
    class="line"
    {type}
    {placeholder}
    {autocomplete}
    dir="auto"
    bind:value={site.sheet.lines[field]}
    oninput={() => site.changed()}
    aria-invalid={wrong ? 'true' : undefined}
    aria-describedby="{id}-answer"
  />
  <AnswerLine id="{id}-answer" {answer} typed={site.sheet.lines[field]} {take} />
</div>
