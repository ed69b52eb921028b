<script lang="ts">
  import { tick } from 'svelte';
  import AnswerLine from '../../parts/AnswerLine.svelte';
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  /** Links to pages elsewhere, in any form; each can be tried. */
  let { site }: { site: SiteState } = $props();

  async function add(): Promise<void> {
    site.sheet.links.push('');
    await tick();
    document.getElementById(`links-${site.sheet.links.length - 1}`)?.focus();
  }

  function set(index: number, words: string): void {
    site.sheet.links[index] = words;
    site.changed();
  }

  function remove(index: number): void {
    site.sheet.links.splice(index, 1);
    site.changed();
    document.getElementById(`links-${Math.max(0, index - 1)}`)?.focus();
  }

  /** The address a link was read as, to be opened beside. */
  function address(index: number): string {
    const answer = site.view?.answers[`links.${index}`];
    return answer?.state === 'READ' ? (answer.says.split(' · ').at(-1) ?? '') : '';
  }
</script>

{#each site.sheet.links as link, index (index)}
  <div class="one">
    <div>
      <label class="hidden-words" for="links-{index}"
        >{say('facts.linksEditor.link', { number: index + 1 })}</label
      >
      <input
        id="links-{index}"
        class="line"
        placeholder={say('facts.linksEditor.pasteALinkOrA')}
        value={link}
        oninput={(event) => set(index, event.currentTarget.value)}
        aria-describedby="links-{index}-answer"
      />
      <AnswerLine
        id="links-{index}-answer"
        answer={site.view?.answers[`links.${index}`]}
        typed={link}
        take={(words) => set(index, words)}
      />
    </div>
    {#if address(index)}
      <a class="word" href={address(index)} target="_blank" rel="noopener noreferrer"
        >{say('facts.linksEditor.tryIt')}<span class="hidden-words"
          >{say('facts.linksEditor.inANewTab', { address: address(index) })}</span
        ></a
      >
    {/if}
    <button class="word" type="button" onclick={() => remove(index)}
      >{say('facts.linksEditor.takeOut')}<span class="hidden-words">
        {say('facts.linksEditor.link2', { number: index + 1 })}</span
      ></button
    >
  </div>
{/each}
<button class="word" type="button" onclick={add}>{say('facts.linksEditor.addALink')}</button>

<style>
  .one {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 14px;
    align-items: start;
  }
</style>
