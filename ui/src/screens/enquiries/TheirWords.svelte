<script lang="ts">
  import { tick } from 'svelte';
  import type { Enquiry, Problem } from '../../api/client';
  import { EnquiriesState, nameOf } from './enquiries.svelte';
  import { day } from './waiting';
  import { say } from '../../words/say';

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
    const place = id;
    const problem = await asked;
    busy = false;
    told(problem, not, done);
    await tick();
    document.getElementById(place)?.focus();
  }

  async function ask(): Promise<void> {
    await act(
      enquiries.askForWords(enquiry).then((answer) => {
        link = answer.link ?? '';
        return answer.problem ?? null;
      }),
      say('enquiries.theirWords.notAsked'),
      byMail ? say('enquiries.theirWords.askedByMailWhatThey') : say('enquiries.theirWords.theLinkIsMadeSend')
    );
  }

  function copy(): void {
    void navigator.clipboard
      .writeText(link)
      .then(() => told(null, '', say('enquiries.theirWords.theLinkIsCopied')));
  }
</script>

<section class="words" aria-label={say('enquiries.theirWords.howItWas')}>
  {#if words?.state === 'SAID'}
    <h3 {id} tabindex="-1">{say('enquiries.theirWords.hasSaidHowItWas', { nameOf: nameOf(enquiry) })}</h3>
    <blockquote dir="auto">{words.words}</blockquote>
    <p class="quiet" dir="auto">
      {say('enquiries.theirWords.theyAgree', {
        who: words.who,
        rest: words.where ? `, ${words.where}` : '',
        agreed: words.agreed
      })}
    </p>
    <p class="acts">
      <button
        class="act"
        disabled={busy}
        onclick={() =>
          act(
            enquiries.takeWords(enquiry),
            say('enquiries.theirWords.notTaken'),
            say('enquiries.theirWords.theirWordsStandAmongYour')
          )}>{say('enquiries.theirWords.putItAmongYourFacts')}</button
      >
      <button
        class="word"
        disabled={busy}
        onclick={() =>
          act(
            enquiries.letWordsGo(enquiry),
            say('enquiries.theirWords.notLetGo'),
            say('enquiries.theirWords.theirWordsAreLetGo')
          )}>{say('enquiries.theirWords.letItGo')}</button
      >
    </p>
  {:else if words?.state === 'TAKEN'}
    <p {id} tabindex="-1" class="quiet">
      {say('enquiries.theirWords.theirWordsStandAmongYour2')}
      <a class="word" href="/sites/{site}">{say('enquiries.theirWords.seeYourFacts')}</a>
    </p>
  {:else if words?.state === 'ASKED' && !expired}
    <p {id} tabindex="-1" class="quiet">
      {say('enquiries.theirWords.askedHowItWasTheir', {
        day: day(new Date(words.askedAt), now),
        day2: day(new Date(words.goodUntil), now)
      })}
    </p>
    {#if link}
      <p class="link">
        <input
          class="line"
          aria-label={say('enquiries.theirWords.theirLink')}
          readonly
          value={link}
          onfocus={(event) => event.currentTarget.select()}
        />
        <button class="word" onclick={copy}>{say('enquiries.theirWords.copy')}</button>
      </p>
      <p class="quiet">{say('enquiries.theirWords.theLinkIsTheirsAlone')}</p>
    {/if}
    <p class="acts">
      <button class="word" disabled={busy} onclick={ask}
        >{byMail
          ? say('enquiries.theirWords.askOnceMore')
          : say('enquiries.theirWords.makeAnotherLink')}</button
      >
      <button
        class="word"
        disabled={busy}
        onclick={() =>
          act(
            enquiries.letWordsGo(enquiry),
            say('enquiries.theirWords.notTakenBack'),
            say('enquiries.theirWords.theLinkLeadsNowhereAny')
          )}>{say('enquiries.theirWords.takeTheLinkBack')}</button
      >
    </p>
  {:else}
    <p {id} tabindex="-1" class="quiet">
      {words?.state === 'LET_GO'
        ? say('enquiries.theirWords.nothingOfTheirsIsShown')
        : say('enquiries.theirWords.itIsDoneAskThem')}
    </p>
    <p class="acts">
      <button class="word" disabled={busy} onclick={ask}
        >{byMail
          ? say('enquiries.theirWords.askHowItWasBy')
          : say('enquiries.theirWords.makeALinkForTheir')}</button
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
