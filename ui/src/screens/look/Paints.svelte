<script lang="ts">
  import type { LookState, What } from './look.svelte';
  import Swatch from './Swatch.svelte';
  import { say } from '../../words/say';

  /** The paint card: colours by what they do, each to be set by hand; the contrast of every pair; mixes to take. */
  let { look }: { look: LookState } = $props();

  let role = $state('');
  let code = $state('');
  let every = $state(false);

  const view = $derived(look.view);
  const byHand = ['ground', 'ink', 'paint', 'trim'];
  const lowest = $derived(
    view
      ? view.pairs.reduce((least, pair) =>
          pair.contrast / pair.needed < least.contrast / least.needed ? pair : least
        )
      : null
  );

  function open(asked: string, colour: string): void {
    role = role === asked ? '' : asked;
    code = colour;
    look.fault = { field: '', detail: '' };
  }

  async function set(): Promise<void> {
    if (await look.change(role as What, code, say('look.paints.theColourIsSet'))) role = '';
  }
</script>

{#if view}
  <ul class="card">
    {#each view.card as paint (paint.role)}
      <li>
        <Swatch colour={paint.colour} />
        <span class="role">{paint.role}</span>
        <span class="quiet">{paint.words}</span>
        <span class="code">{paint.colour}</span>
        {#if paint.wished !== paint.colour}
          <span class="moved">{say('look.paints.movedFromSoThatIt', { wished: paint.wished })}</span>
        {/if}
        {#if byHand.includes(paint.role)}
          <button
            class="word"
            type="button"
            aria-expanded={role === paint.role}
            onclick={() => open(paint.role, paint.wished)}
            >{say('look.paints.change')}<span class="hidden-words"> {paint.words}</span></button
          >
        {/if}
      </li>
    {/each}
  </ul>
  {#if role}
    <form
      class="by-hand"
      onsubmit={(event) => {
        event.preventDefault();
        void set();
      }}
    >
      <label for="colour-code"
        >{say('look.paints.aColourFor', {
          words: view.card.find((each) => each.role === role)?.words
        })}</label
      >
      <span class="row-of">
        <input
          id="colour-code"
          class="input"
          type="text"
          bind:value={code}
          spellcheck="false"
          aria-invalid={look.fault.field === role ? 'true' : undefined}
          aria-describedby="colour-help"
        />
        <button class="act" type="submit" disabled={look.busy}>{say('look.paints.setIt')}</button>
      </span>
      <p
        id="colour-help"
        class:fault={look.fault.field === role}
        class="quiet"
        role={look.fault.field === role ? 'alert' : undefined}
      >
        {look.fault.field === role ? look.fault.detail : say('look.paints.inAnyNotation7a1f2bRgb')}
      </p>
    </form>
  {/if}
  <p class="contrast">
    {#if lowest}{say('look.paints.allPairsCanBeRead', {
        number: view.pairs.length,
        words: lowest.words,
        contrast: lowest.contrast,
        needed: lowest.needed
      })}{/if}
    <button
      class="word"
      type="button"
      aria-expanded={every}
      aria-controls="pairs"
      onclick={() => (every = !every)}
      >{every ? say('look.paints.fewer') : say('look.paints.everyPair')}</button
    >
  </p>
  {#if every}
    <table id="pairs">
      <thead
        ><tr
          ><th>{say('look.paints.pair')}</th><th>{say('look.paints.looks')}</th><th
            >{say('look.paints.contrast')}</th
          ><th>{say('look.paints.asked')}</th></tr
        ></thead
      >
      <tbody>
        {#each view.pairs as pair (pair.words)}
          <tr>
            <td>{pair.words}</td>
            <td><Swatch colour={pair.below} above={pair.above} small /></td>
            <td>{pair.contrast} : 1</td>
            <td>{pair.needed}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
  {#if view.pictures.length > 0}
    <p class="from">
      {#each view.pictures as picture (picture)}
        <button
          class="act"
          type="button"
          disabled={look.busy}
          onclick={() =>
            look.paintFrom(
              picture,
              picture === 'logo'
                ? say('look.paints.paintedAfterYourLogo')
                : say('look.paints.paintedAfterYourPhotograph')
            )}
          >{picture === 'logo'
            ? say('look.paints.takeTheColoursOfYour')
            : say('look.paints.takeTheColoursOfYour2')}</button
        >
      {/each}
    </p>
    {#if look.fault.field === 'picture'}<p class="fault" role="alert">{look.fault.detail}</p>{/if}
  {/if}
  <h3>{say('look.paints.mixes')}</h3>
  <div class="mixes" role="group" aria-label={say('look.paints.mixes')}>
    {#each view.mixes as mix (mix.id)}
      <button
        type="button"
        aria-pressed={mix.chosen}
        onclick={() => look.change('mix', mix.id, say('look.paints.painted', { name: mix.name }))}
      >
        <span class="strip" aria-hidden="true">
          {#each mix.colours as colour, i (i)}<Swatch {colour} bare />{/each}
        </span>
        {mix.name}
      </button>
    {/each}
  </div>
{/if}

<style>
  .card {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
    gap: 14px 18px;
    margin: 10px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    justify-items: start;
    align-content: start;
    font-size: 15px;
    line-height: 1.35;
  }
  .role {
    margin-top: 6px;
    font-weight: 700;
  }
  .code {
    font-variant-numeric: tabular-nums;
  }
  .moved {
    color: var(--brass-ink);
    font-size: 14px;
  }
  .by-hand {
    display: grid;
    gap: 4px;
    max-width: 420px;
    margin-top: 14px;
  }
  .by-hand label {
    font-weight: 700;
  }
  .row-of {
    display: flex;
    gap: 10px;
  }
  .fault {
    color: var(--madder);
  }
  .from {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-top: 12px;
  }
  .contrast {
    margin-top: 14px;
    font-size: 15px;
  }
  table {
    width: 100%;
    margin-top: 6px;
    border-collapse: collapse;
    font-size: 15px;
  }
  th,
  td {
    padding: 7px 10px 6px 0;
    border-top: 1px solid var(--fine-rule);
    text-align: left;
  }
  th {
    border-top: 0;
    color: var(--pencil);
    font-weight: 500;
  }
  h3 {
    margin-top: 16px;
    font:
      700 16px/1.3 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .mixes {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(138px, 1fr));
    gap: 10px;
    margin-top: 8px;
  }
  .mixes button {
    display: grid;
    gap: 5px;
    padding: 0 0 7px;
    border: 1px solid var(--rule);
    border-radius: var(--leaf-small);
    background: var(--panel);
    color: var(--ink);
    font-size: 14px;
    text-align: left;
    text-indent: 10px;
    overflow: hidden;
    cursor: pointer;
  }
  .mixes button[aria-pressed='true'] {
    border-color: var(--lacquer);
    box-shadow: 0 0 0 1px var(--lacquer);
    font-weight: 700;
  }
  .strip {
    display: grid;
    grid-template-columns: 3fr 2fr 3fr 2fr;
    height: 34px;
  }
  @media print {
    h3,
    .mixes,
    .from,
    .contrast button,
    li button {
      display: none;
    }
    .card {
      print-color-adjust: exact;
    }
  }
</style>
