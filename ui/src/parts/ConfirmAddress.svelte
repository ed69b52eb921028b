<script lang="ts">
  import { api, problemOf } from '../api/client';
  import { session } from '../session.svelte';
  import { say } from '../words/say';

  /** Asks whoever is signed in to show that their address is theirs; is nothing once they have. */
  let said = $state('');
  let busy = $state(false);
  let asked = $state(false);

  const asks = $derived(session.isIn && !session.current.confirmed);

  $effect(() => {
    if (asks) asked = true;
  });

  /** The link was opened in another window, most likely. */
  function look(): void {
    if (asks && document.visibilityState === 'visible') void session.load();
  }

  async function again(): Promise<void> {
    if (busy) return;
    busy = true;
    try {
      const { error, response } = await api.POST('/api/account/confirmation');
      said = response.ok ? say('parts.confirmAddress.sentAgain') : problemOf(error, response).detail;
    } finally {
      busy = false;
    }
  }
</script>

<svelte:window onfocus={look} />
<svelte:document onvisibilitychange={look} />

{#if asks}
  <section class="leaf waits" aria-labelledby="confirm-head">
    <h2 id="confirm-head">{say('parts.confirmAddress.isItYours')}</h2>
    <p>{say('parts.confirmAddress.weSentALink', { email: session.current.email })}</p>
    <button class="word" type="button" disabled={busy} onclick={again}
      >{busy ? say('parts.confirmAddress.sending') : say('parts.confirmAddress.sendItAgain')}</button
    >
    <p class="quiet" role="status">{said}</p>
  </section>
{:else if asked && session.isIn}
  <p class="leaf is-open" role="status">
    {say('parts.confirmAddress.isConfirmed', { email: session.current.email })}
  </p>
{/if}

<style>
  .leaf {
    max-width: 760px;
    margin-bottom: 20px;
    padding: 14px 20px;
    overflow-wrap: anywhere;
  }
  .quiet:empty {
    display: none;
  }
</style>
