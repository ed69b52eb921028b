<script lang="ts">
  import type { Enquiry } from '../../api/client';
  import { lasting, moment, waited } from './waiting';
  import { waitLine } from './waitLine';
  import { say } from '../../words/say';

  /** How long somebody has waited, as a line that runs towards the promised answer. */
  let { enquiry, now }: { enquiry: Enquiry; now: Date } = $props();

  const line = $derived(waitLine(enquiry, now));
  const received = $derived(new Date(enquiry.receivedAt));
  const due = $derived(new Date(enquiry.due ?? enquiry.receivedAt));
  const left = $derived(due.getTime() - now.getTime());
</script>

<div class="wait" class:late={line?.late} class:fresh={line && !line.late && line.now < 50}>
  {#if line}
    <div class="track" aria-hidden="true">
      {#each line.parts as part (part.from)}
        <span class={part.kind} style:left="{part.from}%" style:width="{part.to - part.from}%"></span>
        {#if part.kind === 'work' && line.now > part.from}
          <span class="run" style:left="{part.from}%" style:width="{Math.min(line.now, part.to) - part.from}%"
          ></span>
        {/if}
      {/each}
      <span class="hand" style:left="{line.now}%"></span>
      <svg class="door" style:left="{line.due}%" width="17" height="22" viewBox="0 0 17 22">
        <path d="M2 22V2h13v20" fill="none" stroke="currentColor" stroke-width="3" />
      </svg>
    </div>
  {/if}
  <p class="words">
    <b>{say('enquiries.waitLine.waited', { waited: waited(received, now) })}</b>
    {#if line?.late}
      <span
        ><b>{say('enquiries.waitLine.lateBy', { lasting: lasting(-left) })}</b>{say(
          'enquiries.waitLine.promised',
          { moment: moment(due, now) }
        )}</span
      >
    {:else if line}
      <span
        ><b>{say('enquiries.waitLine.left', { lasting: lasting(left) })}</b>{say('enquiries.waitLine.until', {
          moment: moment(due, now)
        })}</span
      >
    {/if}
  </p>
</div>

<style>
  .wait {
    --run: var(--brass);
    min-width: 0;
  }
  .fresh {
    --run: var(--verdigris);
  }
  .late {
    --run: var(--madder);
  }
  .track {
    position: relative;
    height: 22px;
    margin-right: 17px;
  }
  .track span {
    position: absolute;
    top: 7px;
    height: 8px;
  }
  .work {
    background: var(--fine-rule);
  }
  .closed {
    border-bottom: 2px dotted var(--control);
    height: 5px !important;
  }
  .run {
    background: var(--run);
  }
  .track .hand {
    top: 1px;
    width: 3px;
    height: 20px;
    margin-left: -1px;
    background: var(--run);
  }
  .door {
    position: absolute;
    top: 0;
    color: var(--run);
  }
  .words {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 16px;
    margin-top: 2px;
    font-size: 14px;
  }
  .words b {
    color: var(--run);
  }
</style>
