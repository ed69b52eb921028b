<script lang="ts">
  import { tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import type { DiaryState } from './diary.svelte';
  import { say } from '../../words/say';

  /** The diary in other calendars: a file, and an address that a calendar program follows. */
  let { diary }: { diary: DiaryState } = $props();

  const address = $derived(diary.view?.feed ? location.origin + diary.view.feed : '');

  let fault = $state('');
  let typed = $state('');
  let asking = $state(false);

  async function bringIn(field: HTMLInputElement): Promise<void> {
    const file = field.files?.[0];
    field.value = '';
    if (!file) return;
    came(await diary.bringIn(file));
  }

  async function follow(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (asking) return;
    asking = true;
    const answer = await diary.follow(typed);
    asking = false;
    if (came(answer)) typed = '';
    await tick();
    document.getElementById('follow-address')?.focus();
  }

  function came({ brought, problem }: Awaited<ReturnType<DiaryState['follow']>>): boolean {
    fault = problem?.detail ?? '';
    if (!brought) return false;
    const left =
      brought.leftOut > 0 ? say('diary.calendarLinks.couldNotBeRead', { leftOut: brought.leftOut }) : '';
    notices.info({
      title: say('diary.calendarLinks.inTheDiary', {
        rest: say('diary.calendarLinks.oneBusyTimeIs', { count: brought.times }),
        left
      })
    });
    return true;
  }

  async function takeOut(name: string): Promise<void> {
    const problem = await diary.takeOut(name);
    fault = problem?.detail ?? '';
    if (!problem) notices.info({ title: say('diary.calendarLinks.isOutOfTheDiary', { name }) });
  }

  async function feed(open: boolean, done: string): Promise<void> {
    const problem = await diary.feed(open);
    if (problem) notices.error({ title: say('diary.calendarLinks.notChanged'), description: problem.detail });
    else notices.info({ title: done });
  }
</script>

<section class="leaf" aria-labelledby="calendar-head">
  <h2 id="calendar-head">{say('diary.calendarLinks.inYourOwnCalendar')}</h2>
  {#if address}
    <p class="quiet">
      {say('diary.calendarLinks.aCalendarProgramThatIs')}
    </p>
    <input
      class="line"
      readonly
      value={address}
      aria-label={say('diary.calendarLinks.privateAddressOfTheDiary')}
      onfocus={(event) => event.currentTarget.select()}
    />
  {:else}
    <p class="quiet">{say('diary.calendarLinks.aPrivateAddressLetsThe')}</p>
  {/if}
  <p class="acts">
    {#if address}
      <button
        class="word"
        onclick={() => feed(false, say('diary.calendarLinks.withdrawnTheAddressLeadsNowhere'))}
        >{say('diary.calendarLinks.withdrawIt')}</button
      >
    {:else}
      <button class="word" onclick={() => feed(true, say('diary.calendarLinks.madeGiveTheAddressTo'))}
        >{say('diary.calendarLinks.makeTheAddress')}</button
      >
    {/if}
    <a class="word" href="/api/sites/{diary.id}/diary.ics" download>{say('diary.calendarLinks.allAsAFile')}</a
    >
  </p>
  <h3>{say('diary.calendarLinks.busyTimesFromAnotherCalendar')}</h3>
  {#each diary.view?.sources ?? [] as source (source.name)}
    <p class="source">
      <span dir="auto"
        >{source.name}
        {#if source.said}<small class={source.away ? 'gone' : 'quiet'}>{source.said}</small>{/if}</span
      >
      <button class="word" onclick={() => takeOut(source.name)}
        >{say('diary.calendarLinks.takeItOut')}<span class="hidden-words">: {source.name}</span></button
      >
    </p>
  {:else}
    <p class="quiet">{say('diary.calendarLinks.nothingIsOfferedWhileAnother')}</p>
  {/each}
  <form onsubmit={follow}>
    <label class="quiet" for="follow-address">{say('diary.calendarLinks.itsAddressToFollowIt')}</label>
    <input
      id="follow-address"
      class="line"
      type="text"
      inputmode="url"
      autocomplete="off"
      spellcheck="false"
      placeholder={say('diary.calendarLinks.httpsIcs')}
      bind:value={typed}
      aria-invalid={fault ? 'true' : undefined}
      aria-describedby="follow-fault"
    />
    <button class="word" disabled={asking || typed.trim() === ''}
      >{asking ? say('diary.calendarLinks.asking') : say('diary.calendarLinks.followIt')}</button
    >
  </form>
  <label class="word file">
    <input
      class="hidden-words"
      type="file"
      accept=".ics,text/calendar"
      onchange={(event) => bringIn(event.currentTarget)}
    />
    {say('diary.calendarLinks.bringInACalendarFile')}
  </label>
  <p class="fault" id="follow-fault" role="alert">{fault}</p>
</section>

<style>
  section {
    padding: 14px 18px 8px;
  }
  input {
    font-size: 14px;
  }
  h3 {
    margin-top: 10px;
    padding-top: 10px;
    border-top: 1px solid var(--fine-rule);
    font-size: 16px;
  }
  .source button {
    flex: none;
  }
  .source {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    align-items: center;
    overflow-wrap: anywhere;
  }
  form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 12px;
    align-items: center;
    margin-top: 8px;
    font-size: 14px;
  }
  form label {
    grid-column: 1 / -1;
  }
  small {
    display: block;
    font-size: 14px;
  }
  .gone {
    color: var(--madder);
  }
  .file:focus-within {
    outline: 3px solid var(--lacquer);
    outline-offset: 2px;
  }
  .fault {
    color: var(--madder);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
  }
</style>
