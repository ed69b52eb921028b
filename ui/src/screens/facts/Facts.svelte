<script lang="ts">
  import { onDestroy, onMount, tick, untrack } from 'svelte';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import { NextQuestion } from '../../parts/nextQuestion.svelte';
  import QuestionLeaf from '../../parts/QuestionLeaf.svelte';
  import type { SiteState } from '../../site.svelte';
  import FactEditor from './FactEditor.svelte';
  import FactRow from './FactRow.svelte';
  import { FactsState } from './facts.svelte';
  import FactsOut from './FactsOut.svelte';
  import { FilesState, isPictureOrPdf } from './files/files.svelte';
  import { picturesOf, type Use } from './files/rows';
  import type { FactKind } from './factKind';
  import { GROUPS } from './groups';
  import Paste from './Paste.svelte';
  import { kindOf } from './where';
  import { adds, isAsked, isHidden, isRare, isWrong, said, use } from './said';
  import { say } from '../../words/say';

  /** All facts in groups, as they would be said, each changed where it stands, with where it is used. */
  let { site }: { site: SiteState } = $props();

  const facts = new FactsState();
  const files = untrack(() => new FilesState(site));
  const known = $derived({ sheet: site.sheet, view: site.view, facts: facts.view });
  let open = $state(new URLSearchParams(location.search).get('open') ?? '');
  onMount(() => {
    if (open)
      document.getElementById(`fact-${open.replaceAll('/', '-')}`)?.scrollIntoView({ block: 'center' });
  });

  /** The rows that name files; what else is typed changes nothing about them. */
  const given = $derived(
    JSON.stringify(site.view?.sheet.rows.filter(({ kind }) => kind === 'picture' || kind === 'document'))
  );

  const id = $derived(site.view?.id);
  const question = $derived(id ? new NextQuestion(edit) : null);

  $effect(() => {
    if (site.view?.revision) void facts.follow(site);
  });
  $effect(() => {
    const next = facts.view?.question;
    const asks = question;
    if (next) untrack(() => void asks?.ask(next));
  });
  $effect(() => {
    if (given) untrack(() => void files.follow());
  });
  onDestroy(() => files.stop());

  function thumbs(kind: FactKind): string[] {
    if (!kind.use) return [];
    return picturesOf(site.sheet, kind.use)
      .map((row) => files.picture(row.id)?.thumb)
      .filter((path) => path !== undefined)
      .map((path) => files.address(path));
  }

  /** Takes pictures and PDFs to where they belong: the place that is open, or the ones to choose from. */
  async function give(given: File[]): Promise<void> {
    const kind = GROUPS.flatMap((group) => group.kinds).find((each) => each.id === open);
    const use: Use = kind?.use ?? 'work';
    const isPdf = given.every((file) => file.type === 'application/pdf');
    open = isPdf ? 'documents' : `pictures/${use}`;
    await files.give(given, use, isPdf ? 'give-document' : `give-${use}`);
  }

  function pasted(event: ClipboardEvent): void {
    const given = [...(event.clipboardData?.files ?? [])].filter(isPictureOrPdf);
    if (!given.length || event.defaultPrevented) return;
    event.preventDefault();
    void give(given);
  }

  /** A yes to a practice, or a question put off. */
  function edit(path: string, words: string): void {
    const practice = /^practice\/(.+)$/.exec(path)?.[1];
    if (practice) site.sheet.practices = [...new Set([...site.sheet.practices, practice])];
    else if (path === 'put-off') site.sheet.lines['put-off'] = words;
    site.changed();
  }

  async function answer(field: string): Promise<void> {
    open = kindOf(field, site.sheet)?.id ?? '';
    await tick();
    const row = document.getElementById(`fact-${open.replaceAll('/', '-')}`);
    row?.scrollIntoView({ block: 'center' });
    row?.querySelector<HTMLElement>('input, textarea, button')?.focus({ preventScroll: true });
  }

  function hide(kind: FactKind): void {
    const hidden = site.sheet.hidden;
    site.sheet.hidden = hidden.includes(kind.id)
      ? hidden.filter((each) => each !== kind.id)
      : [...hidden, kind.id];
    site.changed();
  }
</script>

<svelte:window onpaste={pasted} />

<div class="board">
  <div>
    <div class="title">
      <h1>{say('facts.facts.facts')}</h1>
      <p class="quiet">{say('facts.facts.saidOnceHereUsedEverywhere')}</p>
      <KeptLine outbox={site.outbox} />
    </div>
    {#if question}
      <div class="next"><QuestionLeaf {question} {answer} /></div>
    {/if}
    <div class="sheet">
      {#each GROUPS as group (group.name)}
        <section aria-label={group.name}>
          <h2>{group.name}</h2>
          <div class="kinds">
            {#each group.kinds.filter((each) => isAsked(each, known)) as kind (kind.id)}
              <FactRow
                id={kind.id}
                label={kind.label}
                value={said(kind, known)}
                missing={adds(kind, known)}
                act={kind.act}
                rare={isRare(kind, known)}
                fault={isWrong(kind, known)}
                hidden={isHidden(kind, known)}
                use={use(kind, known)}
                thumbs={thumbs(kind)}
                open={open === kind.id}
                toggle={() => (open = open === kind.id ? '' : kind.id)}
              >
                <FactEditor {site} {facts} {files} {kind} />
                {#if kind.hideable && said(kind, known)}
                  <label class="hide"
                    ><input
                      type="checkbox"
                      checked={site.sheet.hidden.includes(kind.id)}
                      onchange={() => hide(kind)}
                    />
                    {say('facts.facts.hiddenFromVisitors')}</label
                  >
                {/if}
              </FactRow>
            {/each}
          </div>
        </section>
      {/each}
    </div>
  </div>
  <aside>
    <Paste {site} {give} />
    <FactsOut {site} />
  </aside>
</div>

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 324px;
    gap: 24px;
    align-items: start;
  }
  .title {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    align-items: baseline;
    margin-bottom: 14px;
  }
  h1 {
    font-size: 27px;
  }
  .next {
    margin-bottom: 16px;
  }
  .sheet {
    border: 1px solid var(--rule);
    border-radius: var(--leaf);
    background: var(--panel);
    overflow: clip;
  }
  .sheet section {
    display: grid;
    grid-template-columns: 150px minmax(0, 1fr);
  }
  .sheet section + section {
    border-top: 1px solid var(--rule);
  }
  .sheet h2 {
    padding: 12px 12px 12px 22px;
    font-size: 19px;
  }
  .kinds {
    border-left: 1px solid var(--fine-rule);
  }
  .hide {
    display: inline-flex;
    gap: 8px;
    align-items: center;
    min-height: 36px;
    margin-top: 8px;
    color: var(--pencil);
    font-size: 15px;
  }
  aside {
    position: sticky;
    top: 16px;
    display: grid;
    gap: 20px;
    max-height: calc(100vh - 90px);
    overflow: auto;
  }
  @media (max-width: 980px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
    aside {
      position: static;
      max-height: none;
    }
  }
  @media (max-width: 720px) {
    .sheet section {
      grid-template-columns: minmax(0, 1fr);
    }
    .sheet h2 {
      padding: 14px 16px 2px;
    }
    .kinds {
      border-left: 0;
    }
    .hide {
      min-height: 44px;
    }
  }
</style>
