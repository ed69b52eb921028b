<script lang="ts">
  import { api } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import Form from './Form.svelte';
</script>

<svelte:head><title>A new password · Ostium</title></svelte:head>

<Frame>
  <div class="one">
    <Form
      title="A new password"
      level={1}
      act="Send me a link"
      done="If there is an account with this address, a link is on its way to it."
      fields={[{ key: 'email', label: 'E-mail you sign in with', type: 'email', autocomplete: 'username' }]}
      send={(values) => api.POST('/api/password-resets', { body: { email: values['email'] ?? '' } })}
    >
      <p class="quiet">We send you a link, good for two hours, with which you choose a new one.</p>
    </Form>
  </div>
</Frame>

<style>
  .one {
    max-width: 460px;
    margin: 24px auto;
  }
</style>
