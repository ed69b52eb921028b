<script lang="ts">
  import type { DiaryState, Time } from './diary.svelte';
  import { clock, dayNumber, fieldTime, minuteOf, weekday } from './lane';
  import { say } from '../../words/say';

  /** Why nothing is offered at a time: at an empty place that was pressed, or one that is written here. */
  let { diary }: { diary: DiaryState } = $props();

  let date = $state('');
  let time = $state('');

  $effect(() => {
    date = diary.asked?.date ?? diary.view?.today ?? '';
    time = fieldTime(diary.asked?.minute ?? 600);
  });

  function ask(event: SubmitEvent): void {
    event.preventDefault();
    const minute = minuteOf(time);
    if (date && minute !== null) void diary.ask({ date, minute });
  }

  const hour = (at: Time): Time => ({ date: at.date, minute: Math.min(at.minute + 60, 24 * 60) });
</script>

<section class="leaf" aria-labelledby="why-head">
  <h2 id="why-head">{say('diary.whyNot.whyNot')}</h2>
  <div role="status">
    {#if diary.asked}
      <p class="at">{weekday(diary.asked.date)} {dayNumber(diary.asked.date)}, {clock(diary.asked.minute)}</p>
      {#if diary.why}
        <dl>
          {#each diary.why as { service, says }, index (index)}
            <div>
              <dt dir="auto">{service}</dt>
              <dd class:free={says === ''}>{says || say('diary.whyNot.offeredToVisitors')}</dd>
            </div>
          {/each}
        </dl>
      {/if}
    {:else}
      <p class="quiet">{say('diary.whyNot.pressAnEmptyPlaceOn')}</p>
    {/if}
  </div>
  {#if diary.asked}
    {@const at = diary.asked}
    <p class="acts">
      <button class="word" onclick={() => (diary.doing = { what: 'write', at })}
        >{say('diary.whyNot.writeOneInHere')}</button
      >
      <button class="word" onclick={() => (diary.doing = { what: 'block', from: at, to: hour(at) })}
        >{say('diary.whyNot.blockFromHere')}</button
      >
    </p>
  {/if}
  <form onsubmit={ask}>
    <input class="line" type="date" aria-label={say('diary.whyNot.day')} bind:value={date} required />
    <input
      class="line"
      type="time"
      step="300"
      aria-label={say('diary.whyNot.time')}
      bind:value={time}
      required
    />
    <button class="word" type="submit">{say('diary.whyNot.ask')}</button>
  </form>
</section>

<style>
  section {
    padding: 14px 18px;
  }
  .at {
    font-weight: 700;
  }
  dl div {
    padding: 6px 0;
    border-top: 1px solid var(--fine-rule);
  }
  dt {
    color: var(--pencil);
    font-size: 14px;
  }
  .free {
    color: var(--verdigris);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
  }
  form {
    display: grid;
    grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
    gap: 4px 14px;
    align-items: center;
    margin-top: 6px;
  }
</style>
