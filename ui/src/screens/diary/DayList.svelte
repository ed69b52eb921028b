<script lang="ts">
  import { clock, dayNumber, weekday } from './lane';
  import type { DiaryState } from './diary.svelte';
  import TicketLeaf from './TicketLeaf.svelte';
  import { say } from '../../words/say';

  /** Days as lists: read on a phone, and printed for the van. The ways stand between; the one that is chosen, or next, is opened. */
  let { diary }: { diary: DiaryState } = $props();

  const view = $derived(diary.view);
  const single = $derived((view?.days.length ?? 0) === 1);
  const days = $derived(
    single
      ? (view?.days ?? [])
      : (view?.days ?? []).filter((day) => day.tickets.length + day.blocks.length > 0)
  );
  const next = $derived(
    (view?.days ?? [])
      .flatMap((day) => day.tickets.map((each) => ({ ...each, date: day.date })))
      .find(
        ({ date, to, ticket }) =>
          ticket.state === 'BOOKED' &&
          (date > (view?.today ?? '') || (date === view?.today && to > view.minute))
      )?.ticket.id
  );
  const opened = $derived(diary.chosen || next || '');

  const way = $derived((to: string, day: number) => days[day]?.ways.find((each) => each.to === to));
</script>

{#each days as day, index (day.date)}
  <section class="day" aria-label={day.name}>
    <h2>
      {weekday(day.date)}
      {dayNumber(day.date)}{#if day.date === view?.today}<span class="quiet today"
          >{say('diary.dayList.today')}</span
        >{/if}
    </h2>
    {#if day.closed}<p class="quiet">{day.closed}</p>
    {:else if day.open.length === 0 && day.tickets.length === 0}<p class="quiet">
        {say('diary.dayList.closed')}
      </p>{/if}
    <ol>
      {#each day.blocks as block (block.id)}
        <li class="blocked">
          <span class="time">{clock(block.from)}</span>
          {say('diary.dayList.blockedUntil', {
            clock: clock(block.to),
            rest: block.words ? `: ${block.words}` : ''
          })}
        </li>
      {/each}
      {#each day.tickets as { from, ticket } (ticket.id)}
        {@const on = way(ticket.id, index)}
        {#if on}<li class="way" aria-label={ticket.way}>
            <i></i>{say('diary.dayList.minOnTheWay', { minutes: on.minutes })}
          </li>{/if}
        <li>
          <button
            class="row {ticket.state.toLowerCase()}"
            id="row-{ticket.id}"
            aria-expanded={opened === ticket.id}
            onclick={() => (diary.chosen = ticket.id)}
          >
            <span class="time">{clock(from)}</span>
            <span class="who"
              ><b dir="auto">{ticket.who}</b><small dir="auto"
                >{ticket.serviceName}{ticket.place ? ` · ${ticket.place}` : ''}</small
              ></span
            >
            {#if ticket.telephone}<small class="tel">{ticket.telephone}</small>{/if}
          </button>
          {#if opened === ticket.id && diary.doing.what === 'nothing'}<TicketLeaf
              {ticket}
              {diary}
              heading="h3"
            />{/if}
        </li>
      {/each}
    </ol>
    {#if day.tickets.length === 0 && day.open.length > 0}<p class="quiet">
        {say('diary.dayList.nothingYet', { rest: day.room ? `: ${day.room}` : '' })}
      </p>
    {:else if day.room}<p class="quiet left">{say('diary.dayList.still', { room: day.room })}</p>{/if}
  </section>
{:else}
  <p class="quiet">{say('diary.dayList.nothingStandsInTheDiary')}</p>
{/each}

<style>
  .today {
    margin-left: 0.4em;
  }
  .day {
    padding: 10px 0 14px;
    border-top: 1px solid var(--rule);
    break-inside: avoid;
  }
  ol {
    margin-top: 6px;
  }
  .row {
    display: flex;
    gap: 14px;
    align-items: baseline;
    width: 100%;
    min-height: 52px;
    padding: 7px 14px;
    border: 1px solid var(--rule);
    border-left: 5px solid var(--verdigris);
    border-radius: 2px 10px 2px 2px;
    background: var(--panel);
    color: var(--ink);
    text-align: left;
    cursor: pointer;
  }
  li {
    margin-top: 6px;
  }
  .asked {
    border-left-color: var(--brass);
    background: var(--brass-tint);
  }
  .done,
  .missed {
    border-left-color: var(--control);
    color: var(--pencil);
  }
  .time {
    flex: none;
    width: 46px;
    font-weight: 700;
    font-variant-numeric: tabular-nums;
  }
  .who {
    display: grid;
    flex: 1;
    min-width: 0;
    overflow-wrap: anywhere;
  }
  .who small,
  .tel {
    color: var(--pencil);
    font-size: 14px;
  }
  .way,
  .blocked {
    display: flex;
    gap: 14px;
    align-items: center;
    padding-left: 20px;
    color: var(--pencil);
    font-size: 14px;
  }
  .way i {
    width: 46px;
    height: 9px;
    background: repeating-linear-gradient(90deg, var(--control) 0 2px, transparent 2px 6px);
  }
  .left {
    margin-top: 8px;
  }
  @media print {
    .left {
      display: none;
    }
  }
</style>
