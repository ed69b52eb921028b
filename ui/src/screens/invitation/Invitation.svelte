<script lang="ts">
  import { api, problemOf, type Problem } from '../../api/client';
  import type { components } from '../../api/schema';
  import Frame from '../../parts/Frame.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import { navigate, route } from '../../router';
  import { session } from '../../session.svelte';
  import SignUpFields from '../sign-in/SignUpFields.svelte';
  import { say } from '../../words/say';

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

<svelte:head><title>{say('invitation.invitation.anInvitationOstium')}</title></svelte:head>

<Frame>
  {#if invitation && known && !session.isIn}
    <div class="leaf chosen one">
      <h1>{say('invitation.invitation.signInToAnswer', { from: invitation.from })}</h1>
      <p class="quiet">{say('invitation.invitation.theInvitationWasSentTo', { email: invitation.email })}</p>
      <SignInForm done={() => document.querySelector<HTMLElement>('form .act')?.focus()}>
        {#snippet leave()}
          <button class="word" type="button" onclick={() => (known = false)}
            >{say('invitation.invitation.iHaveNoAccountYet')}</button
          >
        {/snippet}
      </SignInForm>
    </div>
  {:else if invitation}
    <form class="leaf chosen" onsubmit={accept} novalidate>
      {#if invitation.kind === 'HELP'}
        <h1>{say('invitation.invitation.helpWithTheSiteOf', { site: invitation.site })}</h1>
        <p class="quiet">
          {say('invitation.invitation.asksYouToYouCould', { from: invitation.from })}
        </p>
      {:else}
        <h1>{say('invitation.invitation.takeOverTheSiteOf', { site: invitation.site })}</h1>
        <p class="quiet">
          {say('invitation.invitation.handsItOverToYou', { from: invitation.from })}
        </p>
      {/if}
      {#if !session.isIn}
        <p class="note">
          <button class="word" type="button" onclick={() => (known = true)}
            >{say('invitation.invitation.iHaveAnAccount')}</button
          >
        </p>
        <SignUpFields bind:account faults={fault.faults} />
      {/if}
      {#if fault.detail && !['name', 'email', 'password'].includes(fault.field)}
        <p class="fault" role="alert">{fault.detail}</p>
      {/if}
      <button class="act main" type="submit" disabled={busy}
        >{invitation.kind === 'HELP'
          ? say('invitation.invitation.iWillHelp')
          : say('invitation.invitation.takeItOver')}</button
      >
    </form>
  {:else}
    <h1>{say('invitation.invitation.anInvitation')}</h1>
    <p class="lead" role="status">{words || say('invitation.invitation.openingIt')}</p>
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
