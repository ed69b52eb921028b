<script lang="ts">
  import type { SiteState } from '../site.svelte';
  import { say } from '../words/say';

  /** What is not public yet, and the way to make it public. */
  let { site, changes }: { site: SiteState; changes?: number } = $props();

  const view = $derived(site.view);
  const waiting = $derived(changes ?? view?.pendingChanges ?? 0);
  const standing = $derived(
    !view
      ? ''
      : !view.publicAddress
        ? say('parts.publishAct.notPublicYet')
        : waiting === 0
          ? say('parts.publishAct.publicAsItStands')
          : say('parts.publishAct.oneChangeNotPublicYet', { count: waiting })
  );
</script>

<span class="quiet standing" class:waits={!view?.publicAddress || waiting > 0}>{standing}</span>
{#if view?.publicAddress}<a class="word live" href={view.publicAddress} target="_blank" rel="noopener"
    >{say('parts.publishAct.openIt')}</a
  >{/if}
{#if view}<a class="act main" href="/sites/{view.id}/publish">{say('parts.publishAct.publish')}</a>{/if}

<style>
  .standing {
    margin-top: 0;
  }
  .standing.waits {
    color: var(--brass);
    font-weight: 700;
  }
  @media (max-width: 720px) {
    .standing,
    .live {
      display: none;
    }
  }
</style>
