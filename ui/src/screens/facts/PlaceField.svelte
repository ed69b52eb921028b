<script lang="ts">
  import { onMount } from 'svelte';
  import { api } from '../../api/client';
  import type { components } from '../../api/schema';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import Suggest from '../../parts/Suggest.svelte';
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  type Place = components['schemas']['PlaceView'];

  /** The address, with type-ahead where the place finder knows the places; a chosen one brings its point. */
  let { site }: { site: SiteState } = $props();

  let found: Place[] = [];
  /** The point that belongs to the address as it stands; it goes with the address. */
  let given = '';

  function pointOf(place: Place): string {
    const decimals = { HOUSE: 5, STREET: 3, TOWN: 2 }[place.accuracy] ?? 2;
    return `${place.latitude.toFixed(decimals)}, ${place.longitude.toFixed(decimals)}`;
  }

  onMount(async () => {
    const { place, point } = site.sheet.lines;
    if (!place || !point) return;
    const known = (await places(place)).find((each) => each.address === place);
    if (known) given = pointOf(known);
  });

  async function places(words: string): Promise<Place[]> {
    const { data } = await api.GET('/api/places', {
      params: { query: { words, country: site.sheet.region } }
    });
    return data ?? [];
  }

  async function ask(words: string) {
    found = await places(words);
    return found.map((place) => ({
      id: place.address,
      words: place.address,
      also: { HOUSE: '', STREET: 'street', TOWN: 'town' }[place.accuracy] ?? ''
    }));
  }

  function typed(words: string): void {
    site.sheet.lines.place = words;
    // A point that came with another address would lead people astray; one set by hand stays.
    if (given && site.sheet.lines.point === given) site.sheet.lines.point = '';
    site.changed();
  }

  function chosen(id: string): void {
    const place = found.find((each) => each.address === id);
    if (!place) return;
    site.sheet.lines.place = place.address;
    given = pointOf(place);
    site.sheet.lines.point = given;
    site.changed();
  }
</script>

<Suggest
  id="place"
  value={site.sheet.lines.place}
  placeholder={say('facts.placeField.yourAddressOrJustYour')}
  describedby="place-answer"
  {ask}
  {typed}
  {chosen}
/>
<AnswerLine id="place-answer" answer={site.view?.answers['place']} typed={site.sheet.lines.place} />
