<script lang="ts">
  import AnswerLine from '../../../parts/AnswerLine.svelte';
  import type { SiteState } from '../../../site.svelte';
  import type { FilesState } from './files.svelte';
  import GiveFiles from './GiveFiles.svelte';
  import { say } from '../../../words/say';

  /** Price lists and brochures visitors can take away. */
  let { site, files }: { site: SiteState; files: FilesState } = $props();

  const rows = $derived(site.sheet.rows.filter((row) => row.kind === 'document'));

  function remove(id: string): void {
    site.sheet.rows = site.sheet.rows.filter((each) => each.id !== id);
    site.changed();
  }
</script>

{#each rows as row (row.id)}
  <div class="file">
    <label for="document-{row.id}">{say('facts.documentsEditor.whatItIsCalledOn')}</label>
    <input
      id="document-{row.id}"
      class="line"
      dir="auto"
      maxlength="200"
      bind:value={row.lines['title']}
      oninput={() => site.changed()}
      aria-describedby="document-{row.id}-answer"
    />
    <AnswerLine id="document-{row.id}-answer" answer={site.view?.answers[`document/${row.id}`]} typed="" />
    <p class="acts">
      <a class="word" href={files.address(`files/${(row.lines['file'] ?? '').slice(0, 64)}`)} download
        >{say('facts.documentsEditor.lookAtIt')}<span class="hidden-words">: {row.lines['title']}</span></a
      >
      <button type="button" class="word" onclick={() => remove(row.id)}
        >{say('facts.documentsEditor.takeOut')}<span class="hidden-words">: {row.lines['title']}</span
        ></button
      >
    </p>
  </div>
{/each}
<GiveFiles
  {files}
  use="work"
  id="give-document"
  documents
  taken={(row) => document.getElementById(`document-${row}`)?.focus()}
/>

<style>
  .file {
    padding-bottom: 10px;
    margin-bottom: 12px;
    border-bottom: 1px solid var(--fine-rule);
  }
  label {
    color: var(--pencil);
    font-size: 14px;
  }
  .acts {
    display: flex;
    gap: 18px;
    align-items: center;
  }
</style>
