<script lang="ts">
  import FoundRow from './FoundRow.svelte';
  import type { PasteState } from './paste.svelte';
  import { grouped, type Findings, type Proposal } from './take';
  import { say } from '../../words/say';

  /** Everything that was found, by what it belongs to, to be taken or left one by one or all at once; what has to be asked stands
   * first, what was not understood last. */
  let { paste, findings }: { paste: PasteState; findings: Findings } = $props();

  /** More of what was not understood than this is cut; all of it stands in the source. */
  const LONGEST = 160;

  const same = $derived([
    ...new Set(findings.proposals.filter((each) => each.standing === 'SAME').map((each) => each.name))
  ]);

  function note(proposal: Proposal): string {
    if (proposal.left) return say('facts.foundRows.besideItCouldNotBe', { left: proposal.left });
    if (proposal.standing === 'REPLACES')
      return say('facts.foundRows.insteadOf', { replaces: proposal.replaces });
    if (proposal.sureness !== 'LIKELY') return '';
    return proposal.choices.length
      ? say('facts.foundRows.isThatRightOrIs')
      : say('facts.foundRows.isThatRight');
  }
</script>

<div class="proposals leaf">
  {#if paste.ready.length > 1}
    <div class="all">
      <button type="button" class="act main" onclick={() => paste.takeAll()}
        >{say('facts.foundRows.takeAll', { number: paste.ready.length })}</button
      >
    </div>
  {/if}
  {#each grouped(paste.open) as group (group.title)}
    <section class:asks={group.asks} aria-label={group.title}>
      <h3>{group.title}</h3>
      <ul>
        {#each group.proposals as proposal (proposal.id)}
          {@const what = `${proposal.name} ${proposal.says}`}
          <FoundRow
            id={proposal.id}
            name={proposal.name}
            says={proposal.says}
            note={note(proposal)}
            became={paste.done[proposal.id]}
            pointed={paste.chosen === proposal.id}
            undo={() => paste.undo(proposal.id)}
          >
            {#snippet choices()}
              {#each proposal.choices as choice (choice)}
                <button type="button" class="chip-leaf" onclick={() => paste.take(proposal, choice)}
                  >{choice}</button
                >
              {/each}
            {/snippet}
            {#snippet acts()}
              {#if proposal.sureness !== 'ASK'}
                <button type="button" class="word" onclick={() => paste.take(proposal)}
                  >{say('facts.foundRows.take')}<span class="hidden-words"> {what}</span></button
                >
              {/if}
              <button type="button" class="word leave" onclick={() => paste.leave(proposal.id)}
                >{say('facts.foundRows.leave')}<span class="hidden-words"> {what}</span></button
              >
            {/snippet}
          </FoundRow>
        {/each}
      </ul>
    </section>
  {/each}
  {#if findings.notUnderstood.length}
    <section aria-label={say('facts.foundRows.notUnderstood')}>
      <h3>{say('facts.foundRows.notUnderstood')}</h3>
      <ul>
        {#each findings.notUnderstood as span (span.from)}
          {@const words = findings.text.slice(span.from, span.to)}
          {@const id = `left-${span.from}`}
          <FoundRow
            {id}
            name=""
            says="“{words.length > LONGEST ? `${words.slice(0, LONGEST)} …` : words}”"
            became={paste.done[id]}
            taken={say('facts.foundRows.inYourOwnWords')}
            undo={() => paste.undo(id)}
          >
            {#snippet acts()}
              <button type="button" class="word" onclick={() => paste.keepWords(id, words)}
                >{say('facts.foundRows.keepAsYourWords')}<span class="hidden-words">: {words}</span></button
              >
              <button type="button" class="word leave" onclick={() => paste.leave(id)}
                >{say('facts.foundRows.leave')}<span class="hidden-words"> {words}</span></button
              >
            {/snippet}
          </FoundRow>
        {/each}
      </ul>
    </section>
  {/if}
  {#if same.length}
    <p class="none">{say('facts.foundRows.theSameAsYouHave', { same: same.join(', ') })}</p>
  {/if}
  {#if findings.proposals.length === 0}
    <p class="none">{say('facts.foundRows.nothingHereReadsAsA')}</p>
  {/if}
</div>

<style>
  .proposals {
    padding: 4px 0;
    border-left-width: 1px;
  }
  .all {
    padding: 12px 16px;
    border-bottom: 1px solid var(--fine-rule);
  }
  h3 {
    margin: 0;
    padding: 12px 16px 2px;
    color: var(--pencil);
    font: inherit;
    font-size: 13px;
    letter-spacing: 0.02em;
  }
  section:not(:first-child) {
    border-top: 1px solid var(--rule);
  }
  .asks {
    background: var(--brass-tint);
  }
  .asks h3 {
    color: var(--brass-ink);
    font-weight: 600;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  .none {
    padding: 8px 16px;
    color: var(--pencil);
    font-size: 15px;
  }
</style>
