<script lang="ts">
  import type { Snippet } from 'svelte';

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
    Everything of this person goes, for good: messages, notes, appointments, those to come too, and their
    place on your list. Words of theirs that you took for your page stay there until you take them out.
    <button class="word wrong" onclick={remove}>Delete it</button>
    <button class="word" onclick={() => (sure = false)}>Keep it</button>
  {:else}
    <a class="word" href="/api/sites/{site}/person.zip?person={encodeURIComponent(person)}" download
      >All that is known as a file</a
    >
    {@render more?.()}
    <button class="word" onclick={() => (sure = true)}>Delete this person</button>
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
