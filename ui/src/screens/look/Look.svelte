<script lang="ts">
  import { untrack } from 'svelte';
  import Choice from '../../parts/Choice.svelte';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import PublishAct from '../../parts/PublishAct.svelte';
  import Shopfront from '../../parts/Shopfront.svelte';
  import WidthSwitch from '../../parts/WidthSwitch.svelte';
  import { navigate, route } from '../../router';
  import { SiteState } from '../../site.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import HouseBoard from './HouseBoard.svelte';
  import Letters from './Letters.svelte';
  import { LookState } from './look.svelte';
  import Paints from './Paints.svelte';
  import Scenes from './Scenes.svelte';
  import Signs from './Signs.svelte';
  import { say } from '../../words/say';

  /** Everything visual of a site: chosen from a board, set by hand, or said in words. */
  const site = new SiteState();
  const id = untrack(() => (route.params as { id?: string }).id ?? '');
  const look = new LookState(id, (words) => {
    notices.info({ title: words });
    navigate('/sites/:id/page', { params: { id } });
  });
  let words = $state('');
  let wide = $state(false);

  $effect(() => {
    return untrack(() => {
      void begin();
      return () => site.leave();
    });
  });

  let shown = 0;

  $effect(() => {
    const revision = look.view?.revision ?? 0;
    // What is not public yet is counted anew.
    if (shown && revision !== shown) untrack(() => void site.reload());
    shown = revision;
  });

  async function begin(): Promise<void> {
    await site.load(id);
    if (site.view && !site.view.kept) navigate('/sites/:id/page', { params: { id } });
    else if (site.view) await look.load();
  }

  async function changeByWords(): Promise<void> {
    if (await look.change('say', words, say('look.look.done', { words: words.trim() }))) words = '';
  }

  function pressed(event: KeyboardEvent): void {
    const typing = (event.target as HTMLElement).closest('input, textarea, [contenteditable]');
    if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
    event.preventDefault();
    if (event.shiftKey) void look.redo();
    else void look.undo();
  }
</script>

<svelte:head
  ><title>{say('look.look.lookOstium', { name: site.sheet.lines.name || say('look.look.yourSite') })}</title
  ></svelte:head
>
<svelte:window onkeydown={pressed} />

<SiteGate {site}>
  <Frame {site} {act} broad>
    <div class="board">
      <div class="choices">
        <h1 class="on-paper">{say('look.look.look')}<span class="of">: {site.sheet.lines.name}</span></h1>
        <p class="lead">{say('look.look.makeItLookLikeYou')}</p>
        <KeptLine outbox={site.outbox} />
        <form
          class="say"
          novalidate
          onsubmit={(event) => {
            event.preventDefault();
            void changeByWords();
          }}
        >
          <label for="say">{say('look.look.sayItInWords')}</label>
          <span class="line-of">
            <input
              id="say"
              class="input"
              type="text"
              bind:value={words}
              placeholder={say('look.look.darkerWarmerSerifRounderCalmer')}
              maxlength="200"
              aria-invalid={look.fault.field === 'say' ? 'true' : undefined}
              aria-describedby="say-answer"
            />
            <button class="act main" type="submit" disabled={look.busy}>{say('look.look.doIt')}</button>
          </span>
          <p id="say-answer" class="answer" class:fault={look.fault.detail !== ''} role="status">
            {#if look.fault.field === 'say' || look.fault.field === ''}{look.fault.detail || look.said}{/if}
          </p>
          <span class="steps">
            <button class="word" type="button" onclick={() => look.undo()}>{say('look.look.undo')}</button>
            <button class="word" type="button" onclick={() => look.redo()}>{say('look.look.redo')}</button>
            <button
              class="word"
              type="button"
              onclick={() => look.change('say', 'other colours', say('look.look.anotherMix'))}
              >{say('look.look.anotherMix2')}</button
            >
            <button
              class="word"
              type="button"
              onclick={() => look.change('say', 'more like this', say('look.look.nearTheLastOne'))}
              >{say('look.look.moreLikeThis')}</button
            >
            <button class="word" type="button" onclick={() => window.print()}
              >{say('look.look.printASheetOfIt')}</button
            >
          </span>
        </form>
        {#if look.view}
          <section class="leaf">
            <h2>{say('look.look.house')}</h2>
            <HouseBoard {look} />
          </section>
          <section class="leaf on-paper">
            <h2>{say('look.look.paintCard')}</h2>
            <Paints {look} />
          </section>
          <section class="leaf on-paper">
            <h2>{say('look.look.letters')}</h2>
            <Letters {look} />
          </section>
          <section class="leaf">
            <h2>{say('look.look.cornersAndMotion')}</h2>
            <div class="two">
              <Choice
                label={say('look.look.corners')}
                chips
                choices={look.view.shapes.map((each) => ({ value: each.id, words: each.words }))}
                value={look.view.shapes.find((each) => each.chosen)?.id ?? ''}
                choose={(value) => look.change('shape', value, say('look.look.theCornersAreCut'))}
              />
              <Choice
                label={say('look.look.motion')}
                chips
                choices={look.view.motions.map((each) => ({ value: each.id, words: each.words }))}
                value={look.view.motions.find((each) => each.chosen)?.id ?? ''}
                choose={(value) => look.change('motion', value, say('look.look.motionIsSet'))}
              />
            </div>
          </section>
          <section class="leaf on-paper">
            <h2>{say('look.look.sign')}</h2>
            <Signs {look} />
          </section>
          <section class="leaf">
            <h2>{say('look.look.scene')}</h2>
            <Scenes {look} />
          </section>
        {/if}
      </div>
      <div class="shape">
        <WidthSwitch bind:wide />
        {#if site.view && look.view}
          <div class:phone={!wide}>
            <Shopfront
              address={site.view.preview}
              revision={look.view.revision}
              width={wide ? 1280 : 390}
              height={wide ? 560 : 660}
              label={say('look.look.theComingVersionOfYour')}
            />
          </div>
        {/if}
      </div>
    </div>
  </Frame>
</SiteGate>

{#snippet act()}<PublishAct {site} />{/snippet}

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 420px);
    gap: 36px;
    align-items: start;
  }
  .board:not(:has(.phone)) {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .choices {
    display: grid;
    gap: 14px;
  }
  .say {
    display: grid;
    gap: 4px;
    margin-top: 4px;
  }
  .say label {
    font-weight: 700;
  }
  .line-of {
    display: flex;
    gap: 10px;
  }
  .line-of .act {
    flex: none;
    white-space: nowrap;
  }
  .answer {
    min-height: 1.45em;
    color: var(--verdigris);
    font-size: 15px;
  }
  .answer.fault {
    color: var(--madder);
  }
  .steps {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 20px;
  }
  .leaf {
    padding: 16px 20px 18px;
  }
  .of {
    display: none;
  }
  @media print {
    .of {
      display: inline;
    }
  }
  .leaf > :global(.houses) {
    margin-top: 10px;
  }
  .two {
    display: flex;
    flex-wrap: wrap;
    gap: 14px 40px;
    margin-top: 10px;
  }
  .shape {
    position: sticky;
    top: 16px;
  }
  .phone {
    max-width: 392px;
  }
  @media print {
    .choices > :global(:not(.on-paper)),
    .shape {
      display: none;
    }
    .choices > h1.on-paper {
      display: block;
    }
    .board,
    .board:not(:has(.phone)) {
      grid-template-columns: minmax(0, 1fr);
    }
    .leaf {
      border: 0;
      break-inside: avoid;
    }
  }
  @media (max-width: 980px) {
    .board,
    .board:not(:has(.phone)) {
      grid-template-columns: minmax(0, 1fr);
    }
    .shape {
      position: static;
      order: -1;
    }
  }
  @media (max-width: 720px) {
    .leaf {
      padding: 14px 14px 16px;
    }
    .phone :global(.shopfront) {
      height: 300px;
    }
  }
</style>
