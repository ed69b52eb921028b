<script lang="ts">
  import FirstScreen from '../../parts/FirstScreen.svelte';
  import { say } from '../../words/say';

  /** The page as people see it now, beside the page that is to come. */
  let { live, coming }: { live: string; coming: string } = $props();
</script>

<section class="leaf pages" aria-label={say('publish.whatPeopleSee.whatPeopleSee')}>
  {#if live}{@render page(live, say('publish.whatPeopleSee.liveNow'), false)}{/if}
  {@render page(
    coming,
    live ? say('publish.whatPeopleSee.afterPublishing') : say('publish.whatPeopleSee.theFirstVersion'),
    true
  )}
</section>

{#snippet page(src: string, words: string, next: boolean)}
  <a href={src} target="_blank" rel="noopener" class:next>
    <b>{words}</b>
    <span class="frame"><FirstScreen {src} height={640} /></span>
  </a>
{/snippet}

<style>
  .pages {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 220px), 1fr));
    gap: 14px 20px;
    padding: 14px 20px 20px;
  }
  a {
    min-width: 0;
    color: var(--pencil);
  }
  a b {
    display: block;
    margin-bottom: 5px;
    font-size: 15px;
  }
  a:hover b {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  .next {
    color: var(--verdigris);
  }
  .frame {
    display: block;
    border: 1px solid var(--control);
  }
  .next .frame {
    border: 2px solid var(--verdigris);
  }
</style>
