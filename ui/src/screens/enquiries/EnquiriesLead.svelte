<script lang="ts">
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';
  import type { EnquiriesState } from './enquiries.svelte';
  import { peopleWait } from './waiting';

  /** How many wait, and for how long they may: what the owner has promised. */
  let { enquiries, site }: { enquiries: EnquiriesState; site: SiteState } = $props();

  const waiting = $derived(enquiries.of('NEW').length);
  const promise = $derived(site.sheet.lines.promise.trim());
</script>

<p class="lead">
  {#if waiting > 0}
    {peopleWait(waiting)}.
    {#if promise}{say('enquiries.enquiriesLead.youPromiseOne')} <b>{promise}</b>{say(
        'enquiries.enquiriesLead.eachLineRunsTowardsIt'
      )}
    {:else}<a class="in-line" href="/sites/{site.id}">{say('enquiries.enquiriesLead.sayWhenYouAnswer')}</a
      >{say('enquiries.enquiriesLead.andEachWaitIsHeld')}{/if}
  {:else if enquiries.list && enquiries.list.length > 0}
    {say('enquiries.enquiriesLead.nobodyWaitsForAnAnswer')}
  {:else}
    {say('enquiries.enquiriesLead.messagesFromTheFormOn')}
  {/if}
</p>

<style>
  .lead {
    flex: 1 1 20em;
    max-width: none;
  }
  b {
    color: var(--ink);
  }
  .in-line {
    color: var(--lacquer);
    font-weight: 700;
  }
</style>
