<script lang="ts">
  import FoundRow from './FoundRow.svelte';
  import type { PasteState } from './paste.svelte';
  import type { Findings, Proposal } from './take';

  /** Everything that was found, to be taken or left one by one or all at once; then what was not understood. */
  let { paste, findings }: { paste: PasteState; findings: Findings } = $props();

  /** More of what was not understood than this is cut; all of it stands in the source. */
  const LONGEST = 160;

  const same = $derived([
    ...new Set(findings.proposals.filter((each) => each.standing === 'SAME').map((each) => each.name))
  ]);

  function note(proposal: Proposal): string {
    if (proposal.left) return `“${proposal.left}” beside it could not be read. Is this right without it?`;
    if (proposal.standing === 'REPLACES') return `instead of ${proposal.replaces}`;
    return proposal.sureness === 'LIKELY' ? 'Is that right?' : '';
  }
</script>

<div class="proposals leaf">
  {#if paste.ready.length > 1}
    <div class="all">
      <button type="button" class="act main" onclick={() => paste.takeAll()}
        >Take all {paste.ready.length}</button
      >
    </div>
  {/if}
  <ul>
    {#each paste.open as proposal (proposal.id)}
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
              >Take<span class="hidden-words"> {what}</span></button
            >
          {/if}
          <button type="button" class="word leave" onclick={() => paste.leave(proposal.id)}
            >Leave<span class="hidden-words"> {what}</span></button
          >
        {/snippet}
      </FoundRow>
    {/each}
    {#each findings.notUnderstood as span (span.from)}
      {@const words = findings.text.slice(span.from, span.to)}
      {@const id = `left-${span.from}`}
      <FoundRow
        {id}
        name="Not understood"
        says="“{words.length > LONGEST ? `${words.slice(0, LONGEST)} …` : words}”"
        became={paste.done[id]}
        taken="In your own words"
        undo={() => paste.undo(id)}
      >
        {#snippet acts()}
          <button type="button" class="word" onclick={() => paste.keepWords(id, words)}
            >Keep as your words<span class="hidden-words">: {words}</span></button
          >
          <button type="button" class="word leave" onclick={() => paste.leave(id)}
            >Leave<span class="hidden-words"> {words}</span></button
          >
        {/snippet}
      </FoundRow>
    {/each}
    {#if same.length}
      <FoundRow
        id="same"
        name={same.join(', ')}
        says="the same as you have"
        became={undefined}
        undo={() => {}}
      >
        {#snippet acts()}<span class="quiet">Fine</span>{/snippet}
      </FoundRow>
    {/if}
    {#if findings.proposals.length === 0}
      <li class="none">Nothing here reads as a fact. Type it into its line, or paste something else.</li>
    {/if}
  </ul>
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
