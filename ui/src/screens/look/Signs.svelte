<script lang="ts">
  import { untrack } from 'svelte';
  import { api } from '../../api/client';
  import type { components } from '../../api/schema';
  import type { LookState } from './look.svelte';
  import { png } from './png';
  import { say } from '../../words/say';

  /** Signs for a business without a logo, set from its name, its letters and its trade: to be taken, or as files. */
  let { look }: { look: LookState } = $props();

  let signs = $state.raw<components['schemas']['SignView'][]>([]);

  $effect(() => {
    if (look.view?.revision !== undefined) untrack(() => void load());
  });

  async function load(): Promise<void> {
    const { data } = await api.GET('/api/sites/{id}/signs', { params: { path: { id: look.id } } });
    if (data) signs = data;
  }

  async function asPng(sign: string, drawing: string): Promise<void> {
    const link = document.createElement('a');
    link.href = await png(drawing, 1024);
    link.download = `${sign}.png`;
    link.click();
    URL.revokeObjectURL(link.href);
  }
</script>

<p class="quiet">
  {look.view?.pictures.includes('logo')
    ? say('look.signs.yourLogoStandsAtThe')
    : say('look.signs.noLogoYetOneOf')}
</p>
<ul>
  {#each signs as sign (sign.id)}
    <li>
      <span class="ground"><img src={sign.drawing} alt={sign.words} /></span>
      <span class="words">{sign.words}</span>
      <span class="acts">
        <button class="word" type="button" disabled={look.busy} onclick={() => look.takeSign(sign.id)}
          >{say('look.signs.takeIt')}<span class="hidden-words">: {sign.words}</span></button
        >
        <a class="word" href={sign.drawing} download={`${sign.id}.svg`}
          >SVG<span class="hidden-words"> {say('look.signs.of', { words: sign.words })}</span></a
        >
        <button class="word" type="button" onclick={() => asPng(sign.id, sign.drawing)}
          >PNG<span class="hidden-words"> {say('look.signs.of', { words: sign.words })}</span></button
        >
      </span>
    </li>
  {/each}
</ul>

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(46%, 200px), 1fr));
    gap: 14px;
    margin: 10px 0 0;
    padding: 0;
    list-style: none;
  }
  .ground {
    display: grid;
    place-items: center;
    height: 130px;
    padding: 16px;
    border: 1px solid var(--rule);
    border-radius: var(--leaf-small);
    background: #fff;
  }
  img {
    max-width: 100%;
    max-height: 98px;
  }
  .words {
    display: block;
    margin-top: 6px;
    font-size: 15px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
  }
  @media print {
    p,
    .acts {
      display: none;
    }
  }
</style>
