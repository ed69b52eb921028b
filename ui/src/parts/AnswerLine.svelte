<script lang="ts">
  import type { Answer } from '../api/client';

  /** What stands beneath a typed line: the value said back, a question with its choices, or a fault at its words. */
  let {
    id,
    answer,
    typed,
    take
  }: { id: string; answer: Answer | undefined; typed: string; take?: (words: string) => void } = $props();

  /** A choice of several lines adds one to what stands; that one is said. */
  const last = (choice: string) => choice.split('\n').at(-1);

  const part = $derived(
    answer && answer.to > answer.from && answer.to - answer.from < typed.trim().length
      ? {
          before: typed.slice(0, answer.from),
          at: typed.slice(answer.from, answer.to),
          after: typed.slice(answer.to)
        }
      : null
  );
</script>

<div {id} class="answer" aria-live="polite">
  {#if answer?.state === 'READ'}
    {#if answer.says}<p class="read" dir="auto">{answer.says}</p>{/if}
    {#if answer.remark}
      <p class="asked">
        {answer.remark}
        {#each answer.choices as choice (choice)}
          <button class="choice" type="button" onclick={() => take?.(choice)}>{last(choice)}</button>
        {/each}
      </p>
    {/if}
  {:else if answer?.state === 'ASKED'}
    <p class="asked">
      {answer.says}
      {#each answer.choices as choice (choice)}
        <button class="choice" type="button" onclick={() => take?.(choice)}>{last(choice)}</button>
      {/each}
    </p>
  {:else if answer?.state === 'REFUSED'}
    <p class="refused">
      {#if part}<span class="echo" dir="auto">{part.before}<mark>{part.at}</mark>{part.after}</span>{/if}
      {answer.says}
    </p>
  {/if}
</div>

<style>
  .answer p {
    margin-top: 6px;
    font-size: 15px;
  }
  .read {
    color: var(--verdigris);
  }
  .asked {
    color: var(--brass-ink);
  }
  .refused {
    color: var(--madder);
  }
  .echo {
    color: var(--pencil);
    margin-right: 8px;
  }
  mark {
    background: var(--madder-tint);
    color: var(--madder);
    text-decoration: underline wavy;
    text-underline-offset: 4px;
  }
  .choice {
    min-height: 32px;
    margin: 4px 6px 0 0;
    padding: 2px 10px;
    border: 1px solid var(--brass);
    border-radius: var(--leaf-small);
    background: var(--brass-tint);
    color: var(--brass-ink);
    font-weight: 700;
    cursor: pointer;
  }
  @media (max-width: 720px) {
    .choice {
      min-height: 44px;
    }
  }
</style>
