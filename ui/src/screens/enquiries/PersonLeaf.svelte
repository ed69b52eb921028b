<script lang="ts">
  import type { Enquiry } from '../../api/client';
  import { answer, EnquiriesState, STATES, nameOf } from './enquiries.svelte';
  import { day } from './waiting';

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
  let sure = $state(false);
</script>

<section class="leaf chosen person" aria-labelledby="person-name">
  <h2 id="person-name" dir="auto">{nameOf(enquiry)}</h2>
  {#if person}<p><a class="reach" href={person.uri}>{person.reach}</a></p>{/if}
  {#if where}<p class="quiet" dir="auto">{where}</p>{/if}
  {#if earlier.length > 0}
    <h3>Earlier</h3>
    <ul>
      {#each earlier as each (each.id)}
        <li>
          <button class="word" onclick={() => goTo(each)}>
            {day(new Date(each.receivedAt), enquiries.now)}, {(
              answer(each, 'service') || 'a message'
            ).toLowerCase()}
          </button>
          <span class="quiet">{STATES[each.state]}</span>
        </li>
      {/each}
    </ul>
  {/if}
  {#if person}
    <p class="data">
      {#if sure}
        Everything of this person goes, for good.
        <button class="word wrong" onclick={() => forget().then(() => (sure = false))}>Delete it</button>
        <button class="word" onclick={() => (sure = false)}>Keep it</button>
      {:else}
        <a
          class="word"
          href="/api/sites/{site}/enquiries.json?person={encodeURIComponent(person.key)}"
          download>All that is known as a file</a
        >
        <a
          class="word"
          href="/api/sites/{site}/enquiries.vcf?person={encodeURIComponent(person.key)}"
          download>A card for your address book</a
        >
        <button class="word" onclick={() => (sure = true)}>Delete this person</button>
      {/if}
    </p>
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
  .data {
    display: flex;
    flex-wrap: wrap;
    gap: 0 16px;
    align-items: center;
    margin-top: 8px;
    border-top: 1px solid var(--fine-rule);
    font-size: 14px;
  }
  .wrong {
    color: var(--madder);
  }
</style>
