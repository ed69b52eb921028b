<script lang="ts">
  import { tick } from 'svelte';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import type { SiteState } from '../../site.svelte';
  import { ROW_LINES, type TypedRows } from './rowLines';
  import { say } from '../../words/say';

  /** Facts there can be several of: what customers said, people, qualifications, guarantees, further numbers. */
  let { site, kind, add }: { site: SiteState; kind: TypedRows; add: string } = $props();

  const rows = $derived(site.sheet.rows.filter((row) => row.kind === kind));

  /** What customers of the trade ask, as long as it is not on the sheet. */
  const offered = $derived(
    kind === 'question'
      ? (site.view?.trade.asked ?? []).filter((ask) => !rows.some((row) => row.lines['ask'] === ask))
      : []
  );

  async function another(ask = ''): Promise<void> {
    const id = crypto.randomUUID();
    site.sheet.rows.push({
      kind,
      id,
      lines: Object.fromEntries(ROW_LINES[kind].map((line) => [line.name, line.name === 'ask' ? ask : '']))
    });
    site.changed();
    await tick();
    document.getElementById(`${kind}-${id}-${ROW_LINES[kind][ask ? 1 : 0]?.name}`)?.focus();
  }

  function remove(id: string): void {
    site.sheet.rows = site.sheet.rows.filter((row) => row.id !== id);
    site.changed();
  }
</script>

{#each rows as row (row.id)}
  <div class="one">
    {#each ROW_LINES[kind] as line (line.name)}
      {@const id = `${kind}-${row.id}-${line.name}`}
      <div class:long={line.long || line.wide}>
        <label for={id}>{line.label}</label>
        {#if line.long}
          <textarea
            {id}
            class="line"
            rows="2"
            dir="auto"
            bind:value={row.lines[line.name]}
            oninput={() => site.changed()}></textarea>
        {:else}
          <input
            {id}
            class="line"
            dir="auto"
            bind:value={row.lines[line.name]}
            oninput={() => site.changed()}
          />
        {/if}
      </div>
    {/each}
    {#if kind === 'testimonial'}
      <label class="may"
        ><input
          type="checkbox"
          checked={row.lines['permission'] === 'yes'}
          onchange={(event) => {
            row.lines['permission'] = event.currentTarget.checked ? 'yes' : '';
            site.changed();
          }}
        />{say('facts.rowsEditor.theySaidYouMayShow')}</label
      >
    {/if}
    <AnswerLine id="{kind}-{row.id}-answer" answer={site.view?.answers[`${kind}/${row.id}`]} typed="" />
    <div class="long">
      <button type="button" class="word" onclick={() => remove(row.id)}
        >{say('facts.rowsEditor.takeOut')}</button
      >
    </div>
  </div>
{/each}
{#if offered.length}<p class="quiet">{say('facts.rowsEditor.peopleOfYourTradeAre')}</p>{/if}
<div class="chips">
  {#each offered as ask (ask)}
    <button type="button" class="chip-leaf" onclick={() => another(ask)}>{ask}</button>
  {/each}
  <button type="button" class="chip-leaf" onclick={() => another()}
    >{rows.length
      ? say('facts.rowsEditor.another')
      : offered.length
        ? say('facts.rowsEditor.oneOfYourOwn')
        : add}</button
  >
</div>

<style>
  .one {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
    gap: 6px 16px;
    align-items: end;
    padding-bottom: 10px;
    margin-bottom: 12px;
    border-bottom: 1px solid var(--fine-rule);
  }
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 6px;
  }
  .long,
  .may {
    grid-column: 1 / -1;
  }
  label {
    color: var(--pencil);
    font-size: 14px;
  }
  .may {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 36px;
    font-size: 15px;
  }
  textarea.line {
    border: 1px solid var(--control);
    padding: 6px 8px;
  }
  @media (max-width: 720px) {
    .may,
    .chip-leaf {
      min-height: 44px;
    }
  }
</style>
