<script lang="ts">
  import type { Section } from '../../document/types';
  import { textsOf } from '../../document/edits';
  import { wording } from '../../document/words';
  import type { ManuscriptState } from './manuscript.svelte';
  import AsideNote from './AsideNote.svelte';
  import { getDesk } from './desk';
  import QuestionLeaf from '../../parts/QuestionLeaf.svelte';
  import SnagNote from './SnagNote.svelte';
  import { say } from '../../words/say';

  /**
   * Beside each section, like a proof-reader's notes: whose words these are, what is to be put right, what would make it
   * stronger, what was kept aside.
   */
  let { manuscript, section, name }: { manuscript: ManuscriptState; section: Section; name: string } =
    $props();

  const desk = getDesk();
  const mark = $derived(wording(section));
  const snags = $derived(manuscript.view?.snags.filter((snag) => snag.section === section.id) ?? []);
  const ids = $derived(textsOf(section).map((text) => text.id));
  const asides = $derived(manuscript.view?.asides.filter((aside) => ids.includes(aside.text)) ?? []);

  function confirm(): void {
    manuscript.edit({
      kind: 'setMarks',
      marks: Object.fromEntries(mark.toConfirm.map((id) => [id, 'CONFIRMED' as const]))
    });
  }
</script>

<div class="margin">
  <p class="name">
    <svg class="dot" width="12" height="12" viewBox="0 0 12 12" aria-hidden="true">
      <circle
        cx="6"
        cy="6"
        r="4.6"
        fill={mark.dot === 'full' ? 'currentColor' : 'none'}
        stroke="currentColor"
        stroke-width="1.8"
      />
      {#if mark.dot === 'half'}<path d="M6 1.4a4.6 4.6 0 0 1 0 9.2z" fill="currentColor" />{/if}
    </svg>
    <b>{name}</b>
  </p>
  <p class="whose">
    {mark.words}{#if mark.toConfirm.length > 0},
      <button
        class="in-line"
        type="button"
        onclick={confirm}
        aria-label={say('manuscript.margin.confirmTheWordsOf', { name })}
        >{say('manuscript.margin.confirm')}</button
      >{/if}
  </p>
  {#if section.hidden}<p class="note waits">{say('manuscript.margin.hiddenFromVisitors')}</p>{/if}
  {#each snags as snag, index (index)}
    <SnagNote {manuscript} {snag} />
  {/each}
  {#if desk.question.section === section.id}
    <QuestionLeaf question={desk.question} answer={desk.openLine} narrow />
  {/if}
  {#each asides as aside (aside.id)}
    <AsideNote {manuscript} {aside} />
  {/each}
</div>

<style>
  .margin {
    padding: 18px 14px 14px 18px;
    font-size: 13.5px;
    line-height: 1.35;
  }
  .name {
    display: flex;
    gap: 7px;
    align-items: baseline;
  }
  .dot {
    flex: none;
  }
  .whose {
    margin: 2px 0 0 19px;
    color: var(--pencil);
  }
  .note {
    margin-top: 10px;
    padding-left: 9px;
    border-left: 3px solid var(--brass);
    color: var(--brass-ink);
  }
  .in-line {
    min-height: 24px;
    padding: 0 2px;
    border: 0;
    background: none;
    color: var(--lacquer);
    font-weight: 700;
    cursor: pointer;
  }
  .in-line:hover {
    text-decoration: underline;
  }
  @media (max-width: 720px) {
    .margin {
      display: flex;
      flex-wrap: wrap;
      gap: 0 12px;
      align-items: center;
      padding: 4px 16px 0;
    }
    .name {
      align-items: center;
    }
    .whose {
      margin: 0 0 0 auto;
    }
    .note {
      width: 100%;
      margin-top: 6px;
    }
    .in-line {
      min-height: 44px;
      min-width: 44px;
    }
  }
</style>
