<script lang="ts">
  import { tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import PersonData from '../../parts/PersonData.svelte';
  import type { Problem } from '../../api/client';
  import type { DiaryState, Ticket } from './diary.svelte';
  import { say } from '../../words/say';

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
    ASKED: say('diary.ticketLeaf.waitsForYourAnswer'),
    BOOKED: '',
    DONE: say('diary.ticketLeaf.done'),
    MISSED: say('diary.ticketLeaf.didNotCome'),
    CANCELLED: say('diary.ticketLeaf.calledOff')
  };

  async function told(problem: Problem | null, not: string, done: string): Promise<void> {
    if (problem) notices.error({ title: not, description: problem.detail });
    else notices.info({ title: done });
    await tick();
    document.getElementById(`leaf-${ticket.id}`)?.focus();
  }

  const agree = async (): Promise<void> =>
    told(
      await diary.agree(ticket.id),
      say('diary.ticketLeaf.notAgreed'),
      say('diary.ticketLeaf.isToldYes', { who: ticket.who })
    );

  const mark = async (state: Ticket['state'], done: string): Promise<void> =>
    told(await diary.mark(ticket.id, state), say('diary.ticketLeaf.notMarked'), done);

  const restore = async (): Promise<void> =>
    told(
      await diary.restore(ticket.id),
      say('diary.ticketLeaf.notPutBack'),
      say('diary.ticketLeaf.itStandsInTheDiary')
    );

  async function forget(): Promise<void> {
    const problem = await diary.forget(ticket.person ?? '');
    if (problem) return told(problem, say('diary.ticketLeaf.notDeleted'), '');
    notices.info({ title: say('diary.ticketLeaf.allOfThisPersonIs') });
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
  aria-label={say('diary.ticketLeaf.appointmentOf', { who: ticket.who })}
>
  <svelte:element this={heading} class="name" dir="auto">{ticket.who}</svelte:element>
  <p class="quiet" dir="auto">
    {[
      ticket.serviceName,
      ticket.minutes < 120
        ? say('diary.ticketLeaf.min', { minutes: ticket.minutes })
        : `${ticket.minutes / 60} h`,
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
      <small class="quiet">{say('diary.ticketLeaf.yourNote')}</small><span dir="auto">{ticket.note}</span>
    </p>{/if}
  {#each ticket.mails as mail, index (index)}<p class="fact mail">{mail}</p>{/each}
  <p class="fact reach">
    {#if ticket.call}<a class="word" href={ticket.call}
        >{say('diary.ticketLeaf.call', { telephone: ticket.telephone })}</a
      >{/if}
    {#if ticket.email}<a class="word" href="mailto:{ticket.email}">{say('diary.ticketLeaf.writeAMail')}</a
      >{/if}
    {#if ticket.place}
      <a
        class="word"
        href="https://www.openstreetmap.org/search?query={encodeURIComponent(ticket.place)}"
        target="_blank"
        rel="noreferrer">{say('diary.ticketLeaf.wayThere')}</a
      >
    {/if}
  </p>
  <p class="acts">
    {#if ticket.state === 'ASKED'}
      <button class="word" onclick={agree}>{say('diary.ticketLeaf.sayYes')}</button>
      <button class="word" onclick={move}>{say('diary.ticketLeaf.offerAnotherTime')}</button>
      <button class="word calm" onclick={() => (diary.doing = { what: 'cancel', ticket })}
        >{say('diary.ticketLeaf.sayNo')}</button
      >
    {:else if open}
      <button class="word" onclick={move}>{say('diary.ticketLeaf.move')}</button>
      <button class="word" onclick={() => (diary.doing = { what: 'cancel', ticket })}
        >{say('diary.ticketLeaf.cancel')}</button
      >
      {#if over}
        <button class="word" onclick={() => mark('DONE', say('diary.ticketLeaf.done2'))}
          >{say('diary.ticketLeaf.done')}</button
        >
        <button class="word calm" onclick={() => mark('MISSED', say('diary.ticketLeaf.markedAsNotCome'))}
          >{say('diary.ticketLeaf.didNotCome')}</button
        >
      {/if}
    {:else if ticket.state === 'CANCELLED'}
      <button class="word" onclick={restore}>{say('diary.ticketLeaf.putItBack')}</button>
    {:else}
      <button class="word" onclick={() => mark('BOOKED', say('diary.ticketLeaf.neitherDoneNorMissedAny'))}
        >{say('diary.ticketLeaf.notAfterAll', {
          rest: ticket.state === 'DONE' ? say('diary.ticketLeaf.done3') : say('diary.ticketLeaf.missed')
        })}</button
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
