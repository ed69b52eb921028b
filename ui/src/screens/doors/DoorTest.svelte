<script lang="ts">
  import { notices } from '../../parts/notices';
  import type { DoorsState, DoorView } from './doors.svelte';
  import { LANGUAGE, say } from '../../words/say';

  /** Tries the door, and says what came of it, step by step. */
  let { door, doors }: { door: DoorView; doors: DoorsState } = $props();

  const when = new Intl.DateTimeFormat(LANGUAGE, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: 'numeric',
    minute: '2-digit'
  });

  async function test(): Promise<void> {
    const problem = await doors.test(door.kind);
    if (problem) notices.error({ title: say('doors.doorTest.notTested'), description: problem.detail });
  }
</script>

<div role="status">
  {#if door.test}
    <ol>
      {#each door.test.steps as step, index (index)}
        <li class={step.done === null ? 'waits' : step.done ? 'done' : 'wrong'}>{step.says}</li>
      {/each}
    </ol>
    <p class="quiet">{say('doors.doorTest.tested', { format: when.format(new Date(door.test.at)) })}</p>
  {:else if door.state === 'OPEN'}
    <p class="quiet">{say('doors.doorTest.notTestedAsItIs')}</p>
  {:else}
    <p class="quiet">{say('doors.doorTest.itCanBeTestedOnce')}</p>
  {/if}
</div>
{#if door.state === 'OPEN'}
  <button class="word" onclick={test} disabled={doors.testing === door.kind}>
    {doors.testing === door.kind
      ? say('doors.doorTest.testing')
      : door.test
        ? say('doors.doorTest.testItAgain')
        : say('doors.doorTest.testIt')}
  </button>
{/if}

<style>
  ol {
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 15px;
  }
  li {
    position: relative;
    padding: 1px 0 4px 20px;
    overflow-wrap: anywhere;
  }
  li::before {
    position: absolute;
    left: 0;
    content: '✓';
    color: var(--verdigris);
    font-weight: 700;
  }
  .waits::before {
    content: '…';
    color: var(--brass);
  }
  .wrong {
    color: var(--madder);
  }
  .wrong::before {
    content: '×';
    color: var(--madder);
  }
  .quiet {
    font-size: 14px;
  }
</style>
