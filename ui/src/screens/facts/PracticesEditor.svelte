<script lang="ts">
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  /** The trade's questions, each answered with yes or left; a few of them first where asked. */
  let { site, few = false }: { site: SiteState; few?: boolean } = $props();

  let all = $state(false);
  const questions = $derived(site.view?.trade.questions ?? []);
  const shown = $derived(
    questions.filter(
      (question, index) => all || !few || index < 3 || site.sheet.practices.includes(question.key)
    )
  );

  function turn(key: string): void {
    const yes = site.sheet.practices;
    site.sheet.practices = yes.includes(key) ? yes.filter((each) => each !== key) : [...yes, key];
    site.changed();
  }
</script>

<ul>
  {#each shown as question (question.key)}
    {@const yes = site.sheet.practices.includes(question.key)}
    <li>
      <span
        >{question.ask}{#if yes}<span class="says"
            >{say('facts.practicesEditor.onThePage', { says: question.says })}</span
          >{/if}</span
      >
      <button class="chip-leaf" type="button" aria-pressed={yes} onclick={() => turn(question.key)}
        >{say('facts.practicesEditor.yes')}<span class="hidden-words">, {question.ask}</span></button
      >
    </li>
  {/each}
</ul>
{#if shown.length < questions.length}
  <button class="word" type="button" onclick={() => (all = true)}
    >{say('facts.practicesEditor.more', {
      number: questions.length - shown.length,
      rest: say('facts.practicesEditor.question', { count: questions.length - shown.length })
    })}</button
  >
{/if}

<style>
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 16px;
    padding: 8px 0;
  }
  li + li {
    border-top: 1px solid var(--fine-rule);
  }
  .says {
    display: block;
    color: var(--verdigris);
    font-size: 15px;
  }
  @media (max-width: 720px) {
    .chip-leaf {
      min-height: 44px;
    }
  }
</style>
