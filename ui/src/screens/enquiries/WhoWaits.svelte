<script lang="ts">
  import type { Enquiry } from '../../api/client';
  import { EnquiriesState, STATES, nameOf } from './enquiries.svelte';
  import { clock, day } from './waiting';
  import { say } from '../../words/say';

  /** The days ahead: by when somebody is to be answered, whom to ask again. */
  let { enquiries, goTo }: { enquiries: EnquiriesState; goTo: (enquiry: Enquiry) => void } = $props();

  interface Row {
    enquiry: Enquiry;
    at: number;
    words: string;
    waits: boolean;
  }

  const rows = $derived(
    enquiries.open
      .flatMap((enquiry): Row[] => {
        if (enquiry.state === 'NEW' && enquiry.due)
          return [{ enquiry, at: Date.parse(enquiry.due), words: clock(new Date(enquiry.due)), waits: true }];
        if (enquiry.askAgain)
          return [
            {
              enquiry,
              at: Date.parse(`${enquiry.askAgain}T12:00:00`),
              words: say('enquiries.whoWaits.askAgain'),
              waits: false
            }
          ];
        return [];
      })
      .sort((one, other) => one.at - other.at)
  );
  const undated = $derived(enquiries.open.filter((each) => !rows.some((row) => row.enquiry.id === each.id)));

  /** The day, said once for all its rows; what is late counts as today. */
  function heading(index: number): string {
    const said = (row: Row | undefined): string =>
      row ? day(new Date(Math.max(row.at, enquiries.now.getTime())), enquiries.now) : '';
    return said(rows[index]) === said(rows[index - 1]) ? '' : said(rows[index]);
  }
</script>

{#if rows.length + undated.length > 0}
  <section class="leaf" aria-labelledby="who-waits">
    <h2 id="who-waits">{say('enquiries.whoWaits.whoWaitsByDay')}</h2>
    <ul>
      {#each rows as row, index (row.enquiry.id)}
        <li class:first={heading(index) !== ''}>
          <span class="day" class:today={heading(index) === 'today'}>{heading(index)}</span>
          <button class="name" onclick={() => goTo(row.enquiry)} dir="auto">{nameOf(row.enquiry)}</button>
          <span class="when" class:waits={row.waits}>{row.words}</span>
        </li>
      {/each}
      {#each undated as enquiry, index (enquiry.id)}
        <li class:first={index === 0}>
          <span class="day">{index === 0 ? say('enquiries.whoWaits.noDay') : ''}</span>
          <button class="name" onclick={() => goTo(enquiry)} dir="auto">{nameOf(enquiry)}</button>
          <span class="when">{STATES[enquiry.state].toLowerCase()}</span>
        </li>
      {/each}
    </ul>
  </section>
{/if}

<style>
  section {
    padding: 14px 18px 6px;
  }
  ul {
    margin-top: 8px;
  }
  li {
    display: grid;
    grid-template-columns: 5.4em minmax(0, 1fr) auto;
    align-items: baseline;
    gap: 8px;
    font-size: 15px;
  }
  li.first {
    border-top: 1px solid var(--fine-rule);
    padding-top: 4px;
  }
  .day {
    color: var(--pencil);
    white-space: nowrap;
  }
  .today {
    color: var(--brass);
    font-weight: 700;
  }
  .name {
    min-height: 36px;
    border: 0;
    background: none;
    color: var(--ink);
    text-align: left;
    cursor: pointer;
    overflow-wrap: break-word;
  }
  .name:hover {
    text-decoration: underline;
  }
  .when {
    color: var(--pencil);
  }
  .when.waits {
    color: var(--brass);
    font-weight: 700;
  }
  @media (max-width: 720px) {
    .name {
      min-height: 44px;
    }
  }
</style>
