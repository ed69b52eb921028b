<script lang="ts">
  import { tick } from 'svelte';
  import type { Enquiry, Problem } from '../../api/client';
  import { answer, EnquiriesState } from './enquiries.svelte';
  import { clock, day } from './waiting';
  import { say } from '../../words/say';

  /** All that was said between the person and the business, in order, and a place to write a call or a note down. */
  let {
    enquiry,
    enquiries,
    told
  }: {
    enquiry: Enquiry;
    enquiries: EnquiriesState;
    told: (problem: Problem | null, not: string, done: string) => boolean;
  } = $props();

  const WHAT = {
    NOTE: say('enquiries.saidSoFar.noted'),
    CALL: say('enquiries.saidSoFar.called'),
    REPLY: say('enquiries.saidSoFar.wrote')
  };

  let writing = $state<'' | 'NOTE' | 'CALL'>('');
  let words = $state('');
  let fault = $state('');
  let busy = $state(false);

  const lines = $derived(
    [
      ...enquiries.earlier(enquiry).flatMap((each) => [
        {
          at: each.receivedAt,
          what: say('enquiries.saidSoFar.theyWrote'),
          words: answer(each, 'message'),
          id: each.id
        },
        ...each.entries.map((entry) => ({ ...entry, what: WHAT[entry.kind] }))
      ]),
      ...enquiry.entries.map((entry) => ({ ...entry, what: WHAT[entry.kind] }))
    ].sort((one, other) => one.at.localeCompare(other.at))
  );
  const undelivered = $derived(
    enquiry.deliveries.filter(
      (mail) => mail.state === 'GIVEN_UP' || (mail.state === 'WAITING' && mail.tries > 0)
    )
  );
  const sent = $derived(enquiry.deliveries.filter((mail) => mail.state === 'SENT').map((mail) => mail.to));

  async function begin(kind: 'NOTE' | 'CALL'): Promise<void> {
    writing = kind;
    await tick();
    document.getElementById(`entry-${enquiry.id}`)?.focus();
  }

  async function leave(): Promise<void> {
    const kind = writing;
    writing = '';
    fault = '';
    await tick();
    document.getElementById(`write-${kind}-${enquiry.id}`)?.focus();
  }

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (!writing || busy) return;
    busy = true;
    const problem = await enquiries.write(enquiry, writing, words);
    busy = false;
    fault = problem?.detail ?? '';
    if (problem) {
      document.getElementById(`entry-${enquiry.id}`)?.focus();
    } else {
      told(
        null,
        '',
        writing === 'CALL'
          ? say('enquiries.saidSoFar.theCallIsWrittenDown')
          : say('enquiries.saidSoFar.noted2')
      );
      words = '';
      await leave();
    }
  }
</script>

{#if lines.length > 0}
  <h3>{say('enquiries.saidSoFar.saidSoFar')}</h3>
  <ol>
    {#each lines as line (line.id)}
      <li>
        <time datetime={line.at}>{day(new Date(line.at), enquiries.now)} {clock(new Date(line.at))}</time>
        <p dir="auto"><b>{line.what}</b> {line.words}</p>
      </li>
    {/each}
  </ol>
{/if}
{#each undelivered as mail, index (index)}
  <p class="undelivered">
    {mail.state === 'GIVEN_UP'
      ? say('enquiries.saidSoFar.theMailToCouldNot', { to: mail.to, fault: mail.fault })
      : say('enquiries.saidSoFar.theMailToWaitsTried', { to: mail.to, tries: mail.tries, fault: mail.fault })}
  </p>
{/each}
{#if sent.length > 0}<p class="mail">
    {say('enquiries.saidSoFar.mailWentTo', { what: [...new Set(sent)].join(', ') })}
  </p>{/if}
{#if writing}
  <form onsubmit={keep}>
    <label class="small" for="entry-{enquiry.id}">
      {writing === 'CALL'
        ? say('enquiries.saidSoFar.whatWasSaidOnThe')
        : say('enquiries.saidSoFar.aNoteForYourselfAnd')}
    </label>
    <textarea
      id="entry-{enquiry.id}"
      class="line"
      rows="2"
      dir="auto"
      bind:value={words}
      aria-invalid={fault ? 'true' : undefined}
      aria-describedby="entry-fault-{enquiry.id}"
      onkeydown={(event) => event.key === 'Escape' && leave()}></textarea>
    <p class="fault" id="entry-fault-{enquiry.id}" role="alert">{fault}</p>
    <button class="act" type="submit" disabled={busy}
      >{busy ? say('enquiries.saidSoFar.keeping') : say('enquiries.saidSoFar.keepIt')}</button
    >
    <button class="word" type="button" onclick={leave}>{say('enquiries.saidSoFar.leaveIt')}</button>
  </form>
{:else}
  <p class="acts">
    <button class="word" id="write-CALL-{enquiry.id}" onclick={() => begin('CALL')}
      >{say('enquiries.saidSoFar.writeACallDown')}</button
    >
    <button class="word" id="write-NOTE-{enquiry.id}" onclick={() => begin('NOTE')}
      >{say('enquiries.saidSoFar.addANote')}</button
    >
  </p>
{/if}

<style>
  h3 {
    margin-top: 14px;
    padding-top: 10px;
    border-top: 1px solid var(--fine-rule);
    font-size: 17px;
  }
  li {
    display: grid;
    grid-template-columns: 6.4em minmax(0, 1fr);
    gap: 10px;
    margin-top: 6px;
    font-size: 15px;
  }
  time {
    color: var(--pencil);
  }
  li p {
    white-space: pre-wrap;
    overflow-wrap: anywhere;
  }
  .mail,
  .undelivered {
    margin-top: 8px;
    color: var(--pencil);
    font-size: 14px;
  }
  .undelivered,
  .fault {
    color: var(--madder);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 20px;
    margin-top: 6px;
  }
  form {
    margin-block: 10px;
  }
  form .word {
    margin-left: 14px;
  }
  .fault {
    min-height: 4px;
    font-size: 15px;
  }
</style>
