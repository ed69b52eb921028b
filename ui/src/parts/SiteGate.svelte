<script lang="ts">
  import type { Snippet } from 'svelte';
  import { tryAgain } from '../keeping/outboxes';
  import Lost from '../screens/Lost.svelte';
  import type { SiteState } from '../site.svelte';
  import Frame from './Frame.svelte';
  import SignInForm from './SignInForm.svelte';
  import { say } from '../words/say';

  /** Shows a screen of a site once the site is here; before that, what is in the way and what to do. */
  let { site, children }: { site: SiteState; children: Snippet } = $props();

  async function again(): Promise<void> {
    await site.load(site.id);
    tryAgain();
  }
</script>

{#if site.openness === 'missing'}
  <Lost />
{:else if site.openness === 'signedOut'}
  <Frame>
    <div class="leaf chosen door">
      <h1>{say('parts.siteGate.youAreSignedOut')}</h1>
      <p class="quiet">{say('parts.siteGate.signInAndYouAre')}</p>
      <SignInForm done={again} />
    </div>
  </Frame>
{:else if site.openness === 'away'}
  <Frame>
    <p class="wait" role="status">{say('parts.siteGate.theConnectionIsAwayThis')}</p>
  </Frame>
{:else if site.openness === 'opening'}
  <Frame><p class="wait quiet" role="status">{say('parts.siteGate.opening')}</p></Frame>
{:else}
  {@render children()}
{/if}

<style>
  .door {
    max-width: 460px;
    margin: 24px auto;
    padding: 28px 32px 32px;
  }
  .wait {
    margin-top: 40px;
    text-align: center;
  }
</style>
