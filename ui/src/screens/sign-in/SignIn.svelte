<script lang="ts">
  import { api } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import { navigate } from '../../router';
  import { say } from '../../words/say';

  /** To the messages of the one site, or to all of them. */
  async function enter(): Promise<void> {
    const { data: sites } = await api.GET('/api/sites');
    const only = sites?.length === 1 ? sites[0] : undefined;
    if (!only) navigate('/sites');
    else if (only.publicAddress) navigate('/sites/:id/enquiries', { params: { id: only.id } });
    else navigate('/sites/:id', { params: { id: only.id } });
  }
</script>

<svelte:head><title>{say('signIn.signIn.signInOstium')}</title></svelte:head>

{#snippet begin()}<a class="act" href="/">{say('signIn.signIn.startANewSite')}</a>{/snippet}

<Frame act={begin}>
  <div class="leaf chosen door">
    <h1>{say('signIn.signIn.signIn')}</h1>
    <p class="quiet">{say('signIn.signIn.toYourSitesAndThe')}</p>
    <SignInForm done={enter} />
  </div>
</Frame>

<style>
  .door {
    max-width: 460px;
    margin: 24px auto;
    padding: 28px 32px 32px;
  }
</style>
