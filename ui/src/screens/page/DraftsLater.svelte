<script lang="ts">
  import { untrack } from 'svelte';
  import { navigate, route } from '../../router';
  import { SiteState } from '../../site.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import Draft from './Draft.svelte';

  /** The drafts table of a site that has a draft already: another one can take its place. */
  const site = new SiteState();
  const id = $derived((route.params as { id?: string }).id ?? '');

  $effect(() => {
    const asked = id;
    return untrack(() => site.open(asked));
  });
</script>

<SiteGate {site}>
  {#if site.view}
    <Draft {site} kept={() => navigate('/sites/:id/page', { params: { id } })} />
  {/if}
</SiteGate>
