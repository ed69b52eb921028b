<script lang="ts">
  import { notices } from '../../parts/notices';
  import type { DiaryState } from './diary.svelte';

  /** The diary in other calendars: a file, and an address that a calendar program follows. */
  let { diary }: { diary: DiaryState } = $props();

  const address = $derived(diary.view?.feed ? location.origin + diary.view.feed : '');

  let fault = $state('');

  async function bringIn(field: HTMLInputElement): Promise<void> {
    const file = field.files?.[0];
    field.value = '';
    if (!file) return;
    const { brought, problem } = await diary.bringIn(file);
    fault = problem?.detail ?? '';
    if (!brought) return;
    const left = brought.leftOut > 0 ? ` ${brought.leftOut} could not be read.` : '';
    notices.info({
      title: `${brought.times === 1 ? 'One busy time is' : `${brought.times} busy times are`} in the diary.${left}`
    });
  }

  async function takeOut(name: string): Promise<void> {
    const problem = await diary.takeOut(name);
    fault = problem?.detail ?? '';
    if (!problem) notices.info({ title: `“${name}” is out of the diary.` });
  }

  async function feed(open: boolean, done: string): Promise<void> {
    const problem = await diary.feed(open);
    if (problem) notices.error({ title: 'Not changed.', description: problem.detail });
    else notices.info({ title: done });
  }
</script>

<section class="leaf" aria-labelledby="calendar-head">
  <h2 id="calendar-head">In your own calendar</h2>
  {#if address}
    <p class="quiet">
      A calendar program that is given this address follows the diary. Whoever has it can read it.
    </p>
    <input
      class="line"
      readonly
      value={address}
      aria-label="Private address of the diary"
      onfocus={(event) => event.currentTarget.select()}
    />
  {:else}
    <p class="quiet">A private address lets the calendar of your phone follow this diary.</p>
  {/if}
  <p class="acts">
    {#if address}
      <button class="word" onclick={() => feed(false, 'Withdrawn. The address leads nowhere now.')}
        >Withdraw it</button
      >
    {:else}
      <button class="word" onclick={() => feed(true, 'Made. Give the address to your calendar.')}
        >Make the address</button
      >
    {/if}
    <a class="word" href="/api/sites/{diary.id}/diary.ics" download>All as a file</a>
  </p>
  <h3>Busy times from another calendar</h3>
  {#each diary.view?.sources ?? [] as source (source)}
    <p class="source">
      <span dir="auto">{source}</span>
      <button class="word" onclick={() => takeOut(source)}>Take it out</button>
    </p>
  {:else}
    <p class="quiet">Nothing is offered while another calendar says you are busy.</p>
  {/each}
  <label class="word">
    <input
      class="hidden-words"
      type="file"
      accept=".ics,text/calendar"
      onchange={(event) => bringIn(event.currentTarget)}
    />
    Bring in a calendar file
  </label>
  <p class="fault" role="alert">{fault}</p>
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
  .source {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    align-items: center;
    overflow-wrap: anywhere;
  }
  label:focus-within {
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
