<script lang="ts">
  import { tick } from 'svelte';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** At the end of the manuscript: all of it confirmed at once, and the sections the facts could carry. */
  let { manuscript }: { manuscript: ManuscriptState } = $props();

  const offers = $derived(manuscript.view?.offers ?? []);

  /** A section that was added is gone to: its first words, or what can be written there. */
  async function add(kind: string): Promise<void> {
    const id = await manuscript.add(kind);
    if (!id) return;
    manuscript.chosen = id;
    await tick();
    const section = document.getElementById(`section-${id}`);
    section?.scrollIntoView({ block: 'center' });
    section?.querySelector<HTMLElement>('.words [contenteditable=true], .words button')?.focus();
  }

  function confirmAll(): void {
    manuscript.edit({
      kind: 'setMarks',
      marks: Object.fromEntries(manuscript.suggested.map((text) => [text.id, 'CONFIRMED' as const]))
    });
  }
</script>

{#if manuscript.suggested.length > 0}
  <div class="all-read">
    <button class="act" type="button" onclick={confirmAll}
      >{say('manuscript.manuscriptEnd.confirmAllOfIt')}</button
    >
    <p class="quiet">
      {say('manuscript.manuscriptEnd.whenYouHaveReadTo', {
        rest: say('manuscript.manuscriptEnd.oneTextOfOursIs', { count: manuscript.suggested.length })
      })}
    </p>
  </div>
{/if}
{#if offers.length > 0}
  <div class="offers">
    <h2>{say('manuscript.manuscriptEnd.addASection')}</h2>
    {#each offers as offer (offer.kind)}
      <p>
        <button class="word" type="button" onclick={() => add(offer.kind)}
          >{say('manuscript.manuscriptEnd.add', { words: offer.words.toLowerCase() })}</button
        >
        <span class="quiet">{offer.reason}</span>
      </p>
    {/each}
  </div>
{/if}

<style>
  .offers {
    padding: 14px 26px;
    border-bottom: 1px solid var(--fine-rule);
  }
  .all-read {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 18px;
    align-items: center;
    padding: 16px 26px;
    border-bottom: 1px solid var(--fine-rule);
  }
  .offers h2 {
    margin-bottom: 4px;
  }
  .offers p {
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: center;
  }
</style>
