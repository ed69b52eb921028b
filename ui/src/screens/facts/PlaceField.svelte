<script lang="ts">
  import { api } from '../../api/client';
  import type { components } from '../../api/schema';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import Suggest from '../../parts/Suggest.svelte';
  import type { SiteState } from '../../site.svelte';

  type Place = components['schemas']['PlaceView'];

  /** The address, with type-ahead where the place finder knows the places; a chosen one brings its point. */
  let { site }: { site: SiteState } = $props();

  let found: Place[] = [];

  async function ask(words: string) {
    const { data } = await api.GET('/api/places', {
      params: { query: { words, country: site.sheet.region } }
    });
    found = data ?? [];
    return found.map((place) => ({
      id: place.address,
      words: place.address,
      also: { HOUSE: '', STREET: 'street', TOWN: 'town' }[place.accuracy] ?? ''
    }));
  }

  function typed(words: string): void {
    site.sheet.lines.place = words;
    site.changed();
  }

  function chosen(id: string): void {
    const place = found.find((each) => each.address === id);
    if (!place) return;
    site.sheet.lines.place = place.address;
    const decimals = { HOUSE: 5, STREET: 3, TOWN: 2 }[place.accuracy] ?? 2;
    site.sheet.lines.point = `${place.latitude.toFixed(decimals)}, ${place.longitude.toFixed(decimals)}`;
    site.changed();
  }
</script>

<Suggest
  id="place"
  value={site.sheet.lines.place}
  placeholder="Your address, or just your town"
  describedby="place-answer"
  {ask}
  {typed}
  {chosen}
/>
<AnswerLine id="place-answer" answer={site.view?.answers['place']} typed={site.sheet.lines.place} />
