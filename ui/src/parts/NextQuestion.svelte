<script lang="ts">
  import { tick } from 'svelte';
  import { api } from '../api/client';
  import type { components } from '../api/schema';

  /** What would make the page stronger, one question at a time: answered, or put off. */
  let {
    id,
    revision,
    edit,
    answer
  }: {
    id: string;
    /** The question is asked for again whenever this has changed. */
    revision: number | undefined;
    /** Puts words on a line of the sheet. */
    edit: (path: string, words: string) => void;
    /** Opens the line a question is about. */
    answer: (field: string) => void;
  } = $props();

  type Question = components['schemas']['QuestionView'];

  let asked = $state.raw<Question | null>(null);
  let before = '';
  let told = $state('');
  let box = $state<HTMLElement>();
  let turn = 0;

  $effect(() => {
    if (revision === undefined) return;
    const mine = ++turn;
    void api.GET('/api/sites/{id}/question', { params: { path: { id } } }).then(({ data }) => {
      if (data && mine === turn) void show(data);
    });
  });

  /** After an answer the next question has the place and the focus of the one before. */
  async function show(next: Question): Promise<void> {
    const within = box?.contains(document.activeElement) ?? false;
    const other = next.next?.key !== before;
    asked = next;
    before = next.next?.key ?? '';
    await tick();
    if (within && other) box?.querySelector<HTMLElement>('h2')?.focus();
  }

  function later(key: string): void {
    edit('put-off', `${asked?.putOff ?? ''} ${key}`.trim());
    told = 'Put off. It is not asked again.';
  }

  function yes(field: string): void {
    edit(field, 'yes');
    told = 'Taken. The page can say it now.';
  }
</script>

{#if asked?.next}
  {@const question = asked.next}
  <section class="question" aria-label="What would make the page stronger" bind:this={box}>
    <p class="eyebrow">Would make the page stronger</p>
    <h2 tabindex="-1">{question.ask}</h2>
    <p class="quiet" dir="auto">{question.gains}</p>
    <div class="acts">
      {#if question.isYesOrNo}
        <button class="act" type="button" onclick={() => yes(question.field)}>Yes, every time</button>
        <button class="word" type="button" onclick={() => later(question.key)}>No</button>
      {:else}
        <button class="act" type="button" onclick={() => answer(question.field)}>Answer</button>
        <button class="word" type="button" onclick={() => later(question.key)}>Do not ask</button>
      {/if}
    </div>
    <p class="hidden-words" role="status">{told}</p>
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
  h2:focus {
    outline: none;
  }
  h2:focus-visible {
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
</style>
