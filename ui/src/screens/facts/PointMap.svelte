<script lang="ts">
  import { onMount, tick, untrack } from 'svelte';
  import type { Map as LeafletMap, Marker } from 'leaflet';
  import { api } from '../../api/client';
  import type { components } from '../../api/schema';
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  /** The point on the map, to be moved by hand or with the arrow keys; where there is no map, its words do. */
  let { site }: { site: SiteState } = $props();

  type Place = components['schemas']['PlaceView'];
  /** How far a press of an arrow key moves the pin, in degrees of latitude: about five metres. */
  const STEP = 0.00005;

  let box = $state<HTMLElement>();
  let near = $state<Place | null>(null);
  let shows = $state<'none' | 'loading' | 'map' | 'nowhere'>('none');
  let map: LeafletMap | undefined;
  let pin: Marker | undefined;

  const point = $derived.by(() => {
    if (!site.sheet.lines.point.trim()) return null;
    const says = site.view?.answers['point']?.says ?? '';
    const numbers = /^(-?\d+(?:\.\d+)?), (-?\d+(?:\.\d+)?)/.exec(says);
    return numbers ? { latitude: Number(numbers[1]), longitude: Number(numbers[2]) } : null;
  });

  $effect(() => {
    const at = point;
    if (at) untrack(() => void show(at.latitude, at.longitude));
  });

  onMount(() => () => map?.remove());

  async function show(latitude: number, longitude: number): Promise<void> {
    void api
      .GET('/api/places/at', { params: { query: { latitude, longitude } } })
      .then(({ data }) => (near = data?.[0] ?? null));
    if (map && pin) {
      pin.setLatLng([latitude, longitude]);
      await tick();
      map.invalidateSize();
      if (!map.getBounds().contains([latitude, longitude])) map.setView([latitude, longitude]);
      return;
    }
    if (shows !== 'none') return;
    shows = 'loading';
    try {
      const [leaflet, answer] = await Promise.all([
        import('leaflet'),
        fetch(`/api/places/map?latitude=${latitude}&longitude=${longitude}`)
      ]);
      await import('leaflet/dist/leaflet.css');
      if (answer.status !== 200) {
        shows = 'nowhere';
        return;
      }
      const drawn = (await answer.json()) as GeoJSON.FeatureCollection;
      shows = 'map';
      await tick();
      const at = point ?? { latitude, longitude };
      draw(leaflet.default, drawn, at.latitude, at.longitude);
    } catch {
      // The connection is away: the words say where it is, and the next point asks for the map again.
      shows = 'none';
    }
  }

  function draw(
    leaflet: typeof import('leaflet'),
    data: GeoJSON.FeatureCollection,
    latitude: number,
    longitude: number
  ): void {
    if (!box) return;
    map = leaflet.map(box, {
      attributionControl: false,
      zoomControl: true,
      keyboard: false,
      minZoom: 11,
      maxZoom: 18
    });
    map.setView([latitude, longitude], 16);
    const kind = (feature?: GeoJSON.Feature) => String(feature?.properties?.['kind'] ?? '');
    const layer = (wanted: string[], className: (kind: string) => string) =>
      leaflet
        .geoJSON(data, {
          filter: (feature) => wanted.includes(kind(feature)),
          style: (feature) => ({
            className: className(kind(feature)),
            weight: kind(feature) === 'road' ? 5 : 3
          }),
          interactive: false,
          pointToLayer: (feature, at) =>
            leaflet.marker(at, {
              interactive: false,
              keyboard: false,
              icon: leaflet.divIcon({ className: `map-name ${kind(feature)}`, html: '', iconSize: [0, 0] })
            }),
          onEachFeature: (feature, drawn) => {
            const name = String(feature.properties?.['name'] ?? '');
            if (kind(feature) === 'coast') return;
            drawn.bindTooltip(name, {
              permanent: true,
              direction: kind(feature) === 'street' ? 'top' : 'center',
              offset: [0, kind(feature) === 'street' ? 4 : 0],
              className: `map-words ${kind(feature)}`,
              opacity: 1
            });
          }
        })
        .addTo(map as LeafletMap);
    layer(['coast'], () => 'map-land');
    layer(['road', 'street'], (each) => `map-${each}`);
    layer(['place', 'quarter'], () => '');
    pin = leaflet
      .marker([latitude, longitude], {
        draggable: true,
        keyboard: true,
        title: say('facts.pointMap.yourPlaceMoveItWith'),
        alt: say('facts.pointMap.yourPlace'),
        icon: leaflet.divIcon({ className: 'map-pin', iconSize: [32, 32], iconAnchor: [16, 30] })
      })
      .addTo(map);
    pin.on('dragend', () => set());
    pin.getElement()?.addEventListener('keydown', keys);
  }

  function keys(event: KeyboardEvent): void {
    const by: Record<string, [number, number]> = {
      ArrowUp: [STEP, 0],
      ArrowDown: [-STEP, 0],
      ArrowLeft: [0, -STEP * 1.5],
      ArrowRight: [0, STEP * 1.5]
    };
    const step = by[event.key];
    if (!step || !pin) return;
    event.preventDefault();
    event.stopPropagation();
    const far = event.shiftKey ? 10 : 1;
    const at = pin.getLatLng();
    pin.setLatLng([at.lat + step[0] * far, at.lng + step[1] * far]);
    map?.panInside(pin.getLatLng(), { padding: [40, 40] });
    set();
  }

  /** A pin set by hand is exact to the house. */
  function set(): void {
    const at = pin?.getLatLng();
    if (!at) return;
    site.sheet.lines.point = `${at.lat.toFixed(5)}, ${at.lng.toFixed(5)}`;
    site.changed();
  }
</script>

<!-- The map stays in its box while there is no point for a moment. -->
<div class="map" class:hidden={shows !== 'map' || !point} bind:this={box}></div>
{#if point}
  {#if shows === 'nowhere'}
    <p class="quiet">{say('facts.pointMap.thereIsNoMapOf')}</p>
  {:else if shows === 'map'}
    <p class="quiet" aria-live="polite">
      {say('facts.pointMap.dragThePinOrMove', {
        rest: near ? say('facts.pointMap.near', { address: near.address }) : ''
      })}
    </p>
  {/if}
{/if}

<style>
  .map {
    height: 280px;
    margin-top: 12px;
    border: 1px solid var(--rule);
    background: color-mix(in oklab, var(--verdigris) 14%, var(--well));
  }
  .hidden {
    visibility: hidden;
    height: 1px;
    margin: 0;
    border: 0;
  }
  .map :global(.map-land) {
    fill: var(--panel);
    fill-opacity: 1;
    stroke: var(--control);
    stroke-width: 1.5;
  }
  .map :global(.map-road) {
    stroke: var(--rule);
    fill: none;
  }
  .map :global(.map-street) {
    stroke: var(--control);
    fill: none;
  }
  .map :global(.map-words) {
    padding: 0 3px;
    border: 0;
    background: none;
    box-shadow: none;
    color: var(--pencil);
    font:
      13px/1.2 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
    text-shadow:
      0 0 3px var(--panel),
      0 0 3px var(--panel);
  }
  .map :global(.map-words::before) {
    display: none;
  }
  .map :global(.map-words.place) {
    color: var(--ink);
    font:
      700 16px/1.2 'Aleo Variable',
      Georgia,
      serif;
  }
  .map :global(.map-words.road),
  .map :global(.map-words.quarter) {
    display: none;
  }
  .map :global(.map-pin) {
    cursor: grab;
  }
  .map :global(.map-pin::before) {
    position: absolute;
    left: 6px;
    top: 2px;
    width: 20px;
    height: 20px;
    border: 3px solid var(--panel);
    border-radius: 50% 50% 50% 0;
    background: var(--lacquer);
    box-shadow: 0 1px 4px rgb(0 0 0 / 0.5);
    content: '';
    transform: rotate(-45deg);
  }
  .map :global(.leaflet-control-zoom a) {
    color: var(--ink);
    background: var(--panel);
  }
</style>
