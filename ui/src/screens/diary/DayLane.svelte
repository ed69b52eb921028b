<script lang="ts">
  import type { DiaryDay, DiaryState, Ticket, Time } from './diary.svelte';
  import { shortService, ticketWords } from './ticketWords';
  import { along, clock, dayNumber, marks, minuteAt, STEP, weekday, type Hours } from './lane';
  import { say } from '../../words/say';

  /** One day of the week as a lane: its hours, the tickets, the ways to them, what is blocked and what still fits. */
  let {
    day,
    diary,
    hours,
    now,
    pulled
  }: {
    day: DiaryDay;
    diary: DiaryState;
    hours: Hours;
    /** Minute it is, on the lane of today; -1 on all others. */
    now: number;
    /** A ticket was pulled over the lanes to a place on the screen. */
    pulled: (ticket: Ticket, minutes: number, x: number, y: number) => void;
  } = $props();

  const ROW = 60;
  const height = $derived(day.rows * ROW + 18);
  let lane: HTMLDivElement;
  let drawn = $state<{ from: number; to: number } | null>(null);
  let held = $state<{ id: string; by: number; drop: number } | null>(null);
  const left = (minute: number): string => `${along(minute, hours)}%`;
  const width = (from: number, to: number): string => `${along(to, hours) - along(from, hours)}%`;
  const time = (minute: number): Time => ({ date: day.date, minute });

  function minuteUnder(x: number): number {
    const box = lane.getBoundingClientRect();
    return minuteAt((x - box.left) / box.width, hours);
  }

  /** On an empty place: pressed, it says why nothing is offered; drawn along, it is blocked. */
  function begin(event: PointerEvent): void {
    if (event.button !== 0 || (event.target as HTMLElement).closest('button')) return;
    const first = minuteUnder(event.clientX);
    const begun = event.clientX;
    const move = (to: PointerEvent): void => {
      if (Math.abs(to.clientX - begun) < 8 && !drawn) return;
      const at = minuteUnder(to.clientX);
      drawn = { from: Math.min(first, at), to: Math.max(first, at) + STEP };
    };
    const end = (): void => {
      removeEventListener('pointermove', move);
      const block = drawn;
      drawn = null;
      diary.chosen = '';
      if (block) diary.doing = { what: 'block', from: time(block.from), to: time(block.to) };
      else {
        diary.doing = { what: 'nothing' };
        void diary.ask(time(first));
      }
    };
    addEventListener('pointermove', move);
    addEventListener('pointerup', end, { once: true });
  }

  /** A ticket is opened by a press, and moved by pulling it. */
  function grab(event: PointerEvent, ticket: Ticket): void {
    if (event.button !== 0 || event.pointerType === 'touch') return;
    if (ticket.state !== 'BOOKED' && ticket.state !== 'ASKED') return;
    const x = event.clientX;
    const y = event.clientY;
    const move = (to: PointerEvent): void => {
      if (held || Math.hypot(to.clientX - x, to.clientY - y) > 8) {
        held = { id: ticket.id, by: to.clientX - x, drop: to.clientY - y };
      }
    };
    const end = (to: PointerEvent): void => {
      removeEventListener('pointermove', move);
      if (held) pulled(ticket, ticket.minutes, to.clientX - (x - startOf(ticket)), to.clientY);
      held = null;
    };
    addEventListener('pointermove', move);
    addEventListener('pointerup', end, { once: true });
  }

  /** Where a ticket begins on the screen. */
  function startOf(ticket: Ticket): number {
    const box = lane.getBoundingClientRect();
    return box.left + (along(ticket.from, hours) / 100) * box.width + 1;
  }

  function choose(ticket: Ticket): void {
    diary.asked = null;
    diary.doing = { what: 'nothing' };
    diary.chosen = diary.chosen === ticket.id ? '' : ticket.id;
  }
</script>

<div class="day" class:today={now >= 0}>
  <h2><b>{weekday(day.date)}</b><small>{dayNumber(day.date)}</small></h2>
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <div class="lane" data-date={day.date} style:height="{height}px" bind:this={lane} onpointerdown={begin}>
    {#each day.open as span (span.from)}
      <span class="open" style:left={left(span.from)} style:width={width(span.from, span.to)}></span>
    {/each}
    {#each marks(hours) as mark (mark)}<span class="hour" style:left={left(mark)}></span>{/each}
    {#if day.open.length === 0}<p class="closed">{day.closed || say('diary.dayLane.closed')}</p>
    {:else if day.closed}<p class="closed differs">{day.closed}</p>{/if}
    {#each day.rooms as room (room.from)}
      <span class="room" style:left={left(room.from)} style:width={width(room.from, room.to)}
        >{room.says}</span
      >
    {/each}
    {#each day.blocks as block (block.id)}
      <button
        class="block"
        style:left={left(block.from)}
        style:width={width(block.from, block.to)}
        aria-label={say('diary.dayLane.blockedTo', {
          clock: clock(block.from),
          clock2: clock(block.to),
          rest: block.words ? `: ${block.words}` : ''
        })}
        aria-pressed={diary.chosen === `block/${block.id}`}
        onclick={() => {
          diary.asked = null;
          diary.doing = { what: 'nothing' };
          diary.chosen = `block/${block.id}`;
        }}><span>{block.words || say('diary.dayLane.blocked')}</span></button
      >
    {/each}
    {#each day.ways as way (way.to)}
      <span
        class="way"
        style:left={left(way.from)}
        style:width={width(way.from, way.until)}
        style:top="{way.row * ROW + ROW - 6}px"
      ></span>
    {/each}
    {#each day.tickets as { from, to, row, ticket } (ticket.id)}
      <button
        class="ticket {ticket.state.toLowerCase()}"
        class:held={held?.id === ticket.id}
        id="ticket-{ticket.id}"
        style:left={left(from)}
        style:width={width(from, to)}
        style:top="{row * ROW + 9}px"
        style:transform={held?.id === ticket.id ? `translate(${held.by}px, ${held.drop}px)` : undefined}
        aria-pressed={diary.chosen === ticket.id}
        onpointerdown={(event) => grab(event, ticket)}
        onclick={() => choose(ticket)}
      >
        <b dir="auto">{to - from >= 75 ? ticket.who : ticket.short}</b>
        <small dir="auto"
          >{ticket.state === 'ASKED'
            ? say('diary.ticketWords.asks')
            : shortService(ticket.serviceName, to - from)}</small
        >
        <span class="hidden-words">{ticketWords(ticket, from, to)}</span>
      </button>
    {/each}
    {#if drawn}
      <span class="drawn" style:left={left(drawn.from)} style:width={width(drawn.from, drawn.to)}
        >{say('diary.ticketWords.to', { clock: clock(drawn.from), clock2: clock(drawn.to) })}</span
      >
    {/if}
    {#if diary.asked?.date === day.date && diary.doing.what === 'nothing'}
      <span class="asked" style:left={left(diary.asked.minute)}></span>
    {/if}
    {#if now >= hours.begins && now <= hours.ends}
      <span class="now" style:left={left(now)}><b>{clock(now)}</b></span>
    {/if}
  </div>
</div>

<style>
  .day {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    border-top: 1px solid var(--rule);
  }
  h2 {
    padding: 12px 0;
    font: inherit;
    line-height: 1.35;
  }
  h2 small {
    display: block;
    color: var(--pencil);
    font-size: 14px;
  }
  .lane {
    position: relative;
    background: var(--well);
    touch-action: pan-y;
    cursor: cell;
    user-select: none;
  }
  .lane > * {
    position: absolute;
  }
  .open {
    inset-block: 0;
    background: var(--panel);
  }
  .hour {
    inset-block: 0;
    border-left: 1px solid var(--fine-rule);
  }
  .closed {
    top: 50%;
    left: 16px;
    margin: 0;
    color: var(--pencil);
    transform: translateY(-50%);
    pointer-events: none;
  }
  .differs {
    top: auto;
    bottom: 0;
    font-size: 13.5px;
    transform: none;
  }
  .room {
    top: 13px;
    display: -webkit-box;
    height: 50px;
    padding: 5px 10px;
    overflow: hidden;
    border: 1px dashed var(--verdigris);
    color: var(--pencil);
    font-size: 13.5px;
    line-height: 19px;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    line-clamp: 2;
    pointer-events: none;
  }
  .block {
    inset-block: 9px;
    overflow: hidden;
    border: 0;
    background: repeating-linear-gradient(135deg, var(--rule) 0 5px, var(--well) 5px 11px);
    color: var(--ink);
    font-size: 14px;
    text-align: left;
    cursor: pointer;
  }
  .block span {
    display: inline-block;
    max-width: 100%;
    padding: 1px 8px;
    overflow: hidden;
    background: var(--well);
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .way {
    height: 11px;
    background: repeating-linear-gradient(90deg, var(--control) 0 2px, transparent 2px 6px);
    pointer-events: none;
  }
  .ticket {
    z-index: 2;
    height: 58px;
    padding: 6px 4px 4px 8px;
    border: 1px solid var(--rule);
    border-left: 5px solid var(--verdigris);
    border-radius: 2px 10px 2px 2px;
    background: var(--panel);
    color: var(--ink);
    font-size: 15px;
    line-height: 1.25;
    text-align: left;
    white-space: nowrap;
    cursor: pointer;
  }
  .ticket:hover,
  .ticket:focus-visible {
    z-index: 4;
    width: max-content !important;
  }
  .ticket :is(b, small) {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .ticket small {
    font-size: 13.5px;
  }
  .asked:is(.ticket) {
    border-left-color: var(--brass);
    background: var(--brass-tint);
  }
  .done {
    border-left-color: var(--control);
    color: var(--pencil);
  }
  .missed {
    border-left-color: var(--madder);
    color: var(--pencil);
  }
  .ticket[aria-pressed='true'],
  .block[aria-pressed='true'] {
    outline: 2px solid var(--lacquer);
    outline-offset: 1px;
  }
  .held {
    z-index: 9;
    opacity: 0.9;
    pointer-events: none;
  }
  .drawn {
    inset-block: 9px;
    z-index: 5;
    border: 2px solid var(--lacquer);
    background: var(--lacquer-tint);
    color: var(--lacquer);
    font-size: 14px;
    font-weight: 700;
    pointer-events: none;
  }
  span.asked {
    inset-block: 4px;
    z-index: 3;
    border-left: 2px dashed var(--lacquer);
    pointer-events: none;
  }
  .now {
    inset-block: -2px;
    z-index: 5;
    border-left: 2px solid var(--lacquer);
    pointer-events: none;
  }
  .now b {
    position: absolute;
    top: -18px;
    left: -22px;
    width: 42px;
    background: var(--ground);
    color: var(--lacquer);
    font-size: 13.5px;
    text-align: center;
  }
</style>
