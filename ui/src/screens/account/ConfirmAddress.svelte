<script lang="ts">
  import { tick } from 'svelte';
  import { api, problemOf } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import { route } from '../../router';
  import { session } from '../../session.svelte';
  import { say } from '../../words/say';

  /** The link of the mail a newcomer gets; good for whoever is signed in with the account it was sent to. */
  const token = (route.params as { token?: string }).token ?? '';
  const UNAUTHORIZED = 401;
  let words = $state(say('account.confirmAddress.openingTheLink'));
  let asks = $state(false);

  async function open(): Promise<void> {
    const { error, response } = await api.POST('/api/confirmed-addresses/{token}', {
      params: { path: { token } }
    });
    asks = response.status === UNAUTHORIZED;
    words = response.ok
      ? say('account.confirmAddress.itIsYours')
      : asks
        ? say('account.confirmAddress.signIn')
        : problemOf(error, response).detail;
    await session.load();
  }

  async function signedIn(): Promise<void> {
    await open();
    await tick();
    document.getElementById('sites')?.focus();
  }

  void (async () => {
    await api.GET('/api/session');
    await open();
  })();
</script>

<svelte:head><title>{say('account.confirmAddress.yourAddressOstium')}</title></svelte:head>

<Frame>
  <h1>{say('account.confirmAddress.yourAddress')}</h1>
  <p class="lead" role="status">{words}</p>
  {#if asks}
    <div class="leaf">
      <SignInForm done={signedIn} />
    </div>
  {:else}
    <p><a class="word" id="sites" href="/sites">{say('account.confirmAddress.yourSites')}</a></p>
  {/if}
</Frame>

<style>
  .leaf {
    max-width: 460px;
    margin-top: 16px;
    padding: 20px 24px;
  }
</style>
