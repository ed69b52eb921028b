<script lang="ts">
  import { tick } from 'svelte';
  import { api } from '../../api/client';
  import KeptLine from '../../parts/KeptLine.svelte';
  import type { LineName } from '../../sheet';
  import type { SiteState } from '../../site.svelte';
  import Assumptions from '../opening/Assumptions.svelte';
  import Services from '../opening/Services.svelte';
  import TradeField from '../opening/TradeField.svelte';
  import TypedLine from '../opening/TypedLine.svelte';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import AreaEditor from './AreaEditor.svelte';
  import ExceptionsEditor from './ExceptionsEditor.svelte';
  import FactRow from './FactRow.svelte';
  import { FactsState } from './facts.svelte';
  import { GROUPS, QUESTIONS, type FactKind } from './groups';
  import HoursEditor from './HoursEditor.svelte';
  import LinksEditor from './LinksEditor.svelte';
  import Paste from './Paste.svelte';
  import PlaceEditor from './PlaceEditor.svelte';
  import PointMap from './PointMap.svelte';
  import PracticesEditor from './PracticesEditor.svelte';
  import RowsEditor from './RowsEditor.svelte';

  /** All facts in groups, as they would be said, each changed where it stands, with where it is used. */
  let { site }: { site: SiteState } = $props();

  const facts = new FactsState();
  let open = $state('');

  $effect(() => {
    if (site.view?.revision) void facts.follow(site);
  });

  // A link such as /sites/…#hours opens its fact.
  $effect(() => {
    const asked = location.hash.slice(1);
    if (asked && !open) void show(decodeURIComponent(asked));
  });

  async function show(id: string): Promise<void> {
    const first = id.split(/[/.]/)[0] ?? id;
    const kind = GROUPS.flatMap((group) => group.kinds).find(
      (each) => each.id === id || each.id === first || each.id === `${first}-rows`
    );
    if (!kind) return;
    history.replaceState(history.state, '', location.pathname);
    open = kind.id;
    await tick();
    document.getElementById(`fact-${kind.id}`)?.scrollIntoView({ block: 'center' });
    document.querySelector<HTMLElement>(`[id="fact-${kind.id}"] :is(input, textarea, select)`)?.focus();
  }

  function isAsked(kind: FactKind): boolean {
    if (kind.id === 'zone') return (facts.view?.zones.length ?? 0) > 0;
    if (kind.when === 'visits') return (site.view?.trade.visits ?? false) || site.sheet.lines.area !== '';
    if (kind.when === 'receives')
      return (site.view?.trade.receives ?? false) || site.sheet.lines['words/finding'] !== '';
    return true;
  }

  const line = (kind: FactKind) => kind.id as LineName;

  /** What is known, as it is said; empty where nothing is. */
  function said(kind: FactKind): string {
    const sheet = site.sheet;
    const answers = site.view?.answers ?? {};
    switch (kind.editor) {
      case 'hours':
        return answers[kind.id]?.says || sheet.lines[line(kind)];
      case 'exceptions':
        return sheet.lines.exceptions
          .split('\n')
          .map((words, at) => answers[`exceptions.${at}`]?.says || words)
          .filter((words) => words.trim())
          .join('\n');
      case 'services':
        return sheet.services
          .map((service, at) =>
            service.price
              ? `${service.name} ${answers[`services.${at}.price`]?.says || service.price}`
              : service.name
          )
          .join(', ');
      case 'practices':
        return (site.view?.trade.questions ?? [])
          .filter((question) => sheet.practices.includes(question.key))
          .map((question) => question.says)
          .join('\n');
      case 'links':
        return sheet.links
          .map((_, at) => answers[`links.${at}`]?.says.split(' · ')[0] ?? '')
          .filter(Boolean)
          .join(', ');
      case 'membership':
        return [
          sheet.lines['membership/body'],
          sheet.lines['membership/number'] && `no. ${sheet.lines['membership/number']}`,
          sheet.lines['membership/until'] && `until ${month(sheet.lines['membership/until'])}`
        ]
          .filter(Boolean)
          .join(', ');
      case 'rows':
        return sheet.rows
          .filter((row) => row.kind === kind.rows)
          .map((row) =>
            row.kind === 'testimonial'
              ? `“${row.lines['words'] ?? ''}” ${row.lines['who'] ?? ''}`
              : row.kind === 'phone'
                ? `${row.lines['name'] ?? ''} ${row.lines['number'] ?? ''}`
                : Object.values(row.lines)[0] === undefined
                  ? ''
                  : (row.lines[
                      kind.rows === 'credential' ? 'body' : kind.rows === 'person' ? 'name' : 'words'
                    ] ?? '')
          )
          .map((words) => words.trim())
          .filter(Boolean)
          .join('\n');
      case 'zone':
        return facts.view?.zone ?? '';
      default:
        return sheet.lines[line(kind)].trim();
    }
  }

  /** A month in figures said in words; anything else as it was typed. */
  function month(words: string): string {
    return /^\d{4}-\d{2}$/.test(words)
      ? new Date(`${words}-15T12:00:00`).toLocaleDateString('en-GB', { month: 'long', year: 'numeric' })
      : words;
  }

  /** Answers of a fact: its own, and those of its rows. */
  function isWrong(kind: FactKind): boolean {
    const own = kind.editor === 'rows' ? `${kind.rows}/` : kind.id;
    return Object.entries(site.view?.answers ?? {}).some(
      ([field, answer]) =>
        (answer.state === 'REFUSED' || answer.state === 'ASKED') &&
        (field === own ||
          field.startsWith(`${own}.`) ||
          (kind.editor === 'rows' && field.startsWith(own) && field.includes('/')))
    );
  }

  function use(kind: FactKind) {
    if (
      kind.editor === 'services' ||
      kind.editor === 'rows' ||
      kind.editor === 'links' ||
      kind.editor === 'practices'
    ) {
      const prefix = { services: 'service/', links: 'link/', practices: 'practice/', rows: `${kind.rows}/` }[
        kind.editor
      ];
      const all = Object.entries(facts.view?.uses ?? {}).filter(([id]) => id.startsWith(prefix));
      if (!all.length) return unused(kind);
      const places = all.reduce((sum, [, each]) => sum + each.places, 0);
      const parts = [...new Set(all.flatMap(([, each]) => each.parts))];
      return { words: places === 1 ? 'in 1 place' : `in ${places} places`, parts: parts.join(', ') };
    }
    return facts.use(kind.id) ?? unused(kind);
  }

  /** A fact that is known and stands nowhere: its section is not on the page. */
  function unused(kind: FactKind) {
    const shows = kind.editor === 'rows' || kind.id.startsWith('words') || kind.id.startsWith('hours/');
    return shows && said(kind) && facts.view
      ? { words: 'not on the page yet', parts: 'add its section under Page' }
      : null;
  }

  function hide(kind: FactKind): void {
    const hidden = site.sheet.hidden;
    site.sheet.hidden = hidden.includes(kind.id)
      ? hidden.filter((each) => each !== kind.id)
      : [...hidden, kind.id];
    site.changed();
  }

  function isHidden(kind: FactKind): boolean {
    return (
      site.sheet.hidden.includes(kind.id) ||
      (kind.id === 'place' && site.sheet.lines['place/shown'] === 'hidden')
    );
  }

  const outs = [
    { path: 'facts.vcf', words: 'Contact file', kind: 'vCard' },
    { path: 'facts.jsonld', words: 'All facts', kind: 'JSON-LD' },
    { path: 'services.csv', words: 'Services', kind: 'CSV' },
    { path: 'opening-hours.txt', words: 'Hours', kind: 'opening_hours' }
  ];

  let countries = $state<{ code: string; name: string }[]>([]);
  void api.GET('/api/countries').then(({ data }) => (countries = data ?? []));
</script>

<div class="board">
  <div>
    <div class="title">
      <h1>Facts</h1>
      <p class="quiet">Said once here, used everywhere. Change one and every page follows.</p>
      <KeptLine keeping={site.keeping} hasKept={site.hasKept} />
    </div>
    <div class="sheet">
      {#each GROUPS as group (group.name)}
        <section aria-label={group.name}>
          <h2>{group.name}</h2>
          <div class="kinds">
            {#each group.kinds.filter(isAsked) as kind (kind.id)}
              <FactRow
                id={kind.id}
                label={kind.label}
                value={said(kind)}
                missing={kind.adds}
                act={kind.act}
                rare={kind.rare ?? false}
                fault={isWrong(kind)}
                hidden={isHidden(kind)}
                use={use(kind)}
                open={open === kind.id}
                toggle={() => (open = open === kind.id ? '' : kind.id)}
              >
                {#if kind.editor === 'trade'}
                  <label class="hidden-words" for="trade">Trade</label>
                  <TradeField {site} />
                  <AnswerLine
                    id="trade-answer"
                    answer={site.view?.answers['trade']}
                    typed={site.sheet.lines.trade}
                  />
                  <Assumptions {site} />
                {:else if kind.editor === 'hours'}
                  <HoursEditor
                    {site}
                    {facts}
                    field={line(kind)}
                    label={kind.label}
                    placeholder={kind.placeholder ?? ''}
                  />
                {:else if kind.editor === 'exceptions'}
                  <ExceptionsEditor {site} {facts} />
                {:else if kind.editor === 'place'}
                  <PlaceEditor {site} {countries} />
                {:else if kind.editor === 'area'}
                  <AreaEditor {site} placeholder={kind.placeholder ?? ''} />
                {:else if kind.editor === 'point'}
                  <label class="hidden-words" for="point">{kind.label}</label>
                  <TypedLine {site} field="point" placeholder={kind.placeholder ?? ''} />
                  <PointMap {site} />
                {:else if kind.editor === 'services'}
                  <Services {site} summaries />
                {:else if kind.editor === 'practices'}
                  <PracticesEditor {site} />
                {:else if kind.editor === 'links'}
                  <LinksEditor {site} />
                {:else if kind.editor === 'membership'}
                  {#each [['membership/body', 'Guild or register'], ['membership/number', 'Number'], ['membership/until', 'Valid until']] as const as [part, label] (part)}
                    <label class="small" for={part.replace('/', '-')}>{label}</label>
                    <TypedLine
                      {site}
                      field={part}
                      placeholder={part === 'membership/until' ? 'June 2027' : ''}
                    />
                  {/each}
                  <AnswerLine id="membership-answer" answer={site.view?.answers['membership']} typed="" />
                {:else if kind.editor === 'rows' && kind.rows}
                  <RowsEditor {site} kind={kind.rows} add={kind.act} />
                {:else if kind.editor === 'zone'}
                  <label class="small" for="zone">The clock your hours mean</label>
                  <select
                    id="zone"
                    class="line"
                    value={facts.view?.zone}
                    onchange={(event) => {
                      site.sheet.lines.zone = event.currentTarget.value;
                      site.changed();
                    }}
                  >
                    {#each facts.view?.zones ?? [] as zone (zone)}<option value={zone}
                        >{zone.split('/').at(-1)?.replaceAll('_', ' ')}</option
                      >{/each}
                  </select>
                {:else if kind.editor === 'text'}
                  {#if QUESTIONS[kind.id]}<p class="quiet">{QUESTIONS[kind.id]}</p>{/if}
                  <label class="hidden-words" for={kind.id.replace('/', '-')}>{kind.label}</label>
                  <textarea
                    id={kind.id.replace('/', '-')}
                    class="line"
                    rows="3"
                    dir="auto"
                    bind:value={site.sheet.lines[line(kind)]}
                    oninput={() => site.changed()}
                    aria-describedby="{kind.id.replace('/', '-')}-answer"></textarea>
                  <AnswerLine
                    id="{kind.id.replace('/', '-')}-answer"
                    answer={site.view?.answers[kind.id]}
                    typed={site.sheet.lines[line(kind)]}
                  />
                {:else}
                  <label class="hidden-words" for={kind.id.replace('/', '-')}>{kind.label}</label>
                  <TypedLine {site} field={line(kind)} placeholder={kind.placeholder ?? ''} />
                  {#if kind.id === 'telephone' && site.sheet.lines.telephone}
                    <label class="hide"
                      ><input
                        type="checkbox"
                        checked={site.sheet.lines['callers-abroad'] === 'yes'}
                        onchange={(event) => {
                          site.sheet.lines['callers-abroad'] = event.currentTarget.checked ? 'yes' : '';
                          site.changed();
                        }}
                      /> People call from abroad: show it with the country’s code</label
                    >
                  {/if}
                  {#if kind.id === 'texts' && !site.sheet.lines.texts && site.sheet.lines.telephone}
                    <button
                      type="button"
                      class="chip-leaf"
                      onclick={() => {
                        site.sheet.lines.texts = 'the same number';
                        site.changed();
                      }}>the same number</button
                    >
                  {/if}
                {/if}
                {#if kind.hideable && said(kind)}
                  <label class="hide"
                    ><input
                      type="checkbox"
                      checked={site.sheet.hidden.includes(kind.id)}
                      onchange={() => hide(kind)}
                    />
                    Hidden from visitors</label
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
    <Paste {site} />
    <section class="out" aria-labelledby="out-heading">
      <h2 id="out-heading">Take your facts with you</h2>
      <ul>
        {#each outs as out (out.path)}
          <li>
            <a href="/api/sites/{site.view?.id}/{out.path}" download>{out.words}</a>
            <span class="quiet">{out.kind}</span>
          </li>
        {/each}
      </ul>
    </section>
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
  .small {
    display: block;
    margin-top: 8px;
    color: var(--pencil);
    font-size: 14px;
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
  textarea.line {
    border: 1px solid var(--control);
    padding: 8px 10px;
  }
  aside {
    position: sticky;
    top: 16px;
    display: grid;
    gap: 20px;
    max-height: calc(100vh - 90px);
    overflow: auto;
  }
  .out h2 {
    margin-bottom: 4px;
    font:
      700 16px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .out ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  .out li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 36px;
    border-top: 1px solid var(--rule);
  }
  .out a {
    display: inline-flex;
    align-items: center;
    min-height: 36px;
    color: var(--lacquer);
    font-weight: 700;
  }
  @media (max-width: 980px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
    aside {
      position: static;
      max-height: none;
    }
    .out a {
      min-height: 44px;
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
