<script lang="ts">
  import Choice from '../../parts/Choice.svelte';
  import { countries, type Country } from '../../countries';
  import type { SiteState } from '../../site.svelte';
  import PlaceField from './PlaceField.svelte';
  import PointMap from './PointMap.svelte';
  import { say } from '../../words/say';

  /** The address, its country, and how much of it visitors see. */
  let { site }: { site: SiteState } = $props();

  let known = $state<Country[]>([]);
  void countries().then((all) => (known = all));

  const shown = [
    { value: 'whole', words: say('facts.placeEditor.showAllOfIt') },
    { value: 'town', words: say('facts.placeEditor.theTownOnly') },
    { value: 'hidden', words: say('facts.placeEditor.hideIt') }
  ];
</script>

<label class="hidden-words" for="place">{say('facts.placeEditor.address')}</label>
<PlaceField {site} />
<div class="more">
  <Choice
    label={say('facts.placeEditor.howMuchOfItVisitors')}
    choices={shown}
    value={site.sheet.lines['place/shown'] || 'whole'}
    choose={(value) => {
      site.sheet.lines['place/shown'] = value === 'whole' ? '' : value;
      site.changed();
    }}
  />
  <label class="hidden-words" for="region">{say('facts.placeEditor.country')}</label>
  <select
    id="region"
    class="line"
    value={site.sheet.region}
    onchange={(event) => {
      site.sheet.region = event.currentTarget.value;
      site.changed();
    }}
  >
    {#each known as country (country.code)}<option value={country.code}>{country.name}</option>{/each}
  </select>
</div>
<PointMap {site} />

<style>
  .more {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 24px;
    align-items: center;
    justify-content: space-between;
    margin-top: 8px;
  }
  select {
    width: 180px;
    color: var(--pencil);
    font-size: 15px;
  }
</style>
