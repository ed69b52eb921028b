<script lang="ts">
  import { countries, type Country } from '../../countries';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import Row from '../../parts/Row.svelte';
  import type { SiteState } from '../../site.svelte';
  import PlaceField from '../facts/PlaceField.svelte';
  import Goals from './Goals.svelte';
  import NameIdeas from './NameIdeas.svelte';
  import Services from './Services.svelte';
  import TradeField from './TradeField.svelte';
  import TypedLine from './TypedLine.svelte';
  import { say } from '../../words/say';

  /** The card with the facts most pages need. */
  let { site }: { site: SiteState } = $props();

  const visits = $derived((site.view?.trade.visits ?? false) || site.sheet.lines.area !== '');
  let known = $state<Country[]>([{ code: 'GB', name: say('opening.card.unitedKingdom') }]);
  void countries().then((all) => (known = all));
</script>

<section class="leaf chosen card" aria-label={say('opening.card.facts')}>
  <Row label={say('opening.card.trade')} for="trade">
    <TradeField {site} />
    <AnswerLine id="trade-answer" answer={site.view?.answers['trade']} typed={site.sheet.lines.trade} />
  </Row>
  <Row label={say('opening.card.name')} for="name">
    <TypedLine
      {site}
      field="name"
      placeholder={say('opening.card.whatYourBusinessIsCalled')}
      autocomplete="organization"
    />
    {#if site.sheet.lines.trade.trim() && !site.sheet.lines.name.trim()}<NameIdeas {site} />{/if}
  </Row>
  <Row label={say('opening.card.where')} for="place">
    <div class="where">
      <div><PlaceField {site} /></div>
      <label class="hidden-words" for="region">{say('opening.card.country')}</label>
      <select id="region" class="line country" bind:value={site.sheet.region} onchange={() => site.changed()}>
        {#each known as country (country.code)}<option value={country.code}>{country.name}</option>{/each}
      </select>
    </div>
  </Row>
  {#if visits}
    <Row label={say('opening.card.youComeTo')} for="area">
      <TypedLine {site} field="area" placeholder={say('opening.card.thePlacesWithCommasBetween')} />
    </Row>
  {/if}
  <Row label={say('opening.card.telephone')} for="telephone">
    <TypedLine
      {site}
      field="telephone"
      type="tel"
      autocomplete="tel"
      placeholder={say('opening.card.asYouWouldWriteIt')}
    />
  </Row>
  <Row label={say('opening.card.eMail')} for="email">
    <TypedLine
      {site}
      field="email"
      type="email"
      autocomplete="email"
      placeholder={say('opening.card.shownToVisitors')}
    />
  </Row>
  <Row label={say('opening.card.hours')} for="hours">
    <TypedLine {site} field="hours" placeholder={say('opening.card.monFri9530')} />
  </Row>
  <Row label={say('opening.card.youDo')}><Services {site} /></Row>
  <Row label={say('opening.card.visitorsShould')}><Goals {site} /></Row>
</section>

<style>
  .card {
    padding: 12px 24px 16px;
  }
  .where {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 160px;
    gap: 16px;
    align-items: start;
  }
  .country {
    color: var(--pencil);
    font-size: 15px;
  }
  @media (max-width: 720px) {
    .card {
      padding: 4px 16px 12px;
    }
    .where {
      grid-template-columns: minmax(0, 1fr);
      gap: 4px;
    }
  }
</style>
