<script lang="ts">
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';
  import type { EnquiriesState, Shelf } from './enquiries.svelte';

  /** The ways to what is not open: what is over, what was unwanted, people, all of it as a file. */
  let {
    enquiries,
    site,
    shelf = $bindable(),
    tells = $bindable()
  }: { enquiries: EnquiriesState; site: SiteState; shelf: Shelf; tells: boolean } = $props();

  const over = $derived(enquiries.of('DONE', 'LOST'));
  const unwanted = $derived(enquiries.of('UNWANTED'));
  const isAny = $derived((enquiries.list ?? []).length > 0);
</script>

<p class="rest">
  {#if over.length > 0}
    <button class="word" onclick={() => (shelf = 'over')}
      >{say('enquiries.enquiryShelves.doneOrLost2', {
        number: over.length,
        rest: enquiries.more ? say('enquiries.enquiryShelves.andMore') : ''
      })}</button
    >
  {/if}
  {#if unwanted.length > 0}
    <button class="word" onclick={() => (shelf = 'unwanted')}
      >{say('enquiries.enquiryShelves.unwanted', { number: unwanted.length })}</button
    >
  {/if}
  {#if isAny}
    <button class="word" onclick={() => (shelf = 'people')}>{say('enquiries.enquiryShelves.people')}</button>
    <a class="word" href="/api/sites/{site.id}/enquiries.csv" download
      >{say('enquiries.enquiryShelves.allAsCsv')}</a
    >
  {/if}
  {#if site.view?.owner}
    <button class="word" aria-expanded={tells} onclick={() => (tells = !tells)}
      >{say('enquiries.enquiryShelves.tellAnotherProgram')}</button
    >
  {/if}
</p>

<style>
  .rest {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
    padding-left: 6px;
    font-size: 15px;
  }
</style>
