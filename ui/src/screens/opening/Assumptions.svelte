<script lang="ts">
  import type { SiteState } from '../../site.svelte';

  /** What is taken from the trade until the owner says otherwise. */
  let { site }: { site: SiteState } = $props();

  function turn(key: string): void {
    const denied = site.sheet.denied;
    site.sheet.denied = denied.includes(key) ? denied.filter((each) => each !== key) : [...denied, key];
    site.changed();
  }
</script>

<section class="leaf waits assumed">
  <h2>Assumed from your trade</h2>
  <ul>
    {#each site.view?.trade.assumptions ?? [] as assumption (assumption.key)}
      <li>
        <span class:denied={assumption.denied}>{assumption.words}</span>
        <button
          class="word"
          type="button"
          aria-pressed={assumption.denied}
          onclick={() => turn(assumption.key)}
        >
          {assumption.denied ? 'It is so' : 'Not so'}<span class="hidden-words">: {assumption.words}</span>
        </button>
      </li>
    {/each}
  </ul>
</section>

<style>
  .assumed {
    padding: 12px 18px 4px;
  }
  h2 {
    font-size: 16px;
  }
  ul {
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
    min-height: 40px;
    border-top: 1px solid var(--fine-rule);
    font-size: 15px;
  }
  .denied {
    color: var(--pencil);
    text-decoration: line-through;
  }
</style>
