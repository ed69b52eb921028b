<script lang="ts">
  import { tick, untrack } from 'svelte';
  import type { Enquiry, Problem } from '../../api/client';
  import { lastKnown } from '../../keeping/browserStore';
  import type { Sheet } from '../../sheet';
  import type { SiteState } from '../../site.svelte';
  import { answer, EnquiriesState } from './enquiries.svelte';
  import { say } from '../../words/say';

  /** The answer being written. It lies in the browser until it is sent. */
  let {
    enquiry,
    enquiries,
    site,
    told
  }: {
    enquiry: Enquiry;
    enquiries: EnquiriesState;
    site: SiteState;
    told: (problem: Problem | null, not: string, done: string) => boolean;
  } = $props();

  const id = $derived(enquiry.id);
  const person = $derived(enquiry.person);
  const first = $derived(answer(enquiry, 'name').split(/\s+/)[0] ?? '');
  const greeting = $derived(say('enquiries.replyBox.dear', { first }));
  let words = $state('');
  let fault = $state('');
  let busy = $state(false);
  let asking = $state(false);

  $effect(() => {
    const key = `reply/${id}`;
    untrack(() => {
      words = greeting;
      void lastKnown.get<string>(key).then((kept) => {
        if (kept && id === enquiry.id) words = kept;
      });
    });
  });

  const prices = $derived(
    site.sheet.services
      .filter((service) => service.name.trim() && (service.price.trim() || service.minutes.trim()))
      .map((service) => ({
        name: service.name,
        said: saidOf(service)
      }))
  );

  /** "Camera survey: 60 min, from £95". */
  function saidOf(service: Sheet['services'][number]): string {
    const minutes = service.minutes.trim();
    const time = /^\d+$/.test(minutes) ? say('enquiries.replyBox.min', { minutes }) : minutes;
    return `${service.name}: ${[time, service.price].filter((each) => each.trim()).join(', ')}`;
  }

  function typed(): void {
    fault = '';
    void lastKnown.put(`reply/${id}`, words);
  }

  async function put(said: string): Promise<void> {
    asking = false;
    const box = document.getElementById(`reply-${id}`) as HTMLTextAreaElement | null;
    const at = box?.selectionStart ?? words.length;
    words = words.slice(0, at) + said + words.slice(box?.selectionEnd ?? at);
    typed();
    await tick();
    box?.focus();
    box?.setSelectionRange(at + said.length, at + said.length);
  }

  async function send(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (busy) return;
    // Asked for now: the message may be put away, and this box with it, before the reply has gone.
    const [box, store, begun] = [`reply-${id}`, `reply/${id}`, greeting];
    if (words.trim() === begun.trim() || !words.trim()) {
      fault = say('enquiries.replyBox.writeTheReplyFirst');
      document.getElementById(box)?.focus();
      return;
    }
    busy = true;
    const problem = await enquiries.reply(enquiry, words);
    busy = false;
    fault = problem?.detail ?? '';
    if (
      told(problem, say('enquiries.replyBox.notSentYourWordsAre'), say('enquiries.replyBox.yourReplyIsOnIts'))
    ) {
      words = begun;
      await lastKnown.put(store, '');
      await site.reload();
    }
    document.getElementById(box)?.focus();
  }
</script>

<div class="reply">
  {#if person?.mail}
    <form onsubmit={send}>
      <div class="to">
        <h3><label for="reply-{id}">{say('enquiries.replyBox.yourReply')}</label></h3>
        <span class="quiet">{say('enquiries.replyBox.byMailTo', { reach: person.reach })}</span>
      </div>
      <textarea
        id="reply-{id}"
        class="line"
        rows="7"
        dir="auto"
        bind:value={words}
        oninput={typed}
        aria-invalid={fault ? 'true' : undefined}
        aria-describedby="reply-fault-{id}"></textarea>
      <p class="fault" id="reply-fault-{id}" role="alert">{fault}</p>
      <div class="put">
        <span class="quiet">{say('enquiries.replyBox.putIn')}</span>
        {#if prices.length > 0}
          <button class="word" type="button" aria-expanded={asking} onclick={() => (asking = !asking)}>
            {say('enquiries.replyBox.aPrice')}
          </button>
        {/if}
        {#if site.sheet.lines.telephone}
          <button class="word" type="button" onclick={() => put(site.sheet.lines.telephone)}>
            {say('enquiries.replyBox.yourNumber')}
          </button>
        {/if}
        {#if site.sheet.lines.hours}
          <button class="word" type="button" onclick={() => put(site.sheet.lines.hours)}
            >{say('enquiries.replyBox.yourHours')}</button
          >
        {/if}
      </div>
      {#if asking}
        <div class="prices">
          {#each prices as price (price.name)}
            <button class="chip-leaf" type="button" onclick={() => put(price.said)}>{price.said}</button>
          {/each}
        </div>
      {/if}
      <div class="foot">
        <button class="act send" type="submit" disabled={busy}
          >{busy ? say('enquiries.replyBox.sending') : say('enquiries.replyBox.sendTheReply')}</button
        >
        <a class="word" href={person.uri}>{say('enquiries.replyBox.writeWithYourOwnMail')}</a>
      </div>
    </form>
  {:else if person}
    <h3>{say('enquiries.replyBox.theyLeftANumber')}</h3>
    <p class="call">
      <a class="act" href={person.uri}>{say('enquiries.replyBox.call', { reach: person.reach })}</a>
    </p>
    <p class="quiet">{say('enquiries.replyBox.writeTheCallDownAfterwards')}</p>
  {:else}
    <h3>{say('enquiries.replyBox.noWayToAnswer')}</h3>
    <p class="quiet">
      {say('enquiries.replyBox.theyLeftWhichIsNeither', { what: answer(enquiry, 'reach') })}
    </p>
  {/if}
</div>

<style>
  .reply {
    padding: 14px 18px 14px;
    border-left: 1px solid var(--fine-rule);
    background: var(--well);
  }
  h3 {
    font-size: 17px;
  }
  .to {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: baseline;
    gap: 0 14px;
    overflow-wrap: anywhere;
  }
  textarea {
    margin-top: 6px;
    background: var(--sheet);
    font-size: 16px;
  }
  .fault {
    color: var(--madder);
    font-size: 15px;
  }
  .put,
  .foot,
  .prices {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 16px;
  }
  .prices {
    gap: 8px;
    margin-bottom: 10px;
  }
  .foot {
    margin-top: 4px;
  }
  .send {
    border: 1px solid var(--lacquer);
    color: var(--lacquer);
  }
  .call {
    margin-block: 10px;
  }
  @media (max-width: 720px) {
    .reply {
      padding-inline: 14px;
      border-left: 0;
      border-top: 1px solid var(--fine-rule);
    }
  }
</style>
