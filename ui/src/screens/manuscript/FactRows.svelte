<script lang="ts">
  import type { Item, Section } from '../../document/types';
  import { getDesk } from './desk';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** Rows that are facts: what customers said, answers, photographs. They are changed where all facts stand. */
  let { manuscript, section }: { manuscript: ManuscriptState; section: Section } = $props();

  const desk = getDesk();

  interface Row {
    item: Item;
    says: string;
    /** What was asked, where it is an answer. */
    ask: string;
    /** Who said it, where and when. */
    by: string;
  }

  const rows = $derived<Row[]>(
    section.items.map((item) => {
      const fact = manuscript.view?.facts.find((each) => each.id === item.fact);
      const facet = (name: string) => fact?.facets.find((each) => each.facet === name)?.says ?? '';
      const by = ['who', 'where', 'when'].map(facet).filter(Boolean).join(' · ');
      return { item, says: fact?.facets[0]?.says ?? '', ask: facet('ask'), by };
    })
  );

  function move(row: Row, by: -1 | 1): void {
    const place = section.items.indexOf(row.item);
    const after = by < 0 ? (section.items[place - 2]?.id ?? '') : (section.items[place + 1]?.id ?? '');
    manuscript.edit({ kind: 'moveItem', section: section.id, item: row.item.id, after });
  }

  function short(says: string): string {
    return says.length > 60 ? `${says.slice(0, 58)} …` : says || say('manuscript.factRows.thisRow');
  }
</script>

{#if rows.length > 0}
  <ul class="rows" aria-label={say('manuscript.factRows.rows')}>
    {#each rows as row, index (row.item.id)}
      <li class:is-off={row.item.hidden}>
        <span class="says" dir="auto">
          {#if row.ask}<b>{row.ask}</b>{/if}
          {row.says || say('manuscript.factRows.notDescribedYet')}
          {#if row.by}<span class="by">{row.by}</span>{/if}
        </span>
        <span class="acts">
          {#if index > 0}<button
              type="button"
              onclick={() => move(row, -1)}
              aria-label={say('manuscript.factRows.moveUp', { short: short(row.says) })}
              >{say('manuscript.factRows.up')}</button
            >{/if}
          {#if index < rows.length - 1}<button
              type="button"
              onclick={() => move(row, 1)}
              aria-label={say('manuscript.factRows.moveDown', { short: short(row.says) })}
              >{say('manuscript.factRows.down')}</button
            >{/if}
          <button
            type="button"
            onclick={() =>
              manuscript.edit({
                kind: 'hideItem',
                section: section.id,
                item: row.item.id,
                hidden: !row.item.hidden
              })}
            aria-label="{row.item.hidden
              ? say('manuscript.factRows.show')
              : say('manuscript.factRows.hide')} {short(row.says)}"
            >{row.item.hidden ? say('manuscript.factRows.show') : say('manuscript.factRows.hide')}</button
          >
          <button
            type="button"
            onclick={() => manuscript.edit({ kind: 'removeItem', section: section.id, item: row.item.id })}
            aria-label={say('manuscript.factRows.takeOut', { short: short(row.says) })}
            >{say('manuscript.factRows.takeOut2')}</button
          >
        </span>
      </li>
    {/each}
  </ul>
{/if}
<p class="way">
  <button class="word" type="button" onclick={() => desk.toFacts()}
    >{say('manuscript.factRows.changeTheseInFacts')}</button
  >
</p>

<style>
  .rows {
    margin: 10px 0 0;
    padding: 0;
    list-style: none;
  }
  .says b,
  .by {
    display: block;
  }
  .by {
    color: var(--pencil);
    font-size: 14px;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
    align-items: baseline;
    justify-content: space-between;
    padding: 7px 0;
    border-top: 1px solid var(--fine-rule);
  }
  li:last-child {
    border-bottom: 1px solid var(--fine-rule);
  }
  .says {
    flex: 1 1 260px;
    min-width: 0;
    overflow-wrap: anywhere;
  }
  .is-off .says {
    opacity: 0.6;
    text-decoration: line-through;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
  }
  .acts button {
    min-height: 32px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--lacquer);
    font-size: 13.5px;
    font-weight: 700;
    cursor: pointer;
  }
  .acts button:hover {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  .way {
    margin-top: 6px;
  }
  @media (max-width: 720px) {
    .acts button {
      min-width: 44px;
      min-height: 44px;
    }
  }
</style>
