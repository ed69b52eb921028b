<script lang="ts">
  import { tick } from 'svelte';
  import type { Enquiry, Problem } from '../../api/client';
  import { EnquiriesState, nameOf } from './enquiries.svelte';
  import { day } from './waiting';

  /** A few words of a customer whose matter is done: asked for by a link of their own, and shown only when they are taken. */
  let {
    enquiry,
    enquiries,
    site,
    told
  }: {
    enquiry: Enquiry;
    enquiries: EnquiriesState;
    site: string;
    told: (problem: Problem | null, not: string, done: string) => boolean;
  } = $props();

  let link = $state('');
  let busy = $state(false);

  const words = $derived(enquiry.words ?? null);
  const now = $derived(enquiries.now);
  const expired = $derived(words?.state === 'ASKED' && new Date(words.goodUntil) < now);
  const byMail = $derived(enquiry.person?.mail ?? false);
  const id = $derived(`words-${enquiry.id}`);

  async function act(asked: Promise<Problem | null>, not: string, done: string): Promise<void> {
    busy = true;
    const problem = await asked;
    busy = false;
    told(problem, not, done);
    await tick();
    document.getElementById(id)?.focus();
  }

  async function ask(): Promise<void> {
    await act(
      enquiries.askForWords(enquiry).then((answer) => {
        link = answer.link ?? '';
        return answer.problem ?? null;
      }),
      'Not asked.',
      byMail ? 'Asked by mail. What they say comes to this message.' : 'The link is made. Send it to them.'
    );
  }

  function copy(): void {
    void navigator.clipboard.writeText(link).then(() => told(null, '', 'The link is copied.'));
  }
</script>

<section class="words" aria-label="How it was">
  {#if words?.state === 'SAID'}
    <h3 {id} tabindex="-1">{nameOf(enquiry)} has said how it was</h3>
    <blockquote dir="auto">{words.words}</blockquote>
    <p class="quiet" dir="auto">
      {words.who}{words.where ? `, ${words.where}` : ''}. They agree: “{words.agreed}”
    </p>
    <p class="acts">
      <button
        class="act"
        disabled={busy}
        onclick={() =>
          act(
            enquiries.takeWords(enquiry),
            'Not taken.',
            'Their words stand among your facts. Publish to show them.'
          )}>Put it among your facts</button
      >
      <button
        class="word"
        disabled={busy}
        onclick={() => act(enquiries.letWordsGo(enquiry), 'Not let go.', 'Their words are let go.')}
        >Let it go</button
      >
    </p>
  {:else if words?.state === 'TAKEN'}
    <p {id} tabindex="-1" class="quiet">
      Their words stand among your facts, and on your page once you publish.
      <a class="word" href="/sites/{site}">See your facts</a>
    </p>
  {:else if words?.state === 'ASKED' && !expired}
    <p {id} tabindex="-1" class="quiet">
      Asked how it was {day(new Date(words.askedAt), now)}. Their link is good until
      {day(new Date(words.goodUntil), now)}.
    </p>
    {#if link}
      <p class="link">
        <input
          class="line"
          aria-label="Their link"
          readonly
          value={link}
          onfocus={(event) => event.currentTarget.select()}
        />
        <button class="word" onclick={copy}>Copy</button>
      </p>
      <p class="quiet">The link is theirs alone, and shown only now.</p>
    {/if}
    <p class="acts">
      <button class="word" disabled={busy} onclick={ask}
        >{byMail ? 'Ask once more' : 'Make another link'}</button
      >
      <button
        class="word"
        disabled={busy}
        onclick={() =>
          act(enquiries.letWordsGo(enquiry), 'Not taken back.', 'The link leads nowhere any more.')}
        >Take the link back</button
      >
    </p>
  {:else}
    <p {id} tabindex="-1" class="quiet">
      {words?.state === 'LET_GO'
        ? 'Nothing of theirs is shown.'
        : 'It is done. Ask them for a few words that may stand on your page.'}
    </p>
    <p class="acts">
      <button class="word" disabled={busy} onclick={ask}
        >{byMail ? 'Ask how it was, by mail' : 'Make a link for their words'}</button
      >
    </p>
  {/if}
</section>

<style>
  .words {
    padding: 10px 18px 8px;
    border-top: 1px solid var(--fine-rule);
  }
  h3 {
    font-size: 17px;
  }
  blockquote {
    margin: 6px 0;
    padding-left: 14px;
    border-left: 3px solid var(--lacquer);
    font-size: 18px;
    white-space: pre-line;
    overflow-wrap: anywhere;
  }
  .acts {
    margin-top: 6px;
  }
  .acts,
  .link {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 18px;
  }
  .link input {
    flex: 1 1 260px;
    min-width: 0;
  }
</style>
