<script lang="ts">
  import FirstScreen from '../../parts/FirstScreen.svelte';
  import type { LookState } from './look.svelte';
  import { say } from '../../words/say';

  /** The sample board: the site's own first screen in each of the six houses. */
  let { look }: { look: LookState } = $props();
</script>

<div class="houses" role="group" aria-label={say('look.houseBoard.houses')}>
  {#each look.view?.houses ?? [] as house (house.id)}
    <button
      type="button"
      class="house"
      aria-pressed={house.chosen}
      onclick={() => look.change('house', house.id, say('look.houseBoard.drawnAs', { name: house.name }))}
    >
      <span class="sample">
        {#key look.view?.revision}<FirstScreen src={house.preview} />{/key}
      </span>
      <span class="name">{house.name}</span>
      <span class="about">{house.about}</span>
    </button>
  {/each}
</div>

<style>
  .houses {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: 16px;
  }
  @media (max-width: 720px) {
    .houses {
      grid-template-columns: repeat(2, minmax(0, 1fr));
      gap: 10px;
    }
  }
  .house {
    display: grid;
    align-content: start;
    padding: 0 0 10px;
    border: 1px solid var(--rule);
    border-left: 5px solid var(--control);
    border-radius: var(--leaf);
    background: var(--panel);
    color: var(--ink);
    text-align: left;
    overflow: hidden;
    cursor: pointer;
  }
  .house[aria-pressed='true'] {
    border-left-color: var(--lacquer);
    background: var(--lacquer-tint);
  }
  .house:focus-visible {
    outline: 3px solid var(--lacquer);
    outline-offset: 2px;
  }
  .sample {
    border-bottom: 1px solid var(--rule);
  }
  .name {
    padding: 9px 12px 0;
    font:
      700 17px/1.2 'Aleo Variable',
      Georgia,
      serif;
  }
  .house[aria-pressed='true'] .name::after {
    content: ' · chosen';
    color: var(--lacquer);
    font:
      500 14px/1.2 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .about {
    padding: 3px 12px 0;
    color: var(--pencil);
    font-size: 14px;
    line-height: 1.35;
  }
</style>
