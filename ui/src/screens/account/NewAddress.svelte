<script lang="ts">
  import { api, problemOf } from '../../api/client';
  import Frame from '../../parts/Frame.svelte';
  import { route } from '../../router';
  import { session } from '../../session.svelte';

  const token = (route.params as { token?: string }).token ?? '';
  let words = $state('Opening the link …');

  void (async () => {
    await api.GET('/api/session');
    const { error, response } = await api.POST('/api/new-addresses/{token}', {
      params: { path: { token } }
    });
    words = response.ok
      ? 'From now on you sign in with your new address.'
      : problemOf(error, response).detail;
    await session.load();
  })();
</script>

<svelte:head><title>Your new address · Ostium</title></svelte:head>

<Frame>
  <h1>Your new address</h1>
  <p class="lead" role="status">{words}</p>
  <p><a class="word" href="/account">Your account</a></p>
</Frame>
