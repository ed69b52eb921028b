<script lang="ts">
  import { api } from '../../api/client';
  import type { LookState } from './look.svelte';
  import { say } from '../../words/say';

  /** The scenes of the picture drawer, found by word; a photograph of the owner's takes their place. */
  let { look }: { look: LookState } = $props();

  let words = $state('');
  let found = $state<string[] | null>(null);
  const shown = $derived(
    (look.view?.scenes ?? []).filter((scene) => found === null || found.includes(scene.id))
  );

  async function find(): Promise<void> {
    const { data } = await api.GET('/api/scenes', { params: { query: { words } } });
    if (data) found = words.trim() ? data.map((scene) => scene.id) : null;
  }
</script>

{#if look.view?.pictures.includes('opening')}
  <p class="quiet">{say('look.scenes.yourPhotographStandsWhereA')}</p>
{/if}
<label class="find" for="scene-words">
  {say('look.scenes.lookFor')}
  <input
    id="scene-words"
    class="input"
    type="search"
    bind:value={words}
    oninput={find}
    placeholder={say('look.scenes.gardenToolsBoat')}
    maxlength="60"
  />
</label>
<div class="scenes" role="group" aria-label={say('look.scenes.scenes')}>
  {#each shown as scene (scene.id)}
    <button
      type="button"
      aria-pressed={scene.chosen}
      onclick={() => look.change('scene', scene.id, `${scene.words}.`)}>{scene.words}</button
    >
  {:else}
    <p class="quiet" role="status">
      {say('look.scenes.nothingOfThatInThe')}
    </p>
  {/each}
</div>

<style>
  .find {
    display: flex;
    gap: 10px;
    align-items: center;
    max-width: 340px;
    margin-top: 8px;
    font-size: 15px;
    white-space: nowrap;
  }
  .scenes {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 10px;
  }
  button {
    min-height: 40px;
    padding: 4px 14px 5px;
    border: 1px solid var(--control);
    border-radius: var(--leaf-small);
    background: var(--panel);
    color: var(--ink);
    font-size: 15px;
    cursor: pointer;
  }
  button[aria-pressed='true'] {
    border-color: var(--lacquer);
    background: var(--lacquer-tint);
    font-weight: 700;
  }
</style>
