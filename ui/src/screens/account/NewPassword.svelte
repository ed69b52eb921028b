<script lang="ts">
  import { api } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import { route } from '../../router';
  import Form from './Form.svelte';
  import { say } from '../../words/say';

  const token = $derived((route.params as { token?: string }).token ?? '');
</script>

<svelte:head><title>{say('account.newPassword.aNewPasswordOstium')}</title></svelte:head>

<Frame>
  <div class="one">
    <Form
      title={say('account.newPassword.chooseANewPassword')}
      level={1}
      act={say('account.newPassword.takeThisOne')}
      done={say('account.newPassword.takenYouCanSignIn')}
      fields={[
        {
          key: 'password',
          label: say('account.newPassword.theNewPassword'),
          type: 'password',
          autocomplete: 'new-password',
          hint: say('account.newPassword.atLeast8Characters')
        }
      ]}
      send={(values) =>
        api.POST('/api/password-resets/{token}', {
          params: { path: { token } },
          body: { password: values['password'] ?? '' }
        })}
    />
    <p>
      <a class="word" href="/sign-in">{say('account.newPassword.signIn')}</a>
      <a class="word" href="/forgotten">{say('account.newPassword.askForANewLink')}</a>
    </p>
  </div>
</Frame>

<style>
  .one {
    max-width: 460px;
    margin: 24px auto;
  }
  p {
    display: flex;
    gap: 20px;
  }
</style>
