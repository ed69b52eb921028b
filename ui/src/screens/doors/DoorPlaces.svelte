<script lang="ts">
  import type { Outbox } from '../../keeping/outbox.svelte';
  import type { DoorsState, PlaceView } from './doors.svelte';
  import { say } from '../../words/say';

  /** Which doors stand where on the page. */
  let { doors, outbox }: { doors: DoorsState; outbox: Outbox } = $props();

  function put(place: PlaceView, index: number, kind: string): void {
    const slots = Array.from({ length: place.most }, (_, each) =>
      each === index ? kind : (place.doors[each] ?? '')
    );
    // One that is chosen again in another slot moves there.
    const others = slots.map((each, at) => (at !== index && each === kind ? '' : each));
    void doors.place(
      outbox,
      place.place,
      others.filter((each) => each !== '')
    );
  }
</script>

<section class="leaf" aria-labelledby="places">
  <h2 id="places">{say('doors.doorPlaces.whereTheyStand')}</h2>
  <p class="quiet">{say('doors.doorPlaces.onEveryPageInThis')}</p>
  <dl>
    {#each doors.view?.places ?? [] as place (place.place)}
      <div>
        <dt>{place.name}</dt>
        <dd>
          {#each Array.from({ length: place.most }, (_, index) => index) as index (index)}
            <select
              class="line"
              aria-label={place.most > 1
                ? say(`doors.doorPlaces.${index === 0 ? 'first' : 'second'}`, { name: place.name })
                : place.name}
              value={place.doors[index] ?? ''}
              onchange={(event) => put(place, index, event.currentTarget.value)}
            >
              <option value="">{say('doors.doorPlaces.nothing')}</option>
              {#each place.offered as door (door.id)}<option value={door.id}>{door.words}</option>{/each}
            </select>
          {/each}
          {#if place.usual}
            <span class="quiet">{say('doors.doorPlaces.asUsual')}</span>
          {:else}
            <button class="word" onclick={() => doors.place(outbox, place.place, null)}
              >{say('doors.doorPlaces.asUsual2')}</button
            >
          {/if}
        </dd>
      </div>
    {/each}
  </dl>
</section>

<style>
  .leaf {
    padding: 14px 20px 12px;
  }
  dl {
    margin: 8px 0 0;
  }
  dl > div {
    display: grid;
    grid-template-columns: 200px minmax(0, 1fr);
    align-items: center;
    min-height: 48px;
    border-top: 1px solid var(--fine-rule);
  }
  dd {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 20px;
    margin: 0;
  }
  .line {
    width: 150px;
  }
  .quiet {
    font-size: 15px;
  }
  @media (max-width: 720px) {
    dl > div {
      grid-template-columns: minmax(0, 1fr);
      padding: 8px 0;
    }
  }
</style>
