<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import type { DiaryState, Doing } from './diary.svelte';
  import { fieldTime, minuteOf } from './lane';
  import { say } from '../../words/say';

  /** Another time for an appointment, longer or shorter, and a word to whoever booked. */
  let { doing, diary }: { doing: Extract<Doing, { what: 'move' }>; diary: DiaryState } = $props();

  const { ticket } = $derived(doing);
  const asks = $derived(ticket.state === 'ASKED');
  let date = $state('');
  let time = $state('');
  let minutes = $state(0);
  let words = $state('');
  let tells = $state(true);
  let fault = $state('');
  let busy = $state(false);

  $effect(() => {
    date = doing.at.date;
    time = fieldTime(doing.at.minute);
    minutes = doing.minutes;
  });

  onMount(() => document.getElementById('move-date')?.focus());

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const minute = minuteOf(time);
    if (busy) return;
    if (!date || minute === null) {
      fault = say('diary.moveForm.sayTheDayAndThe');
      return;
    }
    busy = true;
    // With the form goes what it is about.
    const moved = ticket;
    const heard = tells && moved.email !== '';
    const problem = await diary.move(moved.id, {
      time: { date, minute },
      minutes,
      resource: '',
      words,
      tells: heard
    });
    busy = false;
    fault = problem?.detail ?? '';
    if (problem) {
      await tick();
      document.getElementById('move-time')?.focus();
      return;
    }
    diary.doing = { what: 'nothing' };
    notices.info({
      title: heard ? say('diary.moveForm.movedAndIsTold', { who: moved.who }) : say('diary.moveForm.moved')
    });
    await tick();
    document.getElementById(`leaf-${moved.id}`)?.focus();
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (diary.doing = { what: 'nothing' })} />

<form class="leaf chosen" onsubmit={keep} aria-labelledby="move-head">
  <h2 id="move-head">
    {asks ? say('diary.moveForm.offer') : say('diary.moveForm.move')}
    {ticket.who}
    {asks ? say('diary.moveForm.anotherTime') : ''}
  </h2>
  <div class="fields">
    <div>
      <label for="move-date">{say('diary.moveForm.day')}</label>
      <input id="move-date" class="line" type="date" bind:value={date} required />
    </div>
    <div>
      <label for="move-time">{say('diary.moveForm.time')}</label>
      <input
        id="move-time"
        class="line"
        type="time"
        step="300"
        bind:value={time}
        required
        aria-invalid={fault ? 'true' : undefined}
        aria-describedby="move-fault"
      />
    </div>
    <div>
      <label for="move-minutes">{say('diary.moveForm.minutes')}</label>
      <input id="move-minutes" class="line" type="number" min="5" max="2880" step="5" bind:value={minutes} />
    </div>
  </div>
  {#if ticket.email}
    <label class="tells"
      ><input type="checkbox" bind:checked={tells} /> {say('diary.moveForm.tellThemByMail')}</label
    >
    {#if tells}
      <label for="move-words">{say('diary.moveForm.aWordWithItIf')}</label>
      <textarea id="move-words" class="line" rows="2" maxlength="2000" dir="auto" bind:value={words}
      ></textarea>
    {/if}
  {:else}
    <p class="quiet">{say('diary.moveForm.theyLeftNoMailAddress')}</p>
  {/if}
  <p class="fault" id="move-fault" role="alert">{fault}</p>
  <button class="act" type="submit" disabled={busy}
    >{busy
      ? say('diary.moveForm.moving')
      : asks
        ? say('diary.moveForm.offerThisTime')
        : say('diary.moveForm.moveIt')}</button
  >
  <button class="word" type="button" onclick={() => (diary.doing = { what: 'nothing' })}
    >{say('diary.moveForm.leaveIt')}</button
  >
</form>

<style>
  form {
    padding: 14px 18px;
  }
  .fields {
    display: grid;
    grid-template-columns: 1.4fr 1fr 0.8fr;
    gap: 8px 14px;
    margin-top: 10px;
  }
  label {
    color: var(--pencil);
    font-size: 14px;
  }
  .tells {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    color: var(--ink);
    font-size: 16px;
  }
  .fault {
    min-height: 22px;
    color: var(--madder);
  }
  .word {
    margin-left: 14px;
  }
</style>
