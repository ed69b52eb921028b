<script lang="ts">
  import { Router } from 'sv-router';
  import { loadAhead } from './router';
  import Notices from './parts/Notices.svelte';
  import { anythingWaits, tryAgain } from './keeping/outbox.svelte';
  import { session } from './session.svelte';

  void session.load();
  setTimeout(() => void loadAhead(), 1500);

  function leaving(event: BeforeUnloadEvent): void {
    if (anythingWaits()) event.preventDefault();
  }
</script>

<svelte:window onbeforeunload={leaving} ononline={tryAgain} />

<Router />
<Notices />
