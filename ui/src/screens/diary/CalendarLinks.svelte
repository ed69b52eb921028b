<script lang="ts">
  import { notices } from '../../parts/notices';
  import type { DiaryState } from './diary.svelte';

  /** The diary in other calendars: a file, and an address that a calendar program follows. */
  let { diary }: { diary: DiaryState } = $props();

  const address = $derived(diary.view?.feed ? location.origin + diary.view.feed : '');

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
</section>

<style>
  section {
    padding: 14px 18px 8px;
  }
  input {
    font-size: 14px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
  }
</style>
