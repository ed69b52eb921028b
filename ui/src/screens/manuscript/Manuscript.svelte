<script lang="ts">
  import type { Editor } from '@tiptap/core';
  import { onMount, untrack, tick } from 'svelte';
  import Choice from '../../parts/Choice.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import PublishAct from '../../parts/PublishAct.svelte';
  import Shopfront from '../../parts/Shopfront.svelte';
  import WidthSwitch from '../../parts/WidthSwitch.svelte';
  import type { SiteState } from '../../site.svelte';
  import { textsOf } from '../../document/edits';
  import type { Block, Page } from '../../document/types';
  import { said } from '../../document/words';
  import { navigate } from '../../router';
  import { comeTo } from './comeTo';
  import { setDesk } from './desk';
  import DraftLeaf from './DraftLeaf.svelte';
  import GeneralNotes from './GeneralNotes.svelte';
  import FactDialog from './FactDialog.svelte';
  import Keys from './Keys.svelte';
  import { ManuscriptState } from './manuscript.svelte';
  import ManuscriptEnd from './ManuscriptEnd.svelte';
  import ManuscriptFoot from './ManuscriptFoot.svelte';
  import ManuscriptKeys from './ManuscriptKeys.svelte';
  import { NextQuestion } from '../../parts/nextQuestion.svelte';
  import SectionLeaf from './SectionLeaf.svelte';
  import { say } from '../../words/say';

  /** The page as a document of words, beside the real page. On a phone the two take turns. */
  let { site }: { site: SiteState } = $props();

  let shopfront = $state<Shopfront>();
  let wide = $state(false);
  let side = $state('words');
  let line = $state('');
  let keys = $state(false);
  let tall = $state(700);

  const id = untrack(() => site.view?.id ?? '');
  const manuscript = new ManuscriptState(id, {
    drawn: (change) => shopfront?.replace(change),
    toLook: () => navigate('/sites/:id/look', { params: { id } }),
    said: (words, wrong) => (wrong ? notices.error({ title: words }) : notices.info({ title: words }))
  });
  const question = new NextQuestion((path, words) => manuscript.edit({ kind: 'setLine', path, words }));
  $effect(() => {
    const next = manuscript.view?.question;
    if (next) untrack(() => void question.ask(next));
  });
  const view = $derived(site.view);

  // The tools of a section come and go with the choice and move what is below them. While a finger or a button is
  // down, nothing moves: else it would come up over something else.
  let held = false;
  let waiting: { section: string; text: string } | null = null;

  function sectionOf(text: string): string {
    return manuscript.sections.find((each) => textsOf(each).some((one) => one.id === text))?.id ?? '';
  }

  function chooseNow(): void {
    if (!waiting?.section) return;
    const { section, text } = waiting;
    waiting = null;
    if (section === manuscript.chosen && !text) return;
    manuscript.chosen = section;
    shopfront?.choose(section, text, manuscript.fileOf(section));
  }

  function letGo(): void {
    held = false;
    setTimeout(chooseNow, 0);
  }

  let words = $state.raw<{ editor: Editor; lists: boolean; text: string } | null>(null);
  let row = $state.raw<{ section: string; item: string } | null>(null);

  /** The tools of words or of a row stay while the cursor is there or among the tools. */
  function left(event: FocusEvent): void {
    const next = event.relatedTarget as HTMLElement | null;
    if (!next || next.closest('[data-foot]')) return;
    // A section that moves takes the cursor out while the page is being drawn; nothing may change until that is done.
    queueMicrotask(() => {
      if (!next.closest('.ProseMirror')) words = null;
      if (!next.closest('[data-item]')) row = null;
    });
  }

  function toTools(): void {
    document.querySelector<HTMLElement>('[data-foot] [role=toolbar] button')?.focus();
  }

  /** A step back or forward goes to where it was, and says what it was. */
  async function back(way: 'undo' | 'redo'): Promise<void> {
    const where = await (way === 'undo' ? manuscript.undo() : manuscript.redo());
    if (!where?.section) return;
    await tick();
    found(where.section, where.text);
  }

  setDesk({
    editing: (editor, lists, text) => {
      const next = editor && { editor, lists, text };
      if (next) row = null;
      queueMicrotask(() => (words = next));
    },
    inRow: (section, item) => {
      words = null;
      row = { section, item };
    },
    toTools,
    openFact: (fact) => openLine(manuscript.view?.facts.find((each) => each.id === fact)?.line ?? fact),
    openLine,
    question,
    toFacts: () =>
      void manuscript.keep().then(() => navigate('/sites/:id', { params: { id: manuscript.id } })),
    typed: (text, tree: Block[]) => shopfront?.type(text, said(tree, manuscript.say)),
    choose: (section, text) => {
      waiting = { section: section || sectionOf(text), text };
      if (!held) chooseNow();
    }
  });

  /** A line of a service is changed in its row; every other as on the facts sheet. */
  function openLine(asked: string): void {
    const field = /^services\.(\d+)(?:\.(\w+))?$/.exec(asked);
    const service = field && manuscript.view?.services[Number(field[1])]?.typed.id;
    const [, id, name] = service ? ['', service, field[2] ?? 'name'] : asked.split('/');
    const cell = document.getElementById(`service-${id}-${name}`);
    if (cell) {
      cell.scrollIntoView({ block: 'center' });
      cell.focus({ preventScroll: true });
    } else line = asked;
  }

  onMount(() => {
    const close = manuscript.open();
    const look = setInterval(async () => {
      if (document.visibilityState === 'visible' && (await manuscript.lookAround())) shopfront?.refresh();
    }, 4000);
    const room = () => (tall = Math.max(420, window.innerHeight - 150));
    room();
    window.addEventListener('resize', room);
    return () => {
      clearInterval(look);
      window.removeEventListener('resize', room);
      close();
    };
  });

  // A snag on another screen leads to the section it stands at.
  $effect(() => {
    const asked = /^#section-(.+)$/.exec(location.hash)?.[1];
    if (!asked || !manuscript.view) return;
    history.replaceState(history.state, '', location.pathname);
    untrack(() => found(asked, ''));
  });

  function found(section: string, text: string, picture = ''): void {
    manuscript.chosen = section;
    if (picture) return openLine(`pictures/${picture}`);
    side = 'words';
    const place =
      (text && document.getElementById(`text-${text}`)) || document.getElementById(`section-${section}`);
    comeTo(place, text !== '');
  }

  /** The page that begins with a section, where a site has several. */
  function firstOf(section: string): Page | undefined {
    const pages = manuscript.site?.pages ?? [];
    return pages.length > 1 ? pages.find((page) => page.sections[0]?.id === section) : undefined;
  }
</script>

<svelte:window
  onpointerdowncapture={() => (held = true)}
  onpointerupcapture={letGo}
  onpointercancelcapture={letGo}
/>
<svelte:head
  ><title
    >{say('manuscript.manuscript.pageOstium', {
      name: manuscript.view?.name || site.sheet.lines.name || say('manuscript.manuscript.yourPage')
    })}</title
  ></svelte:head
>

{#snippet act()}<PublishAct {site} changes={manuscript.view?.changes} />{/snippet}

<Frame {site} {act} broad>
  <h1 class="hidden-words">{say('manuscript.manuscript.theWordsOfYourPage')}</h1>
  <div class="turns">
    <Choice
      label={say('manuscript.manuscript.whichSide')}
      choices={[
        { value: 'words', words: say('manuscript.manuscript.manuscript') },
        { value: 'page', words: say('manuscript.manuscript.shopfront') }
      ]}
      value={side}
      choose={(chosen) => (side = chosen)}
    />
  </div>
  <div class="board" class:is-wide={wide} class:shows-page={side === 'page'}>
    <div class="manuscript" onfocusout={left}>
      {#if manuscript.view}
        <GeneralNotes {manuscript} />
        <DraftLeaf {manuscript} />
        {#each manuscript.sections as section (section.id)}
          {@const page = firstOf(section.id)}
          {#if page}
            <h2 class="page-name">
              {page.name}
              <span>{page.slug ? `/${page.slug}` : say('manuscript.manuscript.theFirstPage')}</span>
            </h2>
          {/if}
          <SectionLeaf {manuscript} {section} />
        {/each}
        <ManuscriptEnd {manuscript} />
      {:else}
        <p class="opening quiet">
          {manuscript.outbox.keeping === 'away'
            ? say('manuscript.manuscript.theConnectionIsAwayThe')
            : say('manuscript.manuscript.opening')}
        </p>
      {/if}
      <ManuscriptFoot
        {manuscript}
        {words}
        {row}
        undo={() => back('undo')}
        redo={() => back('redo')}
        showKeys={() => (keys = true)}
      />
    </div>
    <aside class="page" aria-label={say('manuscript.manuscript.shopfront')}>
      <div class="head">
        <WidthSwitch bind:wide />
        <span class="quiet"
          >{view?.publicAddress
            ? say('manuscript.manuscript.theComingVersion')
            : say('manuscript.manuscript.notPublicYet')}</span
        >
      </div>
      {#if manuscript.view}
        <Shopfront
          bind:this={shopfront}
          address={manuscript.view.preview}
          width={wide ? 1280 : 390}
          height={tall}
          label={say('manuscript.manuscript.theComingVersionOfYour')}
          select={found}
          went={(section) => (manuscript.chosen = section)}
        />
      {/if}
    </aside>
  </div>
</Frame>
<ManuscriptKeys
  {manuscript}
  quiet={line !== '' || keys}
  {back}
  {toTools}
  showKeys={() => (keys = true)}
  gone={(section) => shopfront?.choose(section, '', manuscript.fileOf(section))}
/>
<FactDialog {manuscript} {site} bind:line />
<Keys bind:open={keys} />

<style>
  /* What is gone to by Tab is never under the foot. */
  :global(html) {
    scroll-padding-bottom: 64px;
  }
  .board {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 392px;
    gap: 24px;
    align-items: start;
  }
  .board.is-wide {
    grid-template-columns: minmax(0, 1fr) minmax(0, 54%);
  }
  .manuscript {
    border: 1px solid var(--rule);
    border-radius: var(--leaf);
    background: var(--panel);
  }
  .manuscript > :global(:first-child) {
    border-top-right-radius: 15px;
  }
  .opening,
  .page-name {
    display: flex;
    gap: 12px;
    align-items: baseline;
    padding: 22px 26px 8px;
    border-bottom: 1px solid var(--fine-rule);
    font-size: 22px;
  }
  .page-name span {
    color: var(--pencil);
    font:
      400 15px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .page {
    position: sticky;
    top: 12px;
  }
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 6px;
  }
  .turns {
    display: none;
  }
  @media (min-width: 1700px) {
    .board {
      grid-template-columns: minmax(0, 1fr) 620px;
    }
  }
  @media (max-width: 980px) {
    .board.is-wide {
      grid-template-columns: minmax(0, 1fr);
    }
    .turns {
      display: block;
      margin-bottom: 10px;
    }
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
    .board:not(.shows-page) .page,
    .board.shows-page .manuscript {
      display: none;
    }
    .page {
      position: static;
    }
    .manuscript {
      margin-inline: -16px;
      border-inline: 0;
      border-radius: 0;
    }
  }
</style>
