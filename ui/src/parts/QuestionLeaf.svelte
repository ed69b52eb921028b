<script lang="ts">
  import type { NextQuestion } from './nextQuestion.svelte';
  import { say } from '../words/say';

  /** A question whose answer would make the page stronger. */
  let {
    question,
    answer,
    narrow = false
  }: {
    question: NextQuestion;
    /** Opens the line a question is about. */
    answer: (field: string) => void;
    /** Whether it stands in a margin. */
    narrow?: boolean;
  } = $props();

  const next = $derived(question.asked?.next);
</script>

{#if next}
  <section
    class="question"
    class:narrow
    aria-label={say('parts.questionLeaf.whatWouldMakeThePage')}
    data-question
  >
    <p class="eyebrow">{say('parts.questionLeaf.wouldMakeThePageStronger')}</p>
    <h2 tabindex="-1">{next.ask}</h2>
    <p class="quiet" dir="auto">{next.gains}</p>
    <div class="acts">
      {#if next.isYesOrNo}
        <button class="act" type="button" onclick={() => question.yes()}
          >{say('parts.questionLeaf.yesEveryTime')}</button
        >
        <button class="word" type="button" onclick={() => question.later()}
          >{say('parts.questionLeaf.no')}</button
        >
      {:else}
        <button class="act" type="button" onclick={() => answer(next.field)}
          >{say('parts.questionLeaf.answer')}</button
        >
        <button class="word" type="button" onclick={() => question.later()}
          >{say('parts.questionLeaf.doNotAsk')}</button
        >
      {/if}
    </div>
    <p class="hidden-words" role="status">{question.told}</p>
  </section>
{:else if question.isOver}
  <section
    class="question"
    class:narrow
    aria-label={say('parts.questionLeaf.whatWouldMakeThePage')}
    data-question
  >
    <p class="quiet" tabindex="-1">{say('parts.questionLeaf.thatIsAllWeWould')}</p>
  </section>
{/if}

<style>
  .question {
    display: grid;
    gap: 4px;
    padding: 16px 18px 14px;
    border-left: 3px solid var(--lacquer);
    background: var(--lacquer-tint);
  }
  .eyebrow {
    color: var(--lacquer);
    font-size: 14px;
    font-weight: 600;
  }
  h2 {
    font-size: 19px;
    line-height: 1.3;
  }
  [tabindex]:focus {
    outline: none;
  }
  [tabindex]:focus-visible {
    outline: 3px solid var(--lacquer);
    outline-offset: 3px;
  }
  .quiet {
    max-width: 60ch;
    font-size: 15px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 18px;
    margin-top: 6px;
  }
  .narrow {
    margin-top: 12px;
    padding: 2px 0 2px 9px;
    background: none;
  }
  .narrow .eyebrow,
  .narrow .quiet {
    font-size: 13px;
    line-height: 1.3;
  }
  .narrow h2 {
    font-family: inherit;
    font-size: 14.5px;
  }
  .narrow .acts {
    margin-top: 0;
  }
  .narrow button {
    min-height: 32px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--lacquer);
    font-size: 14px;
    font-weight: 700;
  }
  @media (max-width: 720px) {
    .narrow {
      width: 100%;
    }
    .narrow button {
      min-height: 44px;
    }
  }
</style>
