<script lang="ts">
  import type { Enquiry } from '../../api/client';
  import { EnquiriesState, nameOf } from './enquiries.svelte';
  import { day } from './waiting';
  import { say } from '../../words/say';

  /** Everybody who has written or rung, each once. */
  let {
    enquiries,
    site,
    goTo
  }: { enquiries: EnquiriesState; site: string; goTo: (enquiry: Enquiry) => Promise<void> } = $props();
</script>

<section class="leaf people" aria-label={say('enquiries.peopleList.people')}>
  <ul>
    {#each enquiries.people as person (person.key)}
      <li>
        <button class="name" dir="auto" onclick={() => goTo(person.last)}>{nameOf(person.last)}</button>
        <a class="reach" href={person.last.person?.uri}>{person.last.person?.reach}</a>
        <span class="quiet">
          {say('enquiries.peopleList.theLast', {
            rest: say('enquiries.peopleList.oneMessage', { count: person.messages.length }),
            day: day(new Date(person.last.receivedAt), enquiries.now)
          })}
        </span>
      </li>
    {:else}
      <li class="quiet">{say('enquiries.peopleList.nobodyWhoCanBeReached')}</li>
    {/each}
  </ul>
  {#if enquiries.people.length > 0}
    <a class="word" href="/api/sites/{site}/enquiries.vcf" download
      >{say('enquiries.peopleList.allOfThemForYour')}</a
    >
  {/if}
</section>

<style>
  .people {
    padding: 6px 20px 8px;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 2fr) minmax(0, 3fr);
    gap: 0 16px;
    align-items: baseline;
    padding: 4px 0;
    border-bottom: 1px solid var(--fine-rule);
  }
  .name {
    min-height: 36px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--ink);
    font-weight: 700;
    text-align: left;
    cursor: pointer;
    overflow-wrap: anywhere;
  }
  .name:hover {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  .reach {
    color: var(--ink);
    overflow-wrap: anywhere;
  }
  .quiet {
    font-size: 15px;
  }
  @media (max-width: 720px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
    .name,
    .reach {
      display: flex;
      align-items: center;
      min-height: 44px;
    }
  }
</style>
