<script lang="ts">
  import type { LookState, LookView } from './look.svelte';
  import { say } from '../../words/say';

  /** Pairs of letters, each set in the site's own name and headline. */
  let { look }: { look: LookState } = $props();

  type Type = LookView['types'][number];
  const loaded: Record<string, boolean> = {};

  /** Loads what a pair is shown in, once, and sets the element in it. */
  function set(element: HTMLElement, kind: { type: Type; display: boolean }): void {
    const { type, display } = kind;
    const family = `look ${display ? type.display : type.text}`;
    const file = type.files[display ? 0 : 1] ?? type.files[0]!;
    if (!loaded[family]) {
      loaded[family] = true;
      const face = new FontFace(family, `url(/letters/${file}-latin.woff2)`, { weight: '100 900' });
      document.fonts.add(face);
      void face.load().catch(() => document.fonts.delete(face));
    }
    element.style.fontFamily = `"${family}", system-ui`;
    element.style.fontWeight = display ? String(type.weight) : '400';
  }
</script>

<div class="letters" role="group" aria-label={say('look.letters.letters')}>
  {#each look.view?.types ?? [] as type (type.id)}
    <button
      type="button"
      aria-pressed={type.chosen}
      onclick={() => look.change('type', type.id, say('look.letters.setIn', { name: type.name }))}
    >
      <span class="display" use:set={{ type, display: true }} dir="auto">{look.view?.name}</span>
      <span class="text" use:set={{ type, display: false }} dir="auto">{look.view?.headline}</span>
      <span class="name">{type.name}</span>
    </button>
  {/each}
</div>

<style>
  .letters {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(46%, 200px), 1fr));
    gap: 12px;
    margin-top: 10px;
  }
  button {
    display: grid;
    gap: 4px;
    align-content: start;
    padding: 14px 16px 10px;
    border: 1px solid var(--rule);
    border-radius: var(--leaf-small);
    background: var(--panel);
    color: var(--ink);
    text-align: left;
    cursor: pointer;
  }
  button[aria-pressed='true'] {
    border-color: var(--lacquer);
    box-shadow: 0 0 0 1px var(--lacquer);
  }
  .display {
    font-size: 24px;
    line-height: 1.1;
    overflow-wrap: anywhere;
  }
  .text {
    display: -webkit-box;
    overflow: hidden;
    font-size: 15px;
    line-height: 1.35;
    -webkit-line-clamp: 2;
    line-clamp: 2;
    -webkit-box-orient: vertical;
  }
  .name {
    margin-top: 4px;
    color: var(--pencil);
    font-size: 14px;
  }
  @media print {
    button:not([aria-pressed='true']) {
      display: none;
    }
  }
</style>
