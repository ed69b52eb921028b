<script lang="ts">
  import { onMount } from 'svelte';
  import { Router } from 'sv-router';
  import { loadAhead } from './router';
  import Notices from './parts/Notices.svelte';
  import { SIGNED_OUT } from './api/client';
  import { anythingWaits, signedOut, tryAgain } from './keeping/outboxes';
  import { session } from './session.svelte';

  void session.load();
  setTimeout(() => void loadAhead(), 1500);

  onMount(() => {
    addEventListener(SIGNED_OUT, signedOut);
    return () => removeEventListener(SIGNED_OUT, signedOut);
  });

  function leaving(event: BeforeUnloadEvent): void {
    if (anythingWaits()) event.preventDefault();
  }
</script>

<svelte:window onbeforeunload={leaving} ononline={tryAgain} />

<Router />
<Notices />
