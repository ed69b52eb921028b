<script lang="ts">
  import WaitingRecipients from '../../parts/WaitingRecipients.svelte';
  import { mailAddresses } from '../../parts/mailAddresses';
  import FormRoutes from './form/FormRoutes.svelte';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** Where messages from the form go. Acts at once, unlike the words around it. */
  let { manuscript, section }: { manuscript: ManuscriptState; section: string } = $props();

  let typed = $state<string>();
  const kept = $derived((manuscript.view?.messagesTo ?? []).join(', '));
  /** Every address and number that is told of anything. */
  const told = $derived(
    [
      kept,
      ...Object.values(manuscript.view?.forms ?? {}).flatMap((form) =>
        form.routes.flatMap((route) => route.to)
      )
    ].join(' ')
  );

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
  <label for="messages-to">{say('manuscript.messagesTo.messagesGoTo')}</label>
  <input
    id="messages-to"
    class="line"
    type="text"
    inputmode="email"
    autocomplete="email"
    placeholder={say('manuscript.messagesTo.aMailAddressOrSeveral')}
    value={typed ?? kept}
    oninput={(event) => (typed = event.currentTarget.value)}
    onchange={keep}
    aria-describedby="messages-to-note"
  />
  <p id="messages-to-note" class="quiet">{say('manuscript.messagesTo.thisActsAtOnceAll')}</p>
  <WaitingRecipients site={manuscript.id} addresses={told} />
  {#if manuscript.view?.forms[section]?.isTold}<FormRoutes {manuscript} {section} />{/if}
  <label for="keep-messages">{say('manuscript.messagesTo.onceAMatterIsOver')}</label>
  <select
    id="keep-messages"
    class="line"
    value={String(manuscript.view?.keptMonths ?? 0)}
    onchange={(event) => manuscript.edit({ kind: 'keepMessages', months: Number(event.currentTarget.value) })}
  >
    <option value="0">{say('manuscript.messagesTo.untilYouDeleteThem')}</option>
    {#each [6, 12, 24, 36, 72, 120] as months (months)}
      <option value={String(months)}
        >{months < 12
          ? say('manuscript.messagesTo.months', { months })
          : months === 12
            ? say('manuscript.messagesTo.aYear')
            : say('manuscript.messagesTo.years', { what: months / 12 })}</option
      >
    {/each}
  </select>
  <p class="quiet">{say('manuscript.messagesTo.yourPageSaysSoBeneath')}</p>
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
