<script lang="ts">
  import { tick } from 'svelte';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import type { SiteState } from '../../site.svelte';
  import type { FactsState } from './facts.svelte';
  import { LANGUAGE, say } from '../../words/say';

  /** Days and seasons with hours of their own, one a line; the country's holidays are offered. */
  let { site, facts }: { site: SiteState; facts: FactsState } = $props();

  const lines = $derived(site.sheet.lines.exceptions === '' ? [] : site.sheet.lines.exceptions.split('\n'));
  const offered = $derived(
    (facts.view?.holidays ?? []).filter(
      (holiday) => !lines.some((line) => line.toLowerCase().includes(holiday.name.toLowerCase()))
    )
  );
  let all = $state(false);

  /** A row that is still to be filled. Nothing of it is on the sheet, so no answer that comes takes it away. */
  let fresh = $state(false);
  const rows = $derived(fresh || lines.length === 0 ? [...lines, ''] : lines);

  function set(at: number, words: string): void {
    const next = [...lines];
    next[at] = words;
    if (at === lines.length) fresh = false;
    site.sheet.lines.exceptions = next.join('\n');
    site.changed();
  }

  function remove(at: number): void {
    site.sheet.lines.exceptions = lines.filter((_, index) => index !== at).join('\n');
    site.changed();
  }

  function add(words: string): void {
    site.sheet.lines.exceptions = [...lines.filter((line) => line.trim()), words].join('\n');
    site.changed();
  }

  async function another(): Promise<void> {
    fresh ||= rows.at(-1)?.trim() !== '';
    await tick();
    document.getElementById(`exceptions-${rows.length - 1}`)?.focus();
  }

  function day(date: string): string {
    return new Date(`${date}T12:00:00`).toLocaleDateString(LANGUAGE, { day: 'numeric', month: 'short' });
  }
</script>

{#each rows as line, at (at)}
  <div class="one">
    <div>
      <label class="hidden-words" for="exceptions-{at}"
        >{say('facts.exceptionsEditor.otherHours', { number: at + 1 })}</label
      >
      <input
        id="exceptions-{at}"
        class="line"
        dir="auto"
        value={line}
        placeholder={say('facts.exceptionsEditor.n24Dec912Or')}
        oninput={(event) => set(at, event.currentTarget.value)}
        aria-describedby="exceptions-{at}-answer"
      />
      <AnswerLine
        id="exceptions-{at}-answer"
        answer={site.view?.answers[`exceptions.${at}`]}
        typed={line}
        take={(words) => set(at, words)}
      />
    </div>
    {#if line}
      <button type="button" class="word" onclick={() => remove(at)}
        >{say('facts.exceptionsEditor.takeOut')}<span class="hidden-words"> {line}</span></button
      >
    {/if}
  </div>
{/each}
<div class="chips">
  <button type="button" class="chip-leaf" onclick={another}>{say('facts.exceptionsEditor.anotherDay')}</button
  >
  {#each all ? offered : offered.slice(0, 4) as holiday (holiday.name)}
    <button type="button" class="chip-leaf" onclick={() => add(holiday.line)}
      >{say('facts.exceptionsEditor.closed', { name: holiday.name })}
      <span class="quiet">{day(holiday.date)}</span></button
    >
  {/each}
  {#if !all && offered.length > 4}
    <button type="button" class="word" onclick={() => (all = true)}
      >{say('facts.exceptionsEditor.moreHolidays', { what: offered.length - 4 })}</button
    >
  {/if}
</div>

<style>
  .one {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 14px;
  }
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin-top: 12px;
  }
  @media (max-width: 720px) {
    .chip-leaf {
      min-height: 44px;
    }
  }
</style>
