<script lang="ts">
  import type { Snippet } from 'svelte';
  import { say } from '../words/say';

  /** What is kept of one person, as a file; and all of it deleted, once that was meant. */
  let {
    site,
    person,
    forget,
    more
  }: { site: string; person: string; forget: () => Promise<void>; more?: Snippet } = $props();

  let sure = $state(false);

  async function remove(): Promise<void> {
    await forget();
    sure = false;
  }
</script>

<p class="data">
  {#if sure}
    {say('parts.personData.everythingOfThisPersonGoes')}
    <button class="word wrong" onclick={remove}>{say('parts.personData.deleteIt')}</button>
    <button class="word" onclick={() => (sure = false)}>{say('parts.personData.keepIt')}</button>
  {:else}
    <a class="word" href="/api/sites/{site}/person.zip?person={encodeURIComponent(person)}" download
      >{say('parts.personData.allThatIsKnownAs')}</a
    >
    {@render more?.()}
    <button class="word" onclick={() => (sure = true)}>{say('parts.personData.deleteThisPerson')}</button>
  {/if}
</p>

<style>
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
