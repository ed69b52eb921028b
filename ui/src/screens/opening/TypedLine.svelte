<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import type { SiteState } from '../../site.svelte';

  type TextField =
    'name' | 'place' | 'area' | 'telephone' | 'email' | 'hours' | 'person' | 'founded' | 'promise';

  /** One line of the sheet, with its answer beneath. */
  let {
    site,
    field,
    placeholder = '',
    type = 'text',
    autocomplete = 'off'
  }: {
    site: SiteState;
    field: TextField;
    placeholder?: string;
    type?: HTMLInputAttributes['type'];
    autocomplete?: HTMLInputAttributes['autocomplete'];
  } = $props();

  const answer = $derived(site.view?.answers[field]);
  const wrong = $derived(answer?.state === 'REFUSED');

  function take(words: string): void {
    site.sheet[field] = words;
    site.changed();
    document.getElementById(field)?.focus();
  }
</script>

<div>
  <input
    id={field}
    class="line"
    {type}
    {placeholder}
    {autocomplete}
    dir="auto"
    bind:value={site.sheet[field]}
    oninput={() => site.changed()}
    aria-invalid={wrong ? 'true' : undefined}
    aria-describedby="{field}-answer"
  />
  <AnswerLine id="{field}-answer" {answer} typed={site.sheet[field]} {take} />
</div>
