<script lang="ts">
  import {
    clock,
    closedWeek,
    DAY,
    DAYS,
    dayWords,
    FULL_DAYS,
    STEP,
    withEdge,
    withoutSpan,
    withSpan,
    type Day
  } from './week';
  import { say } from '../../words/say';

  /**
   * The week as a band, Monday to Sunday, each day from midnight to midnight. A press on a day opens it beneath at full
   * width, where its hours are drawn, dragged by their ends, or moved with the arrow keys.
   */
  let { week, change }: { week: Day[] | undefined; change: (week: Day[]) => void } = $props();

  const days = $derived(week ?? closedWeek());
  let chosen = $state<number | null>(null);
  let drawn = $state<{ from: number; to: number } | null>(null);
  let dragged = $state<{ index: number; edge: 'from' | 'to' } | null>(null);
  /** The day while it is being dragged; handed on when the hand lets go. */
  let loose = $state<Day | null>(null);
  let ruler = $state<HTMLElement>();

  const day = $derived(chosen === null ? null : (loose ?? days[chosen] ?? null));
  const HOURS = [0, 3, 6, 9, 12, 15, 18, 21, 24];

  function set(next: Day, at = chosen): void {
    if (at === null) return;
    change(days.map((each, index) => (index === at ? next : each)));
  }

  function same(indexes: number[]): void {
    if (!day) return;
    change(
      days.map((each, index) => (indexes.includes(index) ? structuredClone($state.snapshot(day)) : each))
    );
  }

  function minutesAt(event: PointerEvent): number {
    const box = ruler?.getBoundingClientRect();
    if (!box) return 0;
    const share = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width));
    return Math.round((share * DAY) / STEP) * STEP;
  }

  function press(event: PointerEvent): void {
    if (event.button !== 0 || !day) return;
    const handle = (event.target as HTMLElement).closest<HTMLElement>('[data-edge]');
    ruler?.setPointerCapture(event.pointerId);
    if (handle) {
      dragged = { index: Number(handle.dataset['index']), edge: handle.dataset['edge'] as 'from' | 'to' };
      loose = structuredClone($state.snapshot(day));
    } else if (!(event.target as HTMLElement).closest('[data-bar]')) {
      const at = minutesAt(event);
      drawn = { from: at, to: at };
    }
  }

  function move(event: PointerEvent): void {
    const at = minutesAt(event);
    if (dragged && loose) loose = withEdge(loose, dragged.index, dragged.edge, at);
    else if (drawn) drawn = { from: drawn.from, to: at };
  }

  function release(): void {
    if (dragged && loose) set($state.snapshot(loose));
    else if (drawn && day) {
      const from = Math.min(drawn.from, drawn.to);
      const to = Math.max(drawn.from, drawn.to);
      // A press without a pull gives an hour, to be pulled longer.
      if (from < DAY)
        set(withSpan($state.snapshot(day), { from, to: to - from < STEP ? Math.min(from + 60, DAY) : to }));
    }
    dragged = null;
    drawn = null;
    loose = null;
  }

  function keys(event: KeyboardEvent, index: number, edge: 'from' | 'to'): void {
    if (!day) return;
    const by = {
      ArrowLeft: -STEP,
      ArrowDown: -STEP,
      ArrowRight: STEP,
      ArrowUp: STEP,
      PageDown: -60,
      PageUp: 60
    }[event.key];
    if (by !== undefined) {
      event.preventDefault();
      const now = day.spans[index]?.[edge] ?? 0;
      set(withEdge($state.snapshot(day), index, edge, now + by));
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      set(withoutSpan($state.snapshot(day), index));
    }
  }

  const share = (minutes: number) => `${(100 * Math.min(minutes, DAY)) / DAY}%`;
  const length = (from: number, to: number) => `${(100 * (Math.min(to, DAY) - from)) / DAY}%`;
</script>

<div class="band" role="group" aria-label={say('facts.weekBand.theWeekDrawn')}>
  <div class="days">
    {#each days as each, index (index)}
      <button
        type="button"
        class="day"
        aria-pressed={chosen === index}
        onclick={() => (chosen = chosen === index ? null : index)}
      >
        <span class="name">{DAYS[index]}<span class="hidden-words">, {dayWords(each)}</span></span>
        <span class="lane">
          {#each each.spans as span, at (at)}
            <span class="bar" style:left={share(span.from)} style:width={length(span.from, span.to)}></span>
          {/each}
          {#if each.kind === 'BY_APPOINTMENT'}<span class="arranged"></span>{/if}
        </span>
      </button>
    {/each}
  </div>
  {#if day && chosen !== null}
    <div class="opened">
      <p class="said"><strong>{FULL_DAYS[chosen]}</strong> {dayWords(day)}</p>
      <div class="axis" aria-hidden="true">
        {#each HOURS as hour (hour)}<span style:left={share(hour * 60)}>{hour}</span>{/each}
      </div>
      <div
        bind:this={ruler}
        class="ruler"
        role="presentation"
        onpointerdown={press}
        onpointermove={move}
        onpointerup={release}
        onpointercancel={release}
      >
        {#each day.spans as span, index (index)}
          <span class="bar" data-bar style:left={share(span.from)} style:width={length(span.from, span.to)}
          ></span>
          {#each ['from', 'to'] as const as edge (edge)}
            <span
              class="handle"
              data-edge={edge}
              data-index={index}
              role="slider"
              tabindex="0"
              style:left={share(span[edge])}
              aria-label="{FULL_DAYS[chosen]} {edge === 'from' ? 'opens' : 'closes'}"
              aria-valuemin={0}
              aria-valuemax={edge === 'from' ? DAY - STEP : 2 * DAY}
              aria-valuenow={span[edge]}
              aria-valuetext={clock(span[edge])}
              onkeydown={(event) => keys(event, index, edge)}><span class="grip"></span></span
            >
          {/each}
        {/each}
        {#if drawn}
          <span
            class="bar drawing"
            style:left={share(Math.min(drawn.from, drawn.to))}
            style:width={length(Math.min(drawn.from, drawn.to), Math.max(drawn.from, drawn.to))}
          ></span>
        {/if}
      </div>
      <div class="acts">
        {#if day.kind !== 'OPEN'}
          <button
            type="button"
            class="word"
            onclick={() => set({ kind: 'OPEN', spans: [{ from: 540, to: 1020 }] })}
            >{say('facts.weekBand.open9To5')}</button
          >
        {:else}
          <button type="button" class="word" onclick={() => same([0, 1, 2, 3, 4])}
            >{say('facts.weekBand.theSameMondayToFriday')}</button
          >
          <button type="button" class="word" onclick={() => set({ kind: 'CLOSED', spans: [] })}
            >{say('facts.weekBand.closed')}</button
          >
        {/if}
        {#if day.kind !== 'BY_APPOINTMENT'}
          <button type="button" class="word" onclick={() => set({ kind: 'BY_APPOINTMENT', spans: [] })}
            >{say('facts.weekBand.byAppointment')}</button
          >
        {/if}
      </div>
      <p class="quiet">
        {say('facts.weekBand.drawOnTheLineTo')}
      </p>
    </div>
  {:else}
    <p class="quiet">{say('facts.weekBand.pressADayToDraw')}</p>
  {/if}
</div>

<style>
  .band {
    margin-top: 10px;
  }
  .days {
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 1fr));
    gap: 3px;
  }
  .day {
    display: grid;
    gap: 4px;
    padding: 4px 0;
    border: 0;
    border-bottom: 3px solid transparent;
    background: none;
    color: var(--pencil);
    font-size: 14px;
    cursor: pointer;
  }
  .day[aria-pressed='true'] {
    border-bottom-color: var(--lacquer);
    color: var(--ink);
    font-weight: 700;
  }
  .lane,
  .ruler {
    position: relative;
    display: block;
    height: 34px;
    background: var(--well);
    overflow: hidden;
  }
  .lane {
    border-left: 1px solid var(--rule);
  }
  .bar {
    position: absolute;
    top: 5px;
    bottom: 5px;
    background: var(--verdigris);
    border-radius: 1px;
  }
  .arranged {
    position: absolute;
    inset: 5px 0;
    background: repeating-linear-gradient(
      -45deg,
      var(--brass-tint) 0 4px,
      color-mix(in oklab, var(--brass) 60%, var(--brass-tint)) 4px 6px
    );
  }
  .opened {
    margin-top: 8px;
    padding: 10px 14px 8px;
    border: 1px solid var(--fine-rule);
    background: var(--sheet);
  }
  .said {
    font-size: 15px;
  }
  .axis {
    position: relative;
    height: 20px;
    color: var(--pencil);
    font-size: 13px;
  }
  .axis span {
    position: absolute;
    transform: translateX(-50%);
  }
  .axis span:first-child {
    transform: none;
  }
  .axis span:last-child {
    transform: translateX(-100%);
  }
  .ruler {
    height: 52px;
    overflow: visible;
    touch-action: none;
    cursor: crosshair;
    background: repeating-linear-gradient(90deg, var(--rule) 0 1px, transparent 1px 12.5%), var(--well);
  }
  .ruler .bar {
    top: 10px;
    bottom: 10px;
    cursor: default;
  }
  .drawing {
    opacity: 0.5;
  }
  .handle {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 28px;
    transform: translateX(-50%);
    cursor: ew-resize;
  }
  .grip {
    position: absolute;
    inset: 6px 11px;
    border-radius: 2px;
    background: var(--ink);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 20px;
  }
  @media (max-width: 720px) {
    .handle {
      width: 44px;
    }
    .grip {
      inset: 6px 19px;
    }
  }
</style>
