<script lang="ts">
  import type { Enquiry } from '../../api/client';
  import PersonData from '../../parts/PersonData.svelte';
  import { answer, EnquiriesState, STATES, nameOf } from './enquiries.svelte';
  import { day } from './waiting';
  import { say } from '../../words/say';

  /** Who an enquiry is from: how to reach them, what they wrote before, and all of it out or deleted. */
  let {
    enquiry,
    enquiries,
    site,
    goTo,
    forget
  }: {
    enquiry: Enquiry;
    enquiries: EnquiriesState;
    site: string;
    goTo: (enquiry: Enquiry) => void;
    forget: () => Promise<void>;
  } = $props();

  const earlier = $derived(enquiries.earlier(enquiry));
  const person = $derived(enquiry.person);
  const where = $derived(answer(enquiry, 'about-where'));
</script>

<section class="leaf chosen person" aria-labelledby="person-name">
  <h2 id="person-name" dir="auto">{nameOf(enquiry)}</h2>
  {#if person}<p><a class="reach" href={person.uri}>{person.reach}</a></p>{/if}
  {#if where}<p class="quiet" dir="auto">{where}</p>{/if}
  {#if earlier.length > 0}
    <h3>{say('enquiries.personLeaf.earlier')}</h3>
    <ul>
      {#each earlier as each (each.id)}
        <li>
          <button class="word" onclick={() => goTo(each)}>
            {day(new Date(each.receivedAt), enquiries.now)}, {(
              answer(each, 'service') || say('enquiries.personLeaf.aMessage')
            ).toLowerCase()}
          </button>
          <span class="quiet">{STATES[each.state]}</span>
        </li>
      {/each}
    </ul>
  {/if}
  {#if person}
    <PersonData {site} person={person.key} {forget}>
      {#snippet more()}
        <a
          class="word"
          href="/api/sites/{site}/enquiries.vcf?person={encodeURIComponent(person.key)}"
          download>{say('enquiries.personLeaf.aCardForYourAddress')}</a
        >
      {/snippet}
    </PersonData>
  {/if}
</section>

<style>
  .person {
    padding: 14px 18px 8px;
  }
  .reach {
    color: var(--ink);
    overflow-wrap: anywhere;
  }
  .reach:hover {
    text-decoration: underline;
  }
  h3 {
    margin-top: 10px;
    padding-top: 10px;
    border-top: 1px solid var(--fine-rule);
    font-size: 16px;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 0 12px;
  }
</style>
