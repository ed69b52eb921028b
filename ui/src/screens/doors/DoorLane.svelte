<script lang="ts">
  import type { components } from '../../api/schema';
  import type { Outbox } from '../../keeping/outbox.svelte';
  import DoorMark from '../../parts/DoorMark.svelte';
  import DoorSettings from './DoorSettings.svelte';
  import type { DoorsState, DoorView } from './doors.svelte';
  import { WEEK } from './minute';
  import { say } from '../../words/say';

  /** One door: how it stands, when it is answered, and beneath it, once it is chosen, its settings. */
  let {
    door,
    doors,
    outbox,
    id,
    differing,
    changed
  }: {
    door: DoorView;
    doors: DoorsState;
    outbox: Outbox;
    id: string;
    differing: components['schemas']['Differs'][];
    changed: () => void;
  } = $props();

  const open = $derived(doors.chosen === door.kind);
  const state = $derived(door.state.toLowerCase() as 'open' | 'ajar' | 'shut');
  const when = $derived(doors.view?.whens.find((each) => each.id === door.door.hours.when)?.words ?? '');
  const line = $derived(
    state === 'shut'
      ? say('doors.doorLane.shut')
      : state === 'ajar'
        ? say('doors.doorLane.ajar')
        : [
            door.keepsHours ? when.toLowerCase() : say('doors.doorLane.open'),
            ...(door.test ? [] : [say('doors.doorLane.notTested')])
          ].join(', ')
  );
  /** Days on which it is not answered as in other weeks. */
  const off = $derived(
    door.keepsHours && door.state === 'OPEN' && ['IN_HOURS', 'OWN'].includes(door.door.hours.when)
      ? differing.map((day) => ({
          at: (Date.parse(day.date) - Date.parse(doors.view?.monday ?? '')) / 86_400_000,
          says: day.says
        }))
      : []
  );
  const noon = $derived(
    (at: number) => !door.lane.some((each) => each.from < at * 1440 + 900 && each.to > at * 1440 + 300)
  );
</script>

<div class="door {state}" class:chosen={open}>
  <div class="row">
    <button
      class="name"
      aria-expanded={open}
      aria-controls="door-{door.kind}"
      onclick={() => (doors.chosen = open ? '' : door.kind)}
    >
      <span class="stands"><DoorMark {state} size={24} /></span>
      <span class="said">
        <b
          >{door.name}{#if door.main}<span class="main">{say('doors.doorLane.mainDoor')}</span>{/if}</b
        >
        <small>{line}</small>
      </span>
    </button>
    <div class="lane" data-lane>
      <svg viewBox="0 0 {WEEK} 10" preserveAspectRatio="none" aria-hidden="true">
        <rect class="ground" width={WEEK} height="10" />
        {#each door.lane as stretch (stretch.from)}
          <rect class="answered" x={stretch.from} width={stretch.to - stretch.from} height="10" />
        {/each}
        {#each [1, 2, 3, 4, 5, 6] as day (day)}
          <line x1={day * 1440} x2={day * 1440} y1="0" y2="10" vector-effect="non-scaling-stroke" />
        {/each}
      </svg>
      {#if state === 'ajar'}
        <span class="note">{door.missing}</span>
      {:else}
        {#each off as day (day.at)}
          {#if noon(day.at)}<span class="off of-{day.at}">{day.says}</span>{/if}
        {/each}
      {/if}
    </div>
  </div>
  {#if open}
    <div class="beneath" id="door-{door.kind}">
      <DoorSettings {door} {doors} {outbox} {id} {changed} />
    </div>
  {/if}
</div>

<style>
  .door {
    border-top: 1px solid var(--fine-rule);
  }
  .door:first-of-type {
    border-top: 0;
  }
  .door.chosen {
    outline: 2px solid var(--lacquer);
    outline-offset: -1px;
  }
  .row {
    display: grid;
    grid-template-columns: var(--name) minmax(0, 1fr);
    align-items: center;
    min-height: 52px;
  }
  .name {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 52px;
    padding: 2px 8px 2px 16px;
    border: 0;
    background: none;
    color: var(--ink);
    text-align: left;
    cursor: pointer;
  }
  .name:hover b {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  .stands {
    --door-leaf: currentcolor;
    color: var(--verdigris);
    line-height: 0;
  }
  .ajar .stands {
    color: var(--brass);
  }
  .shut .stands {
    color: var(--control);
  }
  .said {
    display: grid;
    min-width: 0;
    line-height: 1.25;
  }
  .said b {
    font:
      700 17px/1.25 'Aleo Variable',
      Georgia,
      serif;
  }
  .said small {
    color: var(--pencil);
    font-size: 14px;
  }
  .ajar .said small {
    color: var(--brass);
  }
  .main {
    margin-left: 8px;
    color: var(--lacquer);
    font:
      700 13.5px/1 'Atkinson Hyperlegible Next Variable',
      sans-serif;
  }
  .lane {
    position: relative;
    height: 52px;
    cursor: ew-resize;
    touch-action: pan-y;
  }
  svg {
    position: absolute;
    inset: 13px 0;
    width: 100%;
    height: 26px;
  }
  .ground {
    fill: var(--well);
  }
  .answered {
    fill: var(--verdigris);
  }
  line {
    stroke: var(--rule);
    stroke-width: 1;
  }
  .note,
  .off {
    position: absolute;
    top: 15px;
    overflow: hidden;
    font-size: 14px;
    line-height: 22px;
    text-overflow: ellipsis;
    white-space: nowrap;
    pointer-events: none;
  }
  .note {
    left: 8px;
    right: 4px;
    color: var(--brass);
  }
  .off {
    left: calc(var(--day, 0) * 100% / 7 + 6px);
    width: calc(100% / 7 - 8px);
    color: var(--pencil);
  }
  .of-1 {
    --day: 1;
  }
  .of-2 {
    --day: 2;
  }
  .of-3 {
    --day: 3;
  }
  .of-4 {
    --day: 4;
  }
  .of-5 {
    --day: 5;
  }
  .of-6 {
    --day: 6;
  }
  .beneath {
    position: relative;
    z-index: 3;
    margin: 0 1px;
    background: var(--panel);
    padding: 6px 20px 16px;
    border-top: 1px solid var(--fine-rule);
    user-select: text;
  }
  @media (max-width: 720px) {
    .row {
      grid-template-columns: minmax(0, 1fr);
    }
    .lane {
      height: 34px;
      margin-top: -4px;
    }
    svg {
      inset: 4px 0;
    }
    .note,
    .off {
      top: 6px;
    }
    .beneath {
      position: relative;
      z-index: 3;
      margin: 0 1px;
      background: var(--panel);
      padding-inline: 16px;
    }
  }
</style>
