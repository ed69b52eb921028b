<script lang="ts">
  import type { Snippet } from 'svelte';
  import { tryAgain } from '../keeping/outbox.svelte';
  import Lost from '../screens/Lost.svelte';
  import type { SiteState } from '../site.svelte';
  import Frame from './Frame.svelte';
  import SignInForm from './SignInForm.svelte';

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
      <h1>You are signed out</h1>
      <p class="quiet">Sign in, and you are where you were.</p>
      <SignInForm done={again} />
    </div>
  </Frame>
{:else if site.openness === 'away'}
  <Frame>
    <p class="wait" role="status">The connection is away. This screen opens by itself once it is back.</p>
  </Frame>
{:else if site.openness === 'opening'}
  <Frame><p class="wait quiet" role="status">Opening …</p></Frame>
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
