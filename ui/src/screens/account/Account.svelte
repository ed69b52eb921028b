<script lang="ts">
  import { api } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import { navigate } from '../../router';
  import { session } from '../../session.svelte';
  import Form from './Form.svelte';

  const current = {
    key: 'current',
    label: 'Your password now',
    type: 'password',
    autocomplete: 'current-password'
  };

  async function remove(values: Record<string, string>) {
    const answer = await api.POST('/api/account/deletion', { body: { current: values['current'] ?? '' } });
    if (answer.response.ok) {
      session.set({ name: null, email: null });
      navigate('/');
    }
    return answer;
  }
</script>

<svelte:head><title>Your account · Ostium</title></svelte:head>

<Frame>
  <h1>Your account</h1>
  {#if session.isIn}
    <p class="lead">{session.current.name}, signing in with {session.current.email}.</p>
    <div class="forms">
      <Form
        title="Another password"
        act="Change the password"
        done="Changed. Every other place you were signed in has to sign in again."
        fields={[
          current,
          {
            key: 'password',
            label: 'The new password',
            type: 'password',
            autocomplete: 'new-password',
            hint: 'At least 8 characters.'
          }
        ]}
        send={(values) =>
          api.PUT('/api/account/password', {
            body: { current: values['current'] ?? '', password: values['password'] ?? '' }
          })}
      />
      <Form
        title="Another address"
        act="Send a link there"
        done="Sent. Open the link in that mail, and you sign in with the new address."
        fields={[
          { key: 'email', label: 'The new mail address', type: 'email', autocomplete: 'email' },
          current
        ]}
        send={(values) =>
          api.PUT('/api/account/email', {
            body: { current: values['current'] ?? '', email: values['email'] ?? '' }
          })}
      />
      <Form
        title="Delete the account"
        act="Delete it with all its sites"
        done=""
        fields={[current]}
        send={remove}
      >
        <p class="quiet">
          Your sites go off the web, and they, their messages and all versions are deleted. This cannot be
          undone. A site you want to live on can be handed over first.
        </p>
      </Form>
    </div>
  {:else if session.known}
    <p class="lead">You are not signed in.</p>
    <p><a class="act main" href="/sign-in">Sign in</a></p>
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
