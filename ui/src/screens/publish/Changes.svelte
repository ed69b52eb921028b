<script lang="ts">
  import type { components } from '../../api/schema';
  import { say } from '../../words/say';

  /** What is not public yet, place by place: what stands there now, and what will. */
  let { changes }: { changes: components['schemas']['Change'][] } = $props();

  const places = $derived([...new Set(changes.map((change) => change.where))]);
</script>

{#each places as place (place)}
  <section class="leaf waits" aria-label={say('publish.changes.notPublicYet', { place })}>
    <h2>{place}</h2>
    <ul>
      {#each changes.filter((change) => change.where === place) as change, index (index)}
        <li>
          <b>{change.words}</b>
          {#if change.before || change.after}
            <span class="pair">
              <span class="before" dir="auto"
                ><span class="hidden-words">{say('publish.changes.before')} </span>{change.before ||
                  say('publish.changes.nothing')}</span
              >
              <span class="after" dir="auto"
                ><span class="hidden-words">{say('publish.changes.after')} </span>{change.after ||
                  say('publish.changes.nothing')}</span
              >
            </span>
          {/if}
        </li>
      {/each}
    </ul>
  </section>
{/each}

<style>
  section {
    padding: 12px 20px 8px;
  }
  ul {
    margin: 6px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 8px 0;
    border-top: 1px solid var(--fine-rule);
  }
  b {
    display: block;
    font-size: 15px;
  }
  .pair {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 18px;
    margin-top: 4px;
    white-space: pre-line;
    overflow-wrap: anywhere;
  }
  .before {
    padding: 6px 12px;
    border: 1px solid var(--rule);
    color: var(--pencil);
  }
  .after {
    padding: 6px 12px;
    border: 1px solid var(--verdigris);
    border-left: 4px solid var(--verdigris);
  }
  @media (max-width: 720px) {
    .pair {
      grid-template-columns: minmax(0, 1fr);
      gap: 6px;
    }
  }
</style>
