<script lang="ts">
  import AnswerLine from '../../../parts/AnswerLine.svelte';
  import type { SheetRow } from '../../../sheet';
  import type { SiteState } from '../../../site.svelte';
  import type { FilesState } from './files.svelte';
  import { called, settle, type Use } from './rows';
  import { say } from '../../../words/say';

  /** One picture: as visitors see it, what it shows, where it belongs. */
  let {
    site,
    files,
    row,
    change
  }: { site: SiteState; files: FilesState; row: SheetRow; change: () => void } = $props();

  const PLACES: [Use, string][] = [
    ['logo', say('facts.pictureLeaf.logo')],
    ['opening', say('facts.pictureLeaf.atTheOpening')],
    ['work', say('facts.pictureLeaf.ofYourWork')],
    ['icon', say('facts.pictureLeaf.iconOnTheTab')]
  ];

  /** Below this, in pixels, a photograph at the opening looks soft. */
  const WIDE = 1000;

  const view = $derived(files.picture(row.id));
  const isSmall = $derived(row.lines['use'] === 'opening' && !!view && !view.drawn && view.width < WIDE);
  const isPlain = $derived(row.lines['use'] === 'logo' || row.lines['use'] === 'icon');
  const id = $derived(`picture-${row.id}`);

  function move(use: Use): void {
    settle(site.sheet, use, row.id);
    row.lines['use'] = use;
    site.changed();
  }

  function remove(): void {
    site.sheet.rows = site.sheet.rows.filter((each) => each.id !== row.id);
    site.changed();
  }
</script>

<div class="picture" role="group" aria-label={called(row)}>
  <div class="print" class:checked={isPlain}>
    {#if view}<img src={files.address(view.thumb)} alt="" />{/if}
    {#if view && view.made < view.planned}
      <p class="making" role="status">
        <progress value={view.made} max={view.planned} aria-label={say('facts.pictureLeaf.sizesMade')}
        ></progress>
        {say('facts.pictureLeaf.ofSizes', { made: view.made, planned: view.planned })}
      </p>
    {/if}
  </div>
  <div class="about">
    {#if !isPlain}
      <label for="{id}-alternative">{say('facts.pictureLeaf.whatItShowsForThose')}</label>
      <input
        id="{id}-alternative"
        class="line"
        dir="auto"
        maxlength="200"
        placeholder={say('facts.pictureLeaf.aBrushGoingUpA')}
        disabled={row.lines['decoration'] === 'yes'}
        bind:value={row.lines['alternative']}
        oninput={() => site.changed()}
        aria-describedby="{id}-answer"
      />
      <label class="tick"
        ><input
          type="checkbox"
          checked={row.lines['decoration'] === 'yes'}
          onchange={(event) => {
            row.lines['decoration'] = event.currentTarget.checked ? 'yes' : '';
            site.changed();
          }}
        />{say('facts.pictureLeaf.decorationOnlyItSaysNothing')}</label
      >
      <AnswerLine id="{id}-answer" answer={site.view?.answers[`picture/${row.id}`]} typed="" />
      <label for="{id}-credit">{say('facts.pictureLeaf.takenByIfThatIs')}</label>
      <input
        id="{id}-credit"
        class="line"
        dir="auto"
        maxlength="200"
        bind:value={row.lines['credit']}
        oninput={() => site.changed()}
      />
    {:else}
      <p class="quiet">{say('facts.pictureLeaf.readAloudAsYourName')}</p>
    {/if}
    <label for="{id}-use">{say('facts.pictureLeaf.whereItBelongs')}</label>
    <select
      id="{id}-use"
      class="line"
      value={row.lines['use']}
      onchange={(event) => move(event.currentTarget.value as Use)}
    >
      {#each PLACES as [use, words] (use)}<option value={use}>{words}</option>{/each}
    </select>
    <p class="acts">
      {#if view && !view.drawn}<button type="button" class="act" onclick={change}
          >{say('facts.pictureLeaf.cutAndChange')}</button
        >{/if}
      <button type="button" class="word" onclick={remove}
        >{say('facts.pictureLeaf.takeOut')}<span class="hidden-words">: {called(row)}</span></button
      >
      {#if view}<span class="quiet">{view.width} × {view.height}</span>{/if}
    </p>
    {#if isSmall}
      <p class="small" role="status">
        {say('facts.pictureLeaf.thisIsSmallForThe', { WIDE })}
      </p>
    {/if}
  </div>
</div>

<style>
  .small {
    color: var(--brass);
    font-size: 15px;
  }
  .picture {
    display: grid;
    grid-template-columns: 180px minmax(0, 1fr);
    gap: 6px 20px;
    padding-bottom: 14px;
    border-bottom: 1px solid var(--fine-rule);
  }
  .print img {
    display: block;
    width: 100%;
    max-height: 220px;
    object-fit: contain;
    object-position: 0 0;
  }
  .checked {
    align-self: start;
    padding: 10px;
    background: repeating-conic-gradient(var(--fine-rule) 0 25%, transparent 0 50%) 0 0 / 16px 16px;
  }
  .making {
    margin-top: 4px;
    color: var(--pencil);
    font-size: 14px;
  }
  progress {
    display: block;
    width: 100%;
    height: 6px;
    accent-color: var(--verdigris);
  }
  label {
    display: block;
    margin-top: 6px;
    color: var(--pencil);
    font-size: 14px;
  }
  .tick {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 36px;
    font-size: 15px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 18px;
    align-items: center;
    margin-top: 10px;
  }
  @media (max-width: 720px) {
    .picture {
      grid-template-columns: minmax(0, 1fr);
    }
    .print {
      max-width: 240px;
    }
    .tick {
      min-height: 44px;
    }
  }
</style>
