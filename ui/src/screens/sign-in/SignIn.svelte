<script lang="ts">
  import { api, problemOf } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import { navigate } from '../../router';
  import { session } from '../../session.svelte';

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
        const { data: sites } = await api.GET('/api/sites');
        const only = sites?.length === 1 ? sites[0] : undefined;
        if (only) navigate('/sites/:id/enquiries', { params: { id: only.id } });
        else navigate('/sites');
      } else {
        fault = problemOf(error, response).detail;
      }
    } catch {
      fault = 'The connection is away. Try again in a moment.';
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>Sign in · Ostium</title></svelte:head>

{#snippet begin()}<a class="act" href="/">Start a new site</a>{/snippet}

<Frame act={begin}>
  <form class="leaf chosen" onsubmit={enter} novalidate>
    <h1>Sign in</h1>
    <p class="quiet">To your sites and the messages that wait there.</p>
    <label for="email">E-mail</label>
    <input id="email" class="line" type="email" autocomplete="username" bind:value={email} />
    <label for="password">Password</label>
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
    <button class="act main" type="submit" disabled={busy}>Sign in</button>
    <p><a class="word" href="/forgotten">I have forgotten my password</a></p>
  </form>
</Frame>

<style>
  form {
    display: grid;
    gap: 8px;
    max-width: 460px;
    margin: 24px auto;
    padding: 28px 32px 32px;
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
  .act {
    justify-self: start;
  }
</style>
