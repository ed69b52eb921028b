<script lang="ts">
  import { untrack } from 'svelte';
  import { route } from '../../router';
  import { SiteState } from '../../site.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import Manuscript from '../manuscript/Manuscript.svelte';
  import Draft from './Draft.svelte';

  /** The page of a site: a draft to be looked at until one is kept, its manuscript from then on. */
  const site = new SiteState();
  const id = $derived((route.params as { id?: string }).id ?? '');

  $effect(() => {
    const asked = id;
    return untrack(() => site.open(asked));
  });
</script>

<SiteGate {site}>
  {#if site.view?.kept}
    {#key site.view.id}<Manuscript {site} />{/key}
  {:else if site.view}
    <Draft {site} kept={() => window.scrollTo(0, 0)} />
  {/if}
</SiteGate>
