<script lang="ts">
  import type { components } from '../../api/schema';

  /** What is not public yet, by section: what stands there now, and what will. */
  let { changes }: { changes: components['schemas']['Change'][] } = $props();

  const places = $derived([...new Set(changes.map((change) => change.where))]);
</script>

<section class="leaf waits" aria-label="Not public yet">
  {#each places as place (place)}
    <h2>{place}</h2>
    <ul>
      {#each changes.filter((change) => change.where === place) as change, index (index)}
        <li>
          <b>{change.words}</b>
          {#if change.before || change.after}
            <span class="pair">
              <span class="before" dir="auto"
                ><span class="hidden-words">Before: </span>{change.before || 'nothing'}</span
              >
              <span class="after" dir="auto"
                ><span class="hidden-words">After: </span>{change.after || 'nothing'}</span
              >
            </span>
          {/if}
        </li>
      {/each}
    </ul>
  {/each}
</section>

<style>
  section {
    padding: 14px 22px;
  }
  h2 {
    margin-top: 10px;
  }
  h2:first-child {
    margin-top: 0;
  }
  ul {
    margin: 4px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 8px 0;
    border-top: 1px solid var(--fine-rule);
  }
  b {
    display: block;
  }
  .pair {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 18px;
    margin-top: 2px;
    white-space: pre-line;
    overflow-wrap: anywhere;
  }
  .before {
    color: var(--pencil);
  }
  .after {
    padding-left: 12px;
    border-left: 3px solid var(--verdigris);
  }
  @media (max-width: 720px) {
    .pair {
      grid-template-columns: minmax(0, 1fr);
      gap: 6px;
    }
  }
</style>
