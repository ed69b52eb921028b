<script lang="ts">
  import { api, problemOf, type Problem } from '../../api/client';
  import type { components } from '../../api/schema';
  import Frame from '../../parts/Frame.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import { navigate, route } from '../../router';
  import { session } from '../../session.svelte';
  import SignUpFields from '../sign-in/SignUpFields.svelte';

  /** Somebody was asked by mail to help with a site, or to take it over. */
  const token = (route.params as { token?: string }).token ?? '';
  let invitation = $state<components['schemas']['InvitationView'] | null>(null);
  let words = $state('');
  let busy = $state(false);
  let known = $state(false);
  let account = $state({ name: '', email: '', password: '' });
  const NO_FAULT: Pick<Problem, 'field' | 'detail' | 'faults'> = { field: '', detail: '', faults: {} };
  let fault = $state(NO_FAULT);

  void (async () => {
    const { data, error, response } = await api.GET('/api/invitations/{token}', {
      params: { path: { token } }
    });
    if (data) {
      invitation = data;
      account.email = data.email;
    } else words = problemOf(error, response).detail;
  })();

  async function accept(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    busy = true;
    fault = NO_FAULT;
    try {
      const wrong = await session.signUpIfNobody(account);
      if (wrong) {
        fault = wrong;
        return;
      }
      const { data, error, response } = await api.POST('/api/invitations/{token}', {
        params: { path: { token } }
      });
      if (data) navigate('/sites/:id/page', { params: { id: data.site } });
      else fault = problemOf(error, response);
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>An invitation · Ostium</title></svelte:head>

<Frame>
  {#if invitation && known && !session.isIn}
    <div class="leaf chosen one">
      <h1>Sign in to answer {invitation.from}</h1>
      <p class="quiet">The invitation was sent to {invitation.email}; sign in with that address.</p>
      <SignInForm done={() => document.querySelector<HTMLElement>('form .act')?.focus()}>
        {#snippet leave()}
          <button class="word" type="button" onclick={() => (known = false)}>I have no account yet</button>
        {/snippet}
      </SignInForm>
    </div>
  {:else if invitation}
    <form class="leaf chosen" onsubmit={accept} novalidate>
      {#if invitation.kind === 'HELP'}
        <h1>Help with the site of {invitation.site}</h1>
        <p class="quiet">
          {invitation.from} asks you to. You could change its words and facts, publish it, and answer its messages.
        </p>
      {:else}
        <h1>Take over the site of {invitation.site}</h1>
        <p class="quiet">
          {invitation.from} hands it over to you. It becomes yours, and its messages come to you.
        </p>
      {/if}
      {#if !session.isIn}
        <p class="note">
          <button class="word" type="button" onclick={() => (known = true)}>I have an account</button>
        </p>
        <SignUpFields bind:account faults={fault.faults} />
      {/if}
      {#if fault.detail && !['name', 'email', 'password'].includes(fault.field)}
        <p class="fault" role="alert">{fault.detail}</p>
      {/if}
      <button class="act main" type="submit" disabled={busy}
        >{invitation.kind === 'HELP' ? 'I will help' : 'Take it over'}</button
      >
    </form>
  {:else}
    <h1>An invitation</h1>
    <p class="lead" role="status">{words || 'Opening it …'}</p>
  {/if}
</Frame>

<style>
  .one {
    max-width: 520px;
    margin: 24px auto;
    padding: 26px 30px;
  }
  form {
    display: grid;
    gap: 10px;
    max-width: 520px;
    margin: 24px auto;
    padding: 26px 30px;
  }
  .note {
    display: grid;
  }
  .fault {
    color: var(--madder);
  }
  .act {
    justify-self: start;
    margin-top: 8px;
  }
</style>
