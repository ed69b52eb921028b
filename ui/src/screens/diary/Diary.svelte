<script lang="ts">
  import { onDestroy, tick, untrack } from 'svelte';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import SiteGate from '../../parts/SiteGate.svelte';
  import { route } from '../../router';
  import { SiteState } from '../../site.svelte';
  import BlockForm from './BlockForm.svelte';
  import CalendarLinks from './CalendarLinks.svelte';
  import CancelForm from './CancelForm.svelte';
  import DayList from './DayList.svelte';
  import { DiaryState, type Span, type Time } from './diary.svelte';
  import { clock, stretchOf } from './lane';
  import MoveForm from './MoveForm.svelte';
  import TicketLeaf from './TicketLeaf.svelte';
  import WeekLanes from './WeekLanes.svelte';
  import WhyNot from './WhyNot.svelte';
  import WriteIn from './WriteIn.svelte';
  import { say } from '../../words/say';

  /** The diary: a week as lanes, a day or some weeks as lists; beside it what is opened and what waits. */
  const site = new SiteState();
  const id = untrack(() => (route.params as { id?: string }).id ?? '');
  const diary = new DiaryState(id);
  const asked = new URLSearchParams(location.search);

  $effect(() =>
    untrack(() => {
      void begin();
      return site.open(id);
    })
  );

  async function begin(): Promise<void> {
    if (matchMedia('(max-width: 720px)').matches) diary.span = 'day';
    const enquiry = asked.get('enquiry');
    if (enquiry) return answerWithTime(enquiry);
    const booking = asked.get('booking');
    if (!booking) return diary.load();
    const problem = await diary.open(booking);
    if (problem) {
      notices.error({ title: say('diary.diary.notFound'), description: problem.detail });
      await diary.load();
    }
  }

  async function answerWithTime(id: string): Promise<void> {
    await diary.load();
    const { enquiry, problem } = await diary.enquiry(id);
    if (!enquiry) {
      notices.error({ title: say('diary.diary.theMessageWasNotFound'), description: problem?.detail });
      return;
    }
    diary.doing = { what: 'write', at: soon(), enquiry };
  }

  const timer = setInterval(() => void diary.load(), 20_000);
  onDestroy(() => clearInterval(timer));

  const view = $derived(diary.view);
  const last = $derived(view?.days.at(-1)?.date ?? view?.first ?? '');
  const block = $derived(
    view?.days.flatMap((day) => day.blocks).find((each) => diary.chosen === `block/${each.id}`)
  );
  const shown = $derived(diary.span !== 'week' && diary.ticket !== undefined);

  async function unblock(): Promise<void> {
    if (!block) return;
    const problem = await diary.unblock(block.id);
    if (problem) notices.error({ title: say('diary.diary.notFreed'), description: problem.detail });
    else notices.info({ title: say('diary.diary.freeAgain') });
    diary.chosen = '';
    await tick();
    document.getElementById('diary-head')?.focus();
  }

  /** The next time that is free; while there is none, ten in the morning of the first day that is shown. */
  function soon(): Time {
    return view?.soonest ?? { date: view?.first ?? '', minute: 600 };
  }

  const SPANS: [Span, string][] = [
    ['day', say('diary.diary.day')],
    ['week', say('diary.diary.week')],
    ['list', say('diary.diary.list')]
  ];
</script>

<svelte:head
  ><title>{say('diary.diary.diaryOstium', { name: site.sheet.lines.name || say('diary.diary.diary') })}</title
  ></svelte:head
>

<SiteGate {site}>
  <Frame {site} act={view?.open ? act : undefined} broad>
    {#if view && !view.open}
      <section class="leaf none">
        <h1>{say('diary.diary.diary')}</h1>
        <p class="lead">
          {say('diary.diary.nothingCanBeBookedYet')}
        </p>
        <a class="act main" href="/sites/{id}/doors?door=book">{say('diary.diary.setBookingUp')}</a>
      </section>
    {:else if view}
      <div class="board">
        <div class="all">
          <header class="head">
            <h1 id="diary-head" tabindex="-1">{stretchOf(view.first, last)}</h1>
            <button class="word" onclick={() => diary.go(-1)}>{say('diary.diary.earlier')}</button>
            <button class="word" onclick={() => diary.go(1)}>{say('diary.diary.later')}</button>
            <button class="word" onclick={() => diary.load('')}
              >{diary.span === 'week' ? say('diary.diary.thisWeek') : say('diary.diary.today')}</button
            >
            <p class="spans" role="group" aria-label={say('diary.diary.whatIsShown')}>
              {#each SPANS as [span, words] (span)}
                <button
                  aria-pressed={diary.span === span}
                  onclick={() =>
                    diary.load(view.first <= view.today && view.today <= last ? '' : view.first, span)}
                  >{words}</button
                >
              {/each}
            </p>
          </header>
          {#if site.outbox && site.outbox.keeping !== 'kept'}<KeptLine outbox={site.outbox} />{/if}
          {#if diary.away}<p class="away" role="alert">
              {say('diary.diary.theConnectionIsAwayThis')}
            </p>{/if}
          {#if diary.span === 'week'}<WeekLanes {diary} />{:else}<DayList {diary} />{/if}
          <p class="quiet totals">
            {view.totals}.
            {#if diary.span === 'week'}{say('diary.diary.drawAlongALaneTo')}{/if}
            <button class="word print" onclick={() => print()}>{say('diary.diary.print')}</button>
          </p>
        </div>
        <aside aria-label={say('diary.diary.whatIsOpenedAndWhat')}>
          {#if diary.doing.what === 'write'}
            <WriteIn at={diary.doing.at} {diary} enquiry={diary.doing.enquiry} />
          {:else if diary.doing.what === 'move'}
            <MoveForm doing={diary.doing} {diary} />
          {:else if diary.doing.what === 'cancel'}
            <CancelForm ticket={diary.doing.ticket} {diary} />
          {:else if diary.doing.what === 'block'}
            <BlockForm from={diary.doing.from} to={diary.doing.to} {diary} />
          {:else if block}
            <section class="leaf" aria-label={say('diary.diary.blockedTime')}>
              <h2>{block.words || say('diary.diary.blocked')}</h2>
              <p class="quiet">
                {say('diary.diary.toNobodyCanBookIt', {
                  clock: clock(block.from),
                  clock2: clock(block.to),
                  rest: block.source ? say('diary.diary.itComesFrom', { source: block.source }) : ''
                })}
              </p>
              {#if !block.source}<button class="word" onclick={unblock}
                  >{say('diary.diary.freeItAgain')}</button
                >{/if}
            </section>
          {:else if diary.ticket && !shown}
            <TicketLeaf ticket={diary.ticket} {diary} />
          {/if}
          {#if diary.asked && diary.doing.what === 'nothing'}<WhyNot {diary} />{/if}
          {#each view.asked.filter((each) => each.id !== diary.chosen) as ticket, index (ticket.id)}
            {#if index === 0}
              <h2 class="waiting">
                {say('diary.diary.waitsForYourAnswer')} <span>{view.asked.length}</span>
              </h2>
            {/if}
            <TicketLeaf {ticket} {diary} heading="h3" />
          {/each}
          {#if !diary.asked || diary.doing.what !== 'nothing'}<WhyNot {diary} />{/if}
          <CalendarLinks {diary} />
        </aside>
      </div>
    {:else if diary.away}
      <p class="away" role="alert">{say('diary.diary.theConnectionIsAwayYour')}</p>
    {/if}
  </Frame>
</SiteGate>

{#snippet act()}<button class="act main" onclick={() => (diary.doing = { what: 'write', at: soon() })}
    >{say('diary.diary.writeOneIn')}</button
  >{/snippet}

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 312px;
    gap: 24px;
    align-items: start;
  }
  .all {
    min-width: 0;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 22px;
  }
  .spans {
    display: flex;
    gap: 18px;
    margin-left: auto;
  }
  .spans button {
    min-height: 44px;
    padding: 0 2px;
    border: 0;
    border-bottom: 2px solid transparent;
    background: none;
    color: var(--pencil);
    cursor: pointer;
  }
  .spans [aria-pressed='true'] {
    border-bottom-color: var(--ink);
    color: var(--ink);
    font-weight: 700;
  }
  .totals {
    margin-top: 8px;
    font-size: 14px;
  }
  .print {
    margin-left: 12px;
    font-size: 14px;
  }
  aside {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    margin-top: 8px;
  }
  .waiting span {
    color: var(--brass);
  }
  .none {
    max-width: 620px;
    margin: 40px auto;
    padding: 30px 34px;
  }
  .none .lead {
    margin-block: 8px 18px;
  }
  .away {
    color: var(--madder);
  }
  aside .leaf {
    padding: 14px 18px;
  }
  @media (max-width: 980px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
    .spans {
      margin-left: 0;
    }
  }
  @media print {
    aside,
    .spans,
    .head .word,
    .totals {
      display: none;
    }
    .board {
      display: block;
    }
  }
</style>
