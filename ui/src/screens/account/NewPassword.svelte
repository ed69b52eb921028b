<script lang="ts">
  import { api } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import { route } from '../../router';
  import Form from './Form.svelte';

  const token = $derived((route.params as { token?: string }).token ?? '');
</script>

<svelte:head><title>A new password · Ostium</title></svelte:head>

<Frame>
  <div class="one">
    <Form
      title="Choose a new password"
      level={1}
      act="Take this one"
      done="Taken. You can sign in with it now."
      fields={[
        {
          key: 'password',
          label: 'The new password',
          type: 'password',
          autocomplete: 'new-password',
          hint: 'At least 8 characters.'
        }
      ]}
      send={(values) =>
        api.POST('/api/password-resets/{token}', {
          params: { path: { token } },
          body: { password: values['password'] ?? '' }
        })}
    />
    <p>
      <a class="word" href="/sign-in">Sign in</a> <a class="word" href="/forgotten">Ask for a new link</a>
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
