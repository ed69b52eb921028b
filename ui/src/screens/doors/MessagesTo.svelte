<script lang="ts">
  import WaitingRecipients from '../../parts/WaitingRecipients.svelte';
  import { mailAddresses } from '../../parts/mailAddresses';
  import { say } from '../../words/say';

  /** Where messages go. Acts at once. */
  let {
    site,
    addresses,
    keep
  }: { site: string; addresses: string; keep: (addresses: string[]) => Promise<void> } = $props();

  let typed = $state<string>();

  async function changed(): Promise<void> {
    if (typed === undefined || typed === addresses) return;
    const all = mailAddresses(typed);
    await keep(all);
    if (addresses === all.join(', ')) typed = undefined;
  }
</script>

<h3><label for="messages-go-to">{say('doors.messagesTo.messagesGoTo')}</label></h3>
<input
  id="messages-go-to"
  class="line"
  type="text"
  inputmode="email"
  autocomplete="email"
  placeholder={say('doors.messagesTo.aMailAddressOrSeveral')}
  value={typed ?? addresses}
  oninput={(event) => (typed = event.currentTarget.value)}
  onchange={changed}
/>
<WaitingRecipients {site} {addresses} />

<style>
  h3 {
    margin-bottom: 4px;
    font-size: 17px;
  }
</style>
