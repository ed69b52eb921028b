<script lang="ts">
  import type { Enquiry, Problem } from '../../api/client';
  import type { SiteState } from '../../site.svelte';
  import AfterThat from './AfterThat.svelte';
  import { answer, EnquiriesState, STATES, type State, nameOf } from './enquiries.svelte';
  import ReplyBox from './ReplyBox.svelte';
  import SaidSoFar from './SaidSoFar.svelte';
  import SentFiles from './SentFiles.svelte';
  import TheirWords from './TheirWords.svelte';
  import WaitLine from './WaitLine.svelte';
  import { day, moment } from './waiting';
  import { say } from '../../words/say';

  /** One message: closed, a line or two; open, what was said, the answer being written, and what comes next. */
  let {
    enquiry,
    enquiries,
    site,
    open,
    choose,
    mark,
    told
  }: {
    enquiry: Enquiry;
    enquiries: EnquiriesState;
    site: SiteState;
    open: boolean;
    choose: () => void;
    mark: (state: State) => void;
    told: (problem: Problem | null, not: string, done: string) => boolean;
  } = $props();

  const name = $derived(nameOf(enquiry));
  const message = $derived(answer(enquiry, 'message'));
  const about = $derived(
    [answer(enquiry, 'service'), answer(enquiry, 'about-where')].filter((words) => words !== '').join(', ')
  );
  const others = $derived(
    enquiry.answers.filter(
      ({ key }) =>
        !['name', 'reach', 'message', 'service'].includes(key) &&
        !(key === 'files' && enquiry.files.length > 0)
    )
  );
  const earlier = $derived(enquiries.earlier(enquiry).length);
  const received = $derived(new Date(enquiry.receivedAt));
  const now = $derived(enquiries.now);
  const again = $derived(enquiry.askAgain ? new Date(`${enquiry.askAgain}T12:00:00`) : null);
  const CAME = {
    FORM: say('enquiries.enquiryLeaf.cameThroughTheForm'),
    WRITTEN: say('enquiries.enquiryLeaf.writtenDown'),
    TEST: say('enquiries.enquiryLeaf.aTestOfTheForm')
  };
  const came = $derived(`${CAME[enquiry.came]}, ${moment(received, now)}`);
</script>

<article
  class="leaf {enquiry.state === 'NEW' ? 'waits' : ''}"
  class:open
  id="enquiry-{enquiry.id}"
  tabindex="-1"
  aria-label={say('enquiries.enquiryLeaf.messageOf', { name })}
>
  <header>
    <div class="who">
      <h2>
        <button aria-expanded={open} onclick={choose} dir="auto">{name}</button>
        {#if about && !open}<span class="about" dir="auto">{about}</span>{/if}
        {#if open && earlier > 0}<span class="about"
            >{say('enquiries.enquiryLeaf.wroteBefore', {
              rest: say('enquiries.enquiryLeaf.once', { count: earlier })
            })}</span
          >{/if}
      </h2>
      {#if open}
        <p class="about" dir="auto">{about ? `${about}. ` : ''}{came}</p>
      {:else}
        <p class="first" dir="auto">{message}</p>
      {/if}
    </div>
    {#if enquiry.state === 'NEW'}
      <WaitLine {enquiry} {now} />
    {:else}
      <p class="state">
        <b>{enquiry.came === 'TEST' ? say('enquiries.enquiryLeaf.test') : STATES[enquiry.state]}</b>
        <span class="quiet"
          >{again
            ? say('enquiries.enquiryLeaf.askAgain', { day: day(again, now) })
            : day(received, now)}</span
        >
      </p>
    {/if}
  </header>
  {#if open && enquiry.setAside.length > 0}
    <div class="aside">
      <p>
        <b>{say('enquiries.enquiryLeaf.setAsideForYou')}</b>
        {enquiry.setAside.join(' ')}
      </p>
      <button class="act" onclick={() => mark('NEW')}>{say('enquiries.enquiryLeaf.itIsACustomer')}</button>
      <p class="quiet">{say('enquiries.enquiryLeaf.whatYouSayCountsFor')}</p>
    </div>
  {/if}
  {#if open}
    <div class="inside">
      <div class="said">
        <p class="message" dir="auto">{message}</p>
        {#if others.length > 0}
          <dl>
            {#each others as other (other.key)}
              <div>
                <dt>{other.label}</dt>
                <dd dir="auto">{other.value}</dd>
              </div>
            {/each}
          </dl>
        {/if}
        {#if enquiry.files.length > 0}<SentFiles {enquiry} site={site.id} />{/if}
        <SaidSoFar {enquiry} {enquiries} {told} />
      </div>
      <ReplyBox {enquiry} {enquiries} {site} {told} />
    </div>
    {#if enquiry.words || (enquiry.state === 'DONE' && enquiry.came !== 'TEST')}
      <TheirWords {enquiry} {enquiries} site={site.id} {told} />
    {/if}
    <AfterThat {enquiry} {enquiries} site={site.id} {mark} {told} />
  {/if}
</article>

<style>
  article {
    min-width: 0;
  }
  article.open {
    border: 2px solid var(--lacquer);
    border-left: 5px solid var(--hinge, var(--rule));
  }
  header {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 374px);
    gap: 6px 24px;
    align-items: center;
    padding: 12px 20px 12px 18px;
  }
  h2 {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 12px;
  }
  h2 button {
    padding: 2px 0;
    border: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    cursor: pointer;
    text-align: left;
    overflow-wrap: anywhere;
  }
  .open h2 button {
    font-size: 21px;
  }
  h2 button:hover {
    text-decoration: underline;
    text-decoration-thickness: 2px;
    text-underline-offset: 4px;
  }
  .about {
    color: var(--pencil);
    font:
      400 15px/1.4 'Atkinson Hyperlegible Next Variable',
      sans-serif;
  }
  .first {
    display: -webkit-box;
    overflow: hidden;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    line-clamp: 2;
    overflow-wrap: anywhere;
  }
  .state {
    display: grid;
    justify-items: end;
  }
  .state b {
    font-size: 15px;
  }
  .inside {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.18fr);
    border-top: 1px solid var(--fine-rule);
  }
  .said {
    padding: 14px 18px 6px;
  }
  .aside {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 18px;
    padding: 10px 18px;
    border-top: 1px solid var(--fine-rule);
  }
  .aside p:first-child {
    flex: 1 1 320px;
    overflow-wrap: anywhere;
  }
  .message {
    white-space: pre-wrap;
    overflow-wrap: anywhere;
    font-size: 17px;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px 18px;
    margin-top: 12px;
  }
  dt {
    color: var(--pencil);
    font-size: 14px;
  }
  dd {
    overflow-wrap: anywhere;
  }
  @media (max-width: 720px) {
    header,
    .inside {
      grid-template-columns: minmax(0, 1fr);
    }
    header {
      padding: 10px 14px;
    }
    h2 button {
      min-height: 44px;
    }
    .state {
      justify-items: start;
    }
    .said,
    .aside {
      padding-inline: 14px;
    }
  }
</style>
