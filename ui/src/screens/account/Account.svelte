<script lang="ts">
  import { api } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import { navigate } from '../../router';
  import { NOBODY, session } from '../../session.svelte';
  import ConfirmAddress from '../../parts/ConfirmAddress.svelte';
  import Form from './Form.svelte';
  import { say } from '../../words/say';

  const current = {
    key: 'current',
    label: say('account.account.yourPasswordNow'),
    type: 'password',
    autocomplete: 'current-password'
  };

  async function remove(values: Record<string, string>) {
    const answer = await api.POST('/api/account/deletion', { body: { current: values['current'] ?? '' } });
    if (answer.response.ok) {
      session.set(NOBODY);
      navigate('/');
    }
    return answer;
  }
</script>

<svelte:head><title>{say('account.account.yourAccountOstium')}</title></svelte:head>

<Frame>
  <h1>{say('account.account.yourAccount')}</h1>
  {#if session.isIn}
    <p class="lead">
      {say('account.account.signingInWith', { name: session.current.name, email: session.current.email })}
    </p>
    <ConfirmAddress />
    <div class="forms">
      <Form
        title={say('account.account.anotherPassword')}
        act={say('account.account.changeThePassword')}
        done={say('account.account.changedEveryOtherPlaceYou')}
        fields={[
          current,
          {
            key: 'password',
            label: say('account.account.theNewPassword'),
            type: 'password',
            autocomplete: 'new-password',
            hint: say('account.account.atLeast8Characters')
          }
        ]}
        send={(values) =>
          api.PUT('/api/account/password', {
            body: { current: values['current'] ?? '', password: values['password'] ?? '' }
          })}
      />
      <Form
        title={say('account.account.anotherAddress')}
        act={say('account.account.sendALinkThere')}
        done={say('account.account.sentOpenTheLinkIn')}
        fields={[
          {
            key: 'email',
            label: say('account.account.theNewMailAddress'),
            type: 'email',
            autocomplete: 'email'
          },
          current
        ]}
        send={(values) =>
          api.PUT('/api/account/email', {
            body: { current: values['current'] ?? '', email: values['email'] ?? '' }
          })}
      />
      <Form
        title={say('account.account.deleteTheAccount')}
        act={say('account.account.deleteItWithAllIts')}
        done=""
        fields={[current]}
        send={remove}
      >
        <p class="quiet">
          {say('account.account.yourSitesGoOffThe')}
        </p>
      </Form>
    </div>
  {:else if session.known}
    <p class="lead">{say('account.account.youAreNotSignedIn')}</p>
    <p><a class="act main" href="/sign-in">{say('account.account.signIn')}</a></p>
  {/if}
</Frame>

<style>
  .lead {
    margin: 8px 0 20px;
  }
  .forms {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
    gap: 20px;
    align-items: start;
  }
</style>
