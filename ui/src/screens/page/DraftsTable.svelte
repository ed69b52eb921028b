<script lang="ts">
  import Shopfront from '../../parts/Shopfront.svelte';
  import type { SiteState } from '../../site.svelte';
  import { type DraftsState, held, PINS } from './drafts.svelte';
  import KeepAct from './KeepAct.svelte';
  import { say } from '../../words/say';

  /** Three drafts side by side, each a real page that can be scrolled; what is liked of each can be pinned. */
  let { site, drafts, kept }: { site: SiteState; drafts: DraftsState; kept: () => void } = $props();

  let keep = $state<KeepAct>();
  let keeping = $state(false);
  const view = $derived(drafts.view);
  const holding = $derived(held(drafts.pins, view?.round ?? 0));
  const numbers = [
    say('page.draftsTable.first'),
    say('page.draftsTable.second'),
    say('page.draftsTable.third')
  ];
</script>

{#if view}
  <div class="head">
    <p class="lead">{say('page.draftsTable.eachCanBeScrolledPin')}</p>
    {#if view.rounds > 1}
      <nav aria-label={say('page.draftsTable.rounds')}>
        {#each Array.from({ length: view.rounds }, (_, i) => view.rounds - i) as round (round)}
          <button
            class="word"
            type="button"
            aria-current={round === view.round ? 'true' : undefined}
            onclick={() => drafts.load(round)}>{say('page.draftsTable.round', { round })}</button
          >
        {/each}
      </nav>
    {/if}
  </div>
  <ol class="table">
    {#each view.drafts as draft (`${view.round}/${draft.place}`)}
      <li>
        <div class="leaf top" class:chosen={draft.place === 1} id={`draft-${draft.place}`}>
          <h2>
            <span class="hidden-words"
              >{say('page.draftsTable.draft', { what: numbers[draft.place - 1] })}
            </span>{draft.house}
          </h2>
          <p>{draft.line.replace(`${draft.house} · `, '')}</p>
          <div
            class="pins"
            role="group"
            aria-label={say('page.draftsTable.pinOfTheDraft', {
              what: numbers[draft.place - 1]?.toLowerCase()
            })}
          >
            <span class="quiet" aria-hidden="true">{say('page.draftsTable.pin')}</span>
            {#each PINS as { pin, words } (pin)}
              <button
                type="button"
                class="pin"
                aria-pressed={drafts.isPinned(pin, draft.place)}
                onclick={() => drafts.turn(pin, draft.place)}>{words}</button
              >
            {/each}
          </div>
        </div>
        <Shopfront
          address={draft.preview}
          revision={site.view?.revision}
          width={390}
          height={430}
          label={say('page.draftsTable.draft2', { what: numbers[draft.place - 1], line: draft.line })}
        />
        <div class="bottom">
          <button
            class="act"
            class:main={draft.place === 1}
            type="button"
            aria-describedby={`draft-${draft.place}`}
            onclick={() => keep?.press({ round: view.round, place: draft.place })}
            disabled={keeping || !site.view || site.view.missing.length > 0}
            >{keeping ? say('page.draftsTable.keeping') : say('page.draftsTable.keepThisOne')}</button
          >
          <span class="quiet"
            >{say('page.draftsTable.saysOfFacts', { said: draft.said, facts: view.facts })}</span
          >
        </div>
      </li>
    {/each}
  </ol>
  <KeepAct {site} {kept} bind:busy={keeping} bind:this={keep} />
  <div class="more">
    <button class="act" type="button" onclick={() => drafts.draw()} disabled={drafts.busy}
      >{drafts.busy ? say('page.draftsTable.layingOut') : say('page.draftsTable.layOutThreeMore')}</button
    >
    <p class="quiet" role="status">
      {say('page.draftsTable.roundsStayNothingYouChose', {
        rest: holding ? say('page.draftsTable.keeping2', { holding }) : ''
      })}
    </p>
    {#if holding}<button class="word" type="button" onclick={() => drafts.letGo()}
        >{say('page.draftsTable.keepNoneOfIt')}</button
      >{/if}
    {#if drafts.fault}<p class="fault" role="alert">{drafts.fault}</p>{/if}
  </div>
{:else}
  <p class="lead" role="status">{say('page.draftsTable.layingOutThreeDrafts')}</p>
{/if}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 24px;
    align-items: baseline;
    justify-content: space-between;
    margin-bottom: 10px;
  }
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
  }
  nav [aria-current] {
    color: var(--ink);
    font-weight: 700;
    text-decoration: none;
  }
  .table {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 26px;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    min-width: 0;
  }
  .top {
    display: grid;
    grid-template-rows: auto minmax(44px, auto) auto;
    padding: 12px 18px 10px;
  }
  .top h2 {
    font-size: 18px;
  }
  .top p {
    font-size: 15px;
    line-height: 1.4;
  }
  .pins {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin-top: 8px;
  }
  .pins .quiet {
    font-size: 15px;
  }
  .pin {
    min-height: 32px;
    padding: 3px 12px 4px;
    border: 1px solid var(--control);
    border-radius: var(--leaf-small);
    background: var(--panel);
    color: var(--ink);
    font-size: 15px;
    cursor: pointer;
  }
  .pin[aria-pressed='true'] {
    border-color: var(--brass);
    background: var(--brass-tint);
    color: var(--brass-ink);
    font-weight: 700;
  }
  .bottom {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
    justify-content: space-between;
    margin-top: 12px;
  }
  .bottom .quiet {
    font-size: 15px;
  }
  .more {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 18px;
    align-items: center;
    margin-top: 18px;
    padding-top: 14px;
    border-top: 1px solid var(--rule);
  }
  .fault {
    flex: 1 0 100%;
    color: var(--madder);
  }
  @media (max-width: 980px) {
    .table {
      grid-template-columns: minmax(0, 1fr);
      max-width: 430px;
      margin: 0 auto;
      gap: 36px;
    }
    .pin {
      min-height: 44px;
    }
  }
</style>
