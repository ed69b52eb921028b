<script lang="ts">
  import { mailAddresses } from '../../parts/mailAddresses';
  import FormRoutes from './form/FormRoutes.svelte';
  import type { ManuscriptState } from './manuscript.svelte';

  /** Where messages from the form go. Acts at once, unlike the words around it. */
  let { manuscript, section }: { manuscript: ManuscriptState; section: string } = $props();

  let typed = $state<string>();
  const kept = $derived((manuscript.view?.messagesTo ?? []).join(', '));

  function keep(): void {
    if (typed === undefined || typed === kept) return;
    const addresses = mailAddresses(typed);
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
  {#if manuscript.view?.forms[section]?.isTold}<FormRoutes {manuscript} {section} />{/if}
  <label for="keep-messages">Once a matter is over, its messages are kept</label>
  <select
    id="keep-messages"
    class="line"
    value={String(manuscript.view?.keptMonths ?? 0)}
    onchange={(event) => manuscript.edit({ kind: 'keepMessages', months: Number(event.currentTarget.value) })}
  >
    <option value="0">until you delete them</option>
    {#each [6, 12, 24, 36, 72, 120] as months (months)}
      <option value={String(months)}
        >{months < 12 ? `${months} months` : months === 12 ? 'a year' : `${months / 12} years`}</option
      >
    {/each}
  </select>
  <p class="quiet">Your page says so beneath the form, and they go by themselves.</p>
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
