<script lang="ts">
  import type { Enquiry } from '../../api/client';
  import { reachUri, waited } from './waiting';

  /** One message, and what can be done about it. */
  let { enquiry, now, mark }: { enquiry: Enquiry; now: Date; mark: (state: Enquiry['state']) => void } =
    $props();

  const value = (key: string): string => enquiry.answers.find((answer) => answer.key === key)?.value ?? '';
  const reach = $derived(value('reach'));
  const others = $derived(
    enquiry.answers.filter((answer) => !['name', 'reach', 'message'].includes(answer.key))
  );
  const delivery = $derived(
    enquiry.deliveries.map((mail) =>
      mail.state === 'SENT'
        ? `Mail sent to ${mail.to}`
        : mail.state === 'GIVEN_UP'
          ? `Mail to ${mail.to} could not be sent. ${mail.fault}`
          : mail.tries > 0
            ? `Mail to ${mail.to} waits: tried ${mail.tries} times. ${mail.fault}`
            : `Mail to ${mail.to} is on its way`
    )
  );
  const undelivered = $derived(
    enquiry.deliveries.some(
      (mail) => mail.state === 'GIVEN_UP' || (mail.state === 'WAITING' && mail.tries > 0)
    )
  );
  const received = $derived(new Date(enquiry.receivedAt));
  const isNew = $derived(enquiry.state === 'NEW');
</script>

<article
  class="leaf {isNew ? 'waits' : ''}"
  class:past={!isNew}
  id="enquiry-{enquiry.id}"
  tabindex="-1"
  aria-label="Message of {value('name')}"
>
  <header>
    <h3 dir="auto">{value('name')}</h3>
    <time datetime={enquiry.receivedAt} title={received.toLocaleString('en-GB')} class:waiting={isNew}>
      {isNew ? `has waited ${waited(received, now)}` : `${waited(received, now)} ago`}
    </time>
  </header>
  <p class="message" dir="auto">{value('message')}</p>
  {#if others.length > 0}
    <dl>
      {#each others as answer (answer.key)}
        <div>
          <dt>{answer.label}</dt>
          <dd dir="auto">{answer.value}</dd>
        </div>
      {/each}
    </dl>
  {/if}
  {#each delivery as words (words)}<p class="mail" class:undelivered>{words}</p>{/each}
  <footer>
    <a class="word" href={reachUri(reach)}>{reach.includes('@') ? 'Write to' : 'Call'} {reach}</a>
    <span class="marks">
      {#if isNew}
        <button class="word" onclick={() => mark('DONE')}>Done</button>
        <button class="word quiet-word" onclick={() => mark('UNWANTED')}>Unwanted</button>
      {:else}
        <button class="word" onclick={() => mark('NEW')}>Not done yet</button>
      {/if}
    </span>
  </footer>
</article>

<style>
  .mail {
    margin-top: 8px;
    color: var(--pencil);
    font-size: 14px;
  }
  .undelivered {
    color: var(--madder);
  }
  article {
    padding: 16px 22px 6px;
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 16px;
  }
  h3 {
    font-size: 18px;
  }
  time {
    color: var(--pencil);
    font-size: 15px;
    white-space: nowrap;
  }
  .waiting {
    color: var(--brass);
    font-weight: 700;
  }
  .message {
    margin-top: 6px;
    max-width: 44em;
    white-space: pre-wrap;
    overflow-wrap: anywhere;
    font-size: 17px;
  }
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 28px;
    margin-top: 10px;
  }
  dt {
    color: var(--pencil);
    font-size: 14px;
  }
  dd {
    overflow-wrap: anywhere;
  }
  footer {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 20px;
    margin-top: 8px;
    border-top: 1px solid var(--fine-rule);
  }
  .marks {
    display: flex;
    gap: 22px;
  }
  .quiet-word {
    color: var(--pencil);
  }
  .past .message {
    font-size: 16px;
  }
</style>
