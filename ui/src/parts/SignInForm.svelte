<script lang="ts">
  import type { Snippet } from 'svelte';
  import { api, problemOf } from '../api/client';
  import { session } from '../session.svelte';
  import { say } from '../words/say';

  /** Address and password, wherever somebody signs in. */
  let { done, leave }: { done: () => void | Promise<void>; leave?: Snippet } = $props();

  let email = $state('');
  let password = $state('');
  let fault = $state('');
  let busy = $state(false);

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    busy = true;
    fault = '';
    try {
      const { data, error, response } = await api.POST('/api/session', { body: { email, password } });
      if (data) {
        session.set(data);
        await done();
      } else {
        fault = problemOf(error, response).detail;
        document.getElementById('password')?.focus();
      }
    } finally {
      busy = false;
    }
  }
</script>

<form onsubmit={enter} novalidate>
  <label for="email">{say('parts.signInForm.eMail')}</label>
  <input id="email" class="line" type="email" autocomplete="username" bind:value={email} />
  <label for="password">{say('parts.signInForm.password')}</label>
  <input
    id="password"
    class="line"
    type="password"
    autocomplete="current-password"
    bind:value={password}
    aria-invalid={fault ? 'true' : undefined}
    aria-describedby="fault"
  />
  <p id="fault" class="fault" role="alert">{fault}</p>
  <div class="foot">
    <button class="act main" type="submit" disabled={busy}
      >{busy ? say('parts.signInForm.signingIn') : say('parts.signInForm.signIn')}</button
    >
    {@render leave?.()}
  </div>
  <p><a class="word" href="/forgotten">{say('parts.signInForm.iHaveForgottenMyPassword')}</a></p>
</form>

<style>
  form {
    display: grid;
    gap: 8px;
  }
  label {
    margin-top: 12px;
    font-weight: 700;
  }
  .fault {
    min-height: 24px;
    color: var(--madder);
    font-size: 15px;
  }
  .foot {
    display: flex;
    gap: 14px;
  }
</style>
