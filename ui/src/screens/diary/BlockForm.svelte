<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import type { DiaryState, Time } from './diary.svelte';
  import { fieldTime, minuteOf } from './lane';
  import { say } from '../../words/say';

  /** A time in which nothing can be booked. */
  let { from, to, diary }: { from: Time; to: Time; diary: DiaryState } = $props();

  let said = $state({ first: '', begins: '', last: '', ends: '', words: '' });
  let fault = $state('');
  let busy = $state(false);

  $effect(() => {
    said.first = from.date;
    said.begins = fieldTime(from.minute);
    said.last = to.date;
    said.ends = fieldTime(to.minute);
  });

  onMount(() => document.getElementById('block-words')?.focus());

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (busy) return;
    busy = true;
    const problem = await diary.block(
      { date: said.first, minute: minuteOf(said.begins) ?? 0 },
      { date: said.last, minute: minuteOf(said.ends) ?? 0 },
      said.words
    );
    busy = false;
    fault = problem?.detail ?? '';
    if (problem) return;
    diary.doing = { what: 'nothing' };
    notices.info({ title: say('diary.blockForm.blockedNobodyCanBookIt') });
    await tick();
    document.getElementById('diary-head')?.focus();
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (diary.doing = { what: 'nothing' })} />

<form class="leaf chosen" onsubmit={keep} aria-labelledby="block-head">
  <h2 id="block-head">{say('diary.blockForm.blockATime')}</h2>
  <div class="fields">
    <div>
      <label for="block-first">{say('diary.blockForm.from')}</label><input
        id="block-first"
        class="line"
        type="date"
        bind:value={said.first}
        required
      />
    </div>
    <div>
      <label for="block-begins">{say('diary.blockForm.at')}</label>
      <input id="block-begins" class="line" type="time" step="300" bind:value={said.begins} required />
    </div>
    <div>
      <label for="block-last">{say('diary.blockForm.until')}</label><input
        id="block-last"
        class="line"
        type="date"
        bind:value={said.last}
        required
      />
    </div>
    <div>
      <label for="block-ends">{say('diary.blockForm.at')}</label>
      <input id="block-ends" class="line" type="time" step="300" bind:value={said.ends} required />
    </div>
  </div>
  <label for="block-words">{say('diary.blockForm.whyForYouAlone')}</label>
  <input id="block-words" class="line" maxlength="200" dir="auto" bind:value={said.words} />
  <p class="fault" role="alert">{fault}</p>
  <button class="act" type="submit" disabled={busy}>{say('diary.blockForm.blockIt')}</button>
  <button class="word" type="button" onclick={() => (diary.doing = { what: 'nothing' })}
    >{say('diary.blockForm.leaveIt')}</button
  >
</form>

<style>
  form {
    padding: 14px 18px;
  }
  .fields {
    display: grid;
    grid-template-columns: 1.4fr 1fr;
    gap: 6px 14px;
    margin-block: 10px 6px;
  }
  label {
    color: var(--pencil);
    font-size: 14px;
  }
  .fault {
    min-height: 22px;
    color: var(--madder);
  }
  .word {
    margin-left: 14px;
  }
</style>
