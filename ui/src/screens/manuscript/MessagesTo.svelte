<script lang="ts">
  import type { ManuscriptState } from './manuscript.svelte';

  /** Where messages from the form go. Acts at once, unlike the words around it. */
  let { manuscript }: { manuscript: ManuscriptState } = $props();

  let typed = $state<string>();
  const kept = $derived((manuscript.view?.messagesTo ?? []).join(', '));

  function keep(): void {
    if (typed === undefined || typed === kept) return;
    const addresses = typed
      .split(/[\s,;]+/)
      .map((address) => address.toLowerCase())
      .filter((address) => address !== '');
    manuscript.edit({ kind: 'sendMessagesTo', addresses });
    void manuscript.keep().then(() => {
      if ((manuscript.view?.messagesTo ?? []).join() === addresses.join()) typed = undefined;
    });
  }
</script>

<div class="to">
  <label for="messages-to">Messages go to</label>
  <input
    id="messages-to"
    class="line"
    type="text"
    inputmode="email"
    autocomplete="email"
    placeholder="a mail address, or several with commas"
    value={typed ?? kept}
    oninput={(event) => (typed = event.currentTarget.value)}
    onchange={keep}
    aria-describedby="messages-to-note"
  />
  <p id="messages-to-note" class="quiet">This acts at once. All messages are kept under Enquiries as well.</p>
</div>

<style>
  .to {
    margin-top: 12px;
  }
  label {
    font-weight: 700;
  }
  .quiet {
    margin-top: 4px;
    font-size: 14px;
  }
</style>
