<script lang="ts">
  import type { DiaryState, Ticket } from './diary.svelte';
  import DayLane from './DayLane.svelte';
  import { along, marks, minuteAt } from './lane';

  /** The days that are shown as lanes, one beneath the other, with the hours above them. */
  let { diary }: { diary: DiaryState } = $props();

  const view = $derived(diary.view);
  const hours = $derived({ begins: view?.begins ?? 480, ends: view?.ends ?? 1080 });

  /** A ticket was let go: on a lane it is asked about, anywhere else it goes back. */
  function pulled(ticket: Ticket, minutes: number, x: number, y: number): void {
    const lane = document
      .elementsFromPoint(x, y)
      .map((each) => each.closest<HTMLElement>('[data-date]'))
      .find((each) => each !== null);
    if (!lane) return;
    const box = lane.getBoundingClientRect();
    const at = { date: lane.dataset.date ?? '', minute: minuteAt((x - box.left) / box.width, hours) };
    diary.chosen = ticket.id;
    diary.doing = { what: 'move', ticket, at, minutes };
  }
</script>

{#if view}
  <div class="lanes">
    <div class="hours" aria-hidden="true">
      {#each marks(hours) as mark (mark)}<span style:left="{along(mark, hours)}%">{mark / 60}</span>{/each}
    </div>
    {#each view.days as day (day.date)}
      <DayLane {day} {diary} {hours} {pulled} now={day.date === view.today ? view.minute : -1} />
    {/each}
  </div>
{/if}

<style>
  .lanes {
    border-bottom: 1px solid var(--rule);
  }
  .hours {
    position: relative;
    height: 24px;
    margin-left: 84px;
  }
  .hours span {
    position: absolute;
    color: var(--pencil);
    font-size: 14px;
    transform: translateX(-50%);
  }
</style>
