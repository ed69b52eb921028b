<script lang="ts">
  import { api, type SiteLine } from '../../api/client';
  import { say } from '../../words/say';

  /** Sites begun in this browser before: nothing is lost by starting at the front page again. */
  let earlier = $state<SiteLine[]>([]);

  void api.GET('/api/sites').then(({ data }) => (earlier = data ?? []));
</script>

{#if earlier.length > 0}
  <p class="earlier">
    {say('opening.earlierSites.youHaveBegunBefore')}
    {#each earlier.slice(0, 3) as site (site.id)}<a class="word" href="/sites/{site.id}" dir="auto"
        >{site.name}</a
      >{/each}
  </p>
{/if}

<style>
  .earlier {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 16px;
    margin-bottom: 10px;
    color: var(--brass-ink);
  }
</style>
