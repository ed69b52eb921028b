<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { countries } from '../../countries';
  import { navigate, route } from '../../router';
  import Frame from '../../parts/Frame.svelte';
  import KeptLine from '../../keeping/KeptLine.svelte';
  import Shopfront from '../../parts/Shopfront.svelte';
  import WidthSwitch from '../../parts/WidthSwitch.svelte';
  import PublishAct from '../../parts/PublishAct.svelte';
  import { SiteState } from '../../site.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import Assumptions from './Assumptions.svelte';
  import Facts from '../facts/Facts.svelte';
  import Paste from '../facts/Paste.svelte';
  import Card from './Card.svelte';
  import Proof from './Proof.svelte';
  import EarlierSites from './EarlierSites.svelte';
  import { say } from '../../words/say';

  const site = new SiteState();
  const id = $derived((route.params as { id?: string }).id);
  let wide = $state(false);
  let nudge = $state('');

  $effect(() => {
    const asked = id;
    untrack(() => {
      if (asked && asked !== site.id) void site.load(asked);
    });
  });

  onDestroy(() => site.leave());

  // A new sheet gets its address with the first thing typed, so that a reload finds it again. Once only: an answer that
  // comes while the next screen opens must not take its address back.
  $effect(() => {
    if (!id && site.id && !location.pathname.includes(site.id)) {
      history.replaceState(history.state, '', `/sites/${site.id}`);
    }
  });

  // A new sheet begins in the country the browser says it is in.
  void countries().then((all) => {
    const region = new Intl.Locale(navigator.language).region;
    if (!site.id && !id && all.some((country) => country.code === region)) site.sheet.region = region ?? 'GB';
  });

  const isNew = $derived(!site.view?.kept);
  const begun = $derived(
    site.view !== null && (site.sheet.lines.trade + site.sheet.lines.name).trim() !== ''
  );

  // What is said of the sheet is true until it is typed on.
  $effect(() => {
    void JSON.stringify(site.sheet);
    untrack(() => (nudge = ''));
  });

  async function layOut(): Promise<void> {
    await site.keep();
    if (site.waits) {
      nudge = say('opening.opening.theConnectionIsAwayYour');
      return;
    }
    const missing = site.view?.missing ?? [
      { field: 'trade', words: say('opening.opening.yourTrade') },
      { field: 'name', words: say('opening.opening.yourName') },
      { field: 'telephone', words: say('opening.opening.aTelephoneNumberOrA') }
    ];
    const unread = Object.entries(site.view?.answers ?? {}).find(
      ([, answer]) => answer.state === 'REFUSED' || answer.state === 'ASKED'
    );
    // What is typed and not understood is missing too; it is said first, for it stands there.
    if (unread) {
      nudge = say('opening.opening.oneLineIsNotUnderstood', { says: unread[1].says });
      document.getElementById(unread[0].replace(/[./]/g, '-'))?.focus();
    } else if (missing.length) {
      nudge = say('opening.opening.stillNeeded', { missing: missing.map((each) => each.words).join(', ') });
      document.getElementById(missing[0]?.field ?? '')?.focus();
    } else if (site.view) {
      navigate('/sites/:id/page', { params: { id: site.view.id } });
    }
  }
</script>

<svelte:head
  ><title
    >{say('opening.opening.factsOstium', {
      name: site.sheet.lines.name.trim() || say('opening.opening.newSite')
    })}</title
  ></svelte:head
>

<SiteGate {site}>
  <Frame {site} act={site.view?.kept ? publish : undefined}>
    {#if !isNew}
      <Facts {site} />
    {:else}
      <div class="board">
        <div class="sheet">
          <h1>{say('opening.opening.tellUsWhatPeopleNeed')}</h1>
          <p class="lead">
            {say('opening.opening.threeFactsAreEnoughFor')}
          </p>
          {#if !id && !site.id}<EarlierSites />{/if}
          <Card {site} />
          <div class="paste"><Paste {site} wide /></div>
          {#if site.view && site.sheet.lines.trade.trim()}<Proof {site} />{/if}
          <div class="foot">
            <button class="act main" onclick={layOut}>{say('opening.opening.layOutThePage')}</button>
            <div>
              {#if nudge}<p class="nudge" role="alert">{nudge}</p>
              {:else}<p class="quiet">{say('opening.opening.nothingIsPublicUntilYou')}</p>{/if}
              <KeptLine outbox={site.outbox} />
            </div>
          </div>
        </div>
        <aside class="shape">
          <div class="head">
            <h2>{say('opening.opening.takingShape')}</h2>
            <WidthSwitch bind:wide />
          </div>
          {#if begun && site.view}
            <Shopfront
              address={site.view.preview}
              revision={site.view.revision}
              width={wide ? 1280 : 390}
              height={wide ? 300 : 560}
              label={say('opening.opening.yourPageAsItStands')}
            />
          {:else}
            <div class="empty">
              <p>{say('opening.opening.yourPageAppearsHereWith')}</p>
            </div>
          {/if}
          {#if site.view && site.sheet.lines.trade.trim()}<Assumptions {site} />{/if}
        </aside>
      </div>
    {/if}
  </Frame>
</SiteGate>

{#snippet publish()}<PublishAct {site} />{/snippet}

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 420px;
    gap: 28px;
    align-items: start;
  }
  .sheet > :global(.lead) {
    margin: 8px 0 18px;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 12px 20px;
    align-items: center;
    margin-top: 18px;
  }
  .paste {
    margin-top: 14px;
  }
  .nudge {
    color: var(--madder);
    font-weight: 700;
  }
  .shape {
    position: sticky;
    top: 16px;
    display: grid;
    gap: 12px;
  }
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  .head h2 {
    font:
      700 16px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .empty {
    display: grid;
    place-items: center;
    height: 420px;
    padding: 40px;
    border: 1px dashed var(--control);
    border-radius: 3px;
    color: var(--pencil);
    text-align: center;
  }
  @media (max-width: 980px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
    .shape {
      position: static;
    }
    .empty {
      height: 180px;
    }
  }
</style>
