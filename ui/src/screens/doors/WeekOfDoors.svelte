<script lang="ts">
  import type { Outbox } from '../../keeping/outbox.svelte';
  import DoorLane from './DoorLane.svelte';
  import type { DoorsState } from './doors.svelte';
  import { DAYS, dayOf, minuteWords, moved, onGrid, shortMinute, WEEK } from './minute';
  import { say } from '../../words/say';

  /** The elevation: each door at the left end of its lane of the week, and a hand that moves over all of them. */
  let { doors, outbox, id, changed }: { doors: DoorsState; outbox: Outbox; id: string; changed: () => void } =
    $props();

  let board = $state<HTMLElement>();
  let band = $state<HTMLElement>();
  let dragged = $state(false);

  const view = $derived(doors.view);
  const days = $derived(
    DAYS.map((name, index) => ({
      name: name.slice(0, 3),
      day: dayOf(view?.monday ?? '2026-01-05', index).getUTCDate(),
      today: view !== null && view.now >= 0 && Math.floor(view.now / 1440) === index
    }))
  );

  $effect(() => board?.style.setProperty('--at', String(doors.minute / WEEK)));

  function follow(event: PointerEvent): void {
    const box = band?.getBoundingClientRect();
    if (box) doors.minute = onGrid(((event.clientX - box.left) / box.width) * WEEK);
  }

  function press(event: PointerEvent): void {
    if (event.button !== 0 || !(event.target as HTMLElement).closest('[data-lane], [data-hand]')) return;
    dragged = true;
    follow(event);
  }

  function key(event: KeyboardEvent): void {
    const to = moved(doors.minute, event.key, event.shiftKey);
    if (to === undefined) return;
    event.preventDefault();
    doors.minute = to;
  }

  function week(by: number): string {
    return dayOf(view?.monday ?? '', by)
      .toISOString()
      .slice(0, 10);
  }
</script>

<svelte:window
  onpointermove={(event) => dragged && follow(event)}
  onpointerup={() => (dragged = false)}
  onpointercancel={() => (dragged = false)}
/>

{#if view}
  <!-- The hand below is the control; a press on a lane is its shortcut. -->
  <section
    class="leaf"
    aria-label={say('doors.weekOfDoors.doorsAndTheWeek')}
    bind:this={board}
    onpointerdown={press}
  >
    <div class="days" data-lane>
      <p class="weeks">
        <button
          class="word"
          onclick={() => doors.load(week(-7))}
          aria-label={say('doors.weekOfDoors.theWeekBefore')}>‹</button
        >
        <button class="word" onclick={() => doors.load('')} disabled={view.now >= 0}>
          {view.now >= 0 ? say('doors.weekOfDoors.thisWeek') : say('doors.weekOfDoors.toThisWeek')}
        </button>
        <button
          class="word"
          onclick={() => doors.load(week(7))}
          aria-label={say('doors.weekOfDoors.theWeekAfter')}>›</button
        >
      </p>
      <div class="band" bind:this={band}>
        {#each days as day (day.name)}
          <span class:today={day.today}><b>{day.name}</b> {day.day}</span>
        {/each}
        <div
          class="hand"
          class:left={doors.minute > WEEK / 2}
          data-hand
          role="slider"
          tabindex="0"
          aria-label={say('doors.weekOfDoors.theMinuteAVisitorComes')}
          aria-valuemin={0}
          aria-valuemax={WEEK}
          aria-valuenow={doors.minute}
          aria-valuetext={minuteWords(doors.minute)}
          onkeydown={key}
        >
          {shortMinute(doors.minute)}
        </div>
      </div>
    </div>
    {#each view.doors as door (door.kind)}
      <DoorLane {door} {doors} {outbox} {id} {changed} differing={view.differing} />
    {/each}
    <p class="says" role="status"><b>{minuteWords(doors.minute)}.</b> {doors.says}</p>
    <div class="line" aria-hidden="true"></div>
  </section>
{/if}

<style>
  .weeks {
    display: flex;
    gap: 4px;
    align-items: center;
    width: var(--name);
    padding-left: 12px;
    font-size: 15px;
  }
  .weeks .word {
    min-height: 36px;
    min-width: 28px;
    justify-content: center;
  }
  .weeks .word {
    font-weight: 400;
  }
  .weeks .word[disabled] {
    color: var(--pencil);
    text-decoration: none;
    cursor: default;
  }
  .leaf {
    --name: 216px;
    position: relative;
    border-left-width: 1px;
    user-select: none;
  }
  .days {
    display: grid;
    grid-template-columns: var(--name) minmax(0, 1fr);
    border-bottom: 1px solid var(--fine-rule);
    cursor: ew-resize;
    touch-action: pan-y;
  }
  .band {
    position: relative;
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 1fr));
  }
  .band span {
    padding: 6px 0 6px 8px;
    border-left: 1px solid var(--rule);
    color: var(--pencil);
    font-size: 15px;
    white-space: nowrap;
    overflow: hidden;
  }
  .band span b {
    color: var(--ink);
  }
  .band .today b {
    color: var(--lacquer);
  }
  .hand {
    position: absolute;
    z-index: 3;
    top: 3px;
    left: calc(var(--at) * 100%);
    padding: 2px 10px;
    border-radius: 0 8px 2px 2px;
    background: var(--lacquer-fill);
    color: var(--on-lacquer);
    font-size: 14px;
    font-weight: 700;
    line-height: 20px;
    white-space: nowrap;
    cursor: ew-resize;
    touch-action: none;
  }
  .hand.left {
    border-radius: 8px 0 2px 2px;
    transform: translateX(-100%);
  }
  .line {
    position: absolute;
    z-index: 2;
    top: 4px;
    bottom: 0;
    left: calc(var(--name) + var(--at) * (100% - var(--name)));
    width: 2px;
    background: var(--lacquer-fill);
    pointer-events: none;
  }
  .says {
    position: relative;
    z-index: 2;
    min-height: 2.9em;
    padding: 10px 16px;
    border-top: 1px solid var(--fine-rule);
    background: var(--well);
    user-select: text;
  }
  @media (max-width: 720px) {
    .leaf {
      --name: 0px;
    }
    .days {
      grid-template-columns: minmax(0, 1fr);
    }
    .weeks {
      width: auto;
    }
    .weeks .word {
      min-width: 44px;
      min-height: 44px;
    }
    .band span {
      padding-left: 4px;
      font-size: 13.5px;
    }
    .hand {
      line-height: 28px;
    }
  }
</style>
