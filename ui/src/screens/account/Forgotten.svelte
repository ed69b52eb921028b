<script lang="ts">
  import { api } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import Form from './Form.svelte';
  import { say } from '../../words/say';
</script>

<svelte:head><title>{say('account.forgotten.aNewPasswordOstium')}</title></svelte:head>

<Frame>
  <div class="one">
    <Form
      title={say('account.forgotten.aNewPassword')}
      level={1}
      act={say('account.forgotten.sendMeALink')}
      done={say('account.forgotten.ifThereIsAnAccount')}
      fields={[
        {
          key: 'email',
          label: say('account.forgotten.eMailYouSignIn'),
          type: 'email',
          autocomplete: 'username'
        }
      ]}
      send={(values) => api.POST('/api/password-resets', { body: { email: values['email'] ?? '' } })}
    >
      <p class="quiet">{say('account.forgotten.weSendYouALink')}</p>
    </Form>
  </div>
</Frame>

<style>
  .one {
    max-width: 460px;
    margin: 24px auto;
  }
</style>
