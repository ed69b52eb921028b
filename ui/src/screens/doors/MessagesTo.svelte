<script lang="ts">
  import { mailAddresses } from '../../parts/mailAddresses';

  /** Where messages go. Acts at once. */
  let { addresses, keep }: { addresses: string; keep: (addresses: string[]) => Promise<void> } = $props();

  let typed = $state<string>();

  async function changed(): Promise<void> {
    if (typed === undefined || typed === addresses) return;
    const all = mailAddresses(typed);
    await keep(all);
    if (addresses === all.join(', ')) typed = undefined;
  }
</script>

<h3><label for="messages-go-to">Messages go to</label></h3>
<input
  id="messages-go-to"
  class="line"
  type="text"
  inputmode="email"
  autocomplete="email"
  placeholder="a mail address, or several with commas"
  value={typed ?? addresses}
  oninput={(event) => (typed = event.currentTarget.value)}
  onchange={changed}
/>

<style>
  h3 {
    margin-bottom: 4px;
    font-size: 17px;
  }
</style>
