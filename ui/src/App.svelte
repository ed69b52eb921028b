<script lang="ts">
  import { Router } from 'sv-router';
  import './router';
  import Notices from './parts/Notices.svelte';
  import { session } from './session.svelte';

  void session.load();
</script>

<Router />
<Notices />
