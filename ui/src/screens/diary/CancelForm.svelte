<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import type { DiaryState, Ticket } from './diary.svelte';
  import { say } from '../../words/say';

  /** Calling an appointment off, or saying no to what was asked for, with a word to whoever booked. */
  let { ticket, diary }: { ticket: Ticket; diary: DiaryState } = $props();

  const asks = $derived(ticket.state === 'ASKED');
  let words = $state('');
  let tells = $state(true);
  let fault = $state('');
  let busy = $state(false);

  onMount(() => document.getElementById('cancel-head')?.focus());

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (busy) return;
    busy = true;
    // With the form goes what it is about.
    const gone = ticket;
    const asked = asks;
    const heard = tells && gone.email !== '';
    const problem = await diary.cancel(gone.id, words, heard);
    busy = false;
    fault = problem?.detail ?? '';
    if (problem) return;
    diary.doing = { what: 'nothing' };
    diary.chosen = '';
    const back = { label: say('diary.cancelForm.putItBack'), onClick: () => void diary.restore(gone.id) };
    notices.info({
      title: heard
        ? say('diary.cancelForm.calledOffAndIsTold', { who: gone.who })
        : say('diary.cancelForm.calledOff'),
      ...(asked ? {} : { action: back })
    });
    await tick();
    document.getElementById('diary-head')?.focus();
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (diary.doing = { what: 'nothing' })} />

<form class="leaf wrong" onsubmit={keep} aria-labelledby="cancel-head">
  <h2 id="cancel-head" tabindex="-1">
    {asks
      ? say('diary.cancelForm.sayNoTo', { who: ticket.who })
      : say('diary.cancelForm.callOff', { who: ticket.who })}
  </h2>
  <p class="quiet">{ticket.serviceName}, {ticket.when}</p>
  {#if ticket.email}
    <label class="tells"
      ><input type="checkbox" bind:checked={tells} /> {say('diary.cancelForm.tellThemByMail')}</label
    >
    {#if tells}
      <label for="cancel-words">{say('diary.cancelForm.whyInAWordOr')}</label>
      <textarea id="cancel-words" class="line" rows="2" maxlength="2000" dir="auto" bind:value={words}
      ></textarea>
    {/if}
  {:else}
    <p class="quiet">{say('diary.cancelForm.theyLeftNoMailAddress')}</p>
  {/if}
  <p class="fault" role="alert">{fault}</p>
  <button class="act" type="submit" disabled={busy}
    >{asks ? say('diary.cancelForm.sayNo') : say('diary.cancelForm.callItOff')}</button
  >
  <button class="word" type="button" onclick={() => (diary.doing = { what: 'nothing' })}
    >{say('diary.cancelForm.leaveIt')}</button
  >
</form>

<style>
  form {
    padding: 14px 18px;
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
