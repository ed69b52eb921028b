<script lang="ts">
  import { tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import PersonData from '../../parts/PersonData.svelte';
  import type { Problem } from '../../api/client';
  import type { DiaryState, Ticket } from './diary.svelte';

  /** The appointment that is opened: who, when, where, what was said, and what can be done with it. */
  let {
    ticket,
    diary,
    heading = 'h2'
  }: { ticket: Ticket; diary: DiaryState; heading?: 'h2' | 'h3' } = $props();

  const open = $derived(ticket.state === 'BOOKED' || ticket.state === 'ASKED');
  const over = $derived(Date.parse(ticket.start) < Date.now());
  const STATES: Record<Ticket['state'], string> = {
    HELD: '',
    ASKED: 'Waits for your answer',
    BOOKED: '',
    DONE: 'Done',
    MISSED: 'Did not come',
    CANCELLED: 'Called off'
  };

  async function told(problem: Problem | null, not: string, done: string): Promise<void> {
    if (problem) notices.error({ title: not, description: problem.detail });
    else notices.info({ title: done });
    await tick();
    document.getElementById(`leaf-${ticket.id}`)?.focus();
  }

  const agree = async (): Promise<void> =>
    told(await diary.agree(ticket.id), 'Not agreed.', `${ticket.who} is told yes.`);

  const mark = async (state: Ticket['state'], done: string): Promise<void> =>
    told(await diary.mark(ticket.id, state), 'Not marked.', done);

  const restore = async (): Promise<void> =>
    told(await diary.restore(ticket.id), 'Not put back.', 'It stands in the diary again, and they are told.');

  async function forget(): Promise<void> {
    const problem = await diary.forget(ticket.person ?? '');
    if (problem) return told(problem, 'Not deleted.', '');
    notices.info({ title: 'All of this person is deleted.' });
    await tick();
    document.getElementById('diary-head')?.focus();
  }

  function move(): void {
    diary.doing = {
      what: 'move',
      ticket,
      at: { date: ticket.date, minute: ticket.from },
      minutes: ticket.minutes
    };
  }
</script>

<section
  class="leaf {ticket.state === 'ASKED' ? 'waits' : ticket.state === 'BOOKED' ? 'is-open' : ''}"
  id="leaf-{ticket.id}"
  tabindex="-1"
  aria-label="Appointment of {ticket.who}"
>
  <svelte:element this={heading} class="name" dir="auto">{ticket.who}</svelte:element>
  <p class="quiet" dir="auto">
    {[
      ticket.serviceName,
      ticket.minutes < 120 ? `${ticket.minutes} min` : `${ticket.minutes / 60} h`,
      ticket.price
    ]
      .filter((words) => words !== '')
      .join(' · ')}
  </p>
  {#if STATES[ticket.state]}<p class="state">{STATES[ticket.state]}</p>{/if}
  <p class="fact">
    {ticket.when}{#if ticket.resource}<span class="quiet">{ticket.resource}</span>{/if}
  </p>
  {#if ticket.until}<p class="fact quiet">{ticket.until}</p>{/if}
  {#if ticket.place}
    <p class="fact" dir="auto">
      {ticket.place}{#if ticket.way}<span class="quiet">{ticket.way}</span>{/if}
    </p>
  {/if}
  {#each ticket.answers as said, index (index)}
    <p class="fact">
      <small class="quiet">{said.label}</small><span class="said" dir="auto">{said.value}</span>
    </p>
  {/each}
  {#if ticket.note}<p class="fact">
      <small class="quiet">Your note</small><span dir="auto">{ticket.note}</span>
    </p>{/if}
  {#each ticket.mails as mail, index (index)}<p class="fact mail">{mail}</p>{/each}
  <p class="fact reach">
    {#if ticket.call}<a class="word" href={ticket.call}>Call {ticket.telephone}</a>{/if}
    {#if ticket.email}<a class="word" href="mailto:{ticket.email}">Write a mail</a>{/if}
    {#if ticket.place}
      <a
        class="word"
        href="https://www.openstreetmap.org/search?query={encodeURIComponent(ticket.place)}"
        target="_blank"
        rel="noreferrer">Way there</a
      >
    {/if}
  </p>
  <p class="acts">
    {#if ticket.state === 'ASKED'}
      <button class="word" onclick={agree}>Say yes</button>
      <button class="word" onclick={move}>Offer another time</button>
      <button class="word calm" onclick={() => (diary.doing = { what: 'cancel', ticket })}>Say no</button>
    {:else if open}
      <button class="word" onclick={move}>Move</button>
      <button class="word" onclick={() => (diary.doing = { what: 'cancel', ticket })}>Cancel</button>
      {#if over}
        <button class="word" onclick={() => mark('DONE', 'Done.')}>Done</button>
        <button class="word calm" onclick={() => mark('MISSED', 'Marked as not come.')}>Did not come</button>
      {/if}
    {:else if ticket.state === 'CANCELLED'}
      <button class="word" onclick={restore}>Put it back</button>
    {:else}
      <button class="word" onclick={() => mark('BOOKED', 'Neither done nor missed any more.')}
        >Not {ticket.state === 'DONE' ? 'done' : 'missed'} after all</button
      >
    {/if}
  </p>
  {#if ticket.person && ticket.state !== 'ASKED'}<PersonData
      site={diary.id}
      person={ticket.person}
      {forget}
    />{/if}
</section>

<style>
  section {
    padding: 14px 18px 8px;
  }
  .name {
    font-size: 20px;
    overflow-wrap: anywhere;
  }
  .state {
    color: var(--brass);
    font-weight: 700;
  }
  .fact {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 12px;
    margin-top: 8px;
    padding-top: 8px;
    border-top: 1px solid var(--fine-rule);
    overflow-wrap: anywhere;
  }
  .fact small {
    flex-basis: 100%;
    font-size: 14px;
  }
  .said {
    white-space: pre-line;
  }
  .mail {
    color: var(--brass);
  }
  .reach,
  .acts {
    display: flex;
    flex-wrap: wrap;
    justify-content: flex-start;
    gap: 0 18px;
  }
  .reach {
    padding-top: 0;
  }
  .calm {
    color: var(--pencil);
  }
</style>
