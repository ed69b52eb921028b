<script lang="ts">
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import type { LineName } from '../../sheet';
  import type { SiteState } from '../../site.svelte';
  import Assumptions from '../opening/Assumptions.svelte';
  import Services from '../opening/Services.svelte';
  import TradeField from '../opening/TradeField.svelte';
  import TypedLine from '../opening/TypedLine.svelte';
  import AreaEditor from './AreaEditor.svelte';
  import ExceptionsEditor from './ExceptionsEditor.svelte';
  import type { FactsState } from './facts.svelte';
  import DocumentsEditor from './files/DocumentsEditor.svelte';
  import type { FilesState } from './files/files.svelte';
  import PicturesEditor from './files/PicturesEditor.svelte';
  import type { FactKind } from './factKind';
  import { QUESTIONS } from './groups';
  import HoursEditor from './HoursEditor.svelte';
  import LinksEditor from './LinksEditor.svelte';
  import PlaceEditor from './PlaceEditor.svelte';
  import PointMap from './PointMap.svelte';
  import PracticesEditor from './PracticesEditor.svelte';
  import RowsEditor from './RowsEditor.svelte';
  import { say } from '../../words/say';

  /** What a fact is changed with, by its kind. */
  let {
    site,
    facts,
    files,
    kind
  }: { site: SiteState; facts: FactsState; files: FilesState; kind: FactKind } = $props();

  const line = $derived(kind.id as LineName);
  const id = $derived(kind.id.replace('/', '-'));

  const MEMBERSHIP = [
    ['membership/body', say('facts.factEditor.guildOrRegister')],
    ['membership/number', say('facts.factEditor.number')],
    ['membership/until', say('facts.factEditor.validUntil')]
  ] as const;
</script>

{#if kind.editor === 'trade'}
  <label class="hidden-words" for="trade">{say('facts.factEditor.trade')}</label>
  <TradeField {site} />
  <AnswerLine id="trade-answer" answer={site.view?.answers['trade']} typed={site.sheet.lines.trade} />
  <Assumptions {site} />
{:else if kind.editor === 'hours'}
  <HoursEditor {site} {facts} field={line} label={kind.label} placeholder={kind.placeholder ?? ''} />
{:else if kind.editor === 'exceptions'}
  <ExceptionsEditor {site} {facts} />
{:else if kind.editor === 'place'}
  <PlaceEditor {site} />
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
  {#each MEMBERSHIP as [part, label] (part)}
    <label class="small" for={part.replace('/', '-')}>{label}</label>
    <TypedLine
      {site}
      field={part}
      placeholder={part === 'membership/until' ? say('facts.factEditor.june2027') : ''}
    />
  {/each}
  <AnswerLine id="membership-answer" answer={site.view?.answers['membership']} typed="" />
{:else if kind.editor === 'rows' && kind.rows}
  <RowsEditor {site} kind={kind.rows} add={kind.act} />
{:else if kind.editor === 'pictures' && kind.use}
  <PicturesEditor {site} {files} use={kind.use} />
{:else if kind.editor === 'documents'}
  <DocumentsEditor {site} {files} />
{:else if kind.editor === 'zone'}
  <label class="small" for="zone">{say('facts.factEditor.theClockYourHoursMean')}</label>
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
  <label class="hidden-words" for={id}>{kind.label}</label>
  <textarea
    {id}
    class="line"
    rows="3"
    dir="auto"
    bind:value={site.sheet.lines[line]}
    oninput={() => site.changed()}
    aria-describedby="{id}-answer"></textarea>
  <AnswerLine id="{id}-answer" answer={site.view?.answers[kind.id]} typed={site.sheet.lines[line]} />
{:else}
  <label class="hidden-words" for={id}>{kind.label}</label>
  <TypedLine {site} field={line} placeholder={kind.placeholder ?? ''} />
  {#if kind.id === 'telephone' && site.sheet.lines.telephone}
    <label class="check"
      ><input
        type="checkbox"
        checked={site.sheet.lines['callers-abroad'] === 'yes'}
        onchange={(event) => {
          site.sheet.lines['callers-abroad'] = event.currentTarget.checked ? 'yes' : '';
          site.changed();
        }}
      />
      {say('facts.factEditor.peopleCallFromAbroadShow')}</label
    >
  {/if}
  {#if kind.id === 'texts' && !site.sheet.lines.texts && site.sheet.lines.telephone}
    <button
      type="button"
      class="chip-leaf"
      onclick={() => {
        site.sheet.lines.texts = 'the same number';
        site.changed();
      }}>{say('facts.factEditor.theSameNumber')}</button
    >
  {/if}
{/if}

<style>
  .small {
    display: block;
    margin-top: 8px;
    color: var(--pencil);
    font-size: 14px;
  }
  .check {
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
  @media (max-width: 720px) {
    .check {
      min-height: 44px;
    }
  }
</style>
