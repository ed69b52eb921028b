<script lang="ts">
  import type { FilesState } from './files.svelte';
  import type { Use } from './rows';
  import { say } from '../../../words/say';

  /** Where pictures and files are dropped, picked or pasted; beneath it, what became of each. */
  let {
    files,
    use,
    id,
    documents = false,
    several = false,
    taken
  }: {
    files: FilesState;
    use: Use;
    id: string;
    documents?: boolean;
    several?: boolean;
    taken?: (row: string) => void;
  } = $props();

  let over = $state(false);

  async function give(list: FileList | null | undefined): Promise<void> {
    if (!list?.length) return;
    const row = await files.give(several ? [...list] : [...list].slice(0, 1), use, id);
    if (row) taken?.(row);
  }
</script>

<div
  class="give"
  class:over
  role="presentation"
  ondragover={(event) => {
    event.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={(event) => {
    event.preventDefault();
    over = false;
    void give(event.dataTransfer?.files);
  }}
>
  <span>
    <label class="act" for={id}
      >{documents
        ? say('facts.giveFiles.chooseAPdf')
        : several
          ? say('facts.giveFiles.choosePictures')
          : say('facts.giveFiles.chooseAPicture')}</label
    >
    <input
      {id}
      class="hidden-words"
      type="file"
      multiple={several}
      accept={documents ? 'application/pdf' : 'image/*'}
      aria-describedby="{id}-limits"
      onchange={(event) => {
        void give(event.currentTarget.files).then(() => undefined);
        event.currentTarget.value = '';
      }}
    />
  </span>
  <p id="{id}-limits" class="quiet">
    {say('facts.giveFiles.orDropHere', {
      rest: several ? say('facts.giveFiles.them') : say('facts.giveFiles.it'),
      rest2: documents ? '' : say('facts.giveFiles.orPaste'),
      limits: files.view?.limits ?? ''
    })}
  </p>
</div>

<ul class="sent" aria-live="polite">
  {#each files.sending.filter((sent) => sent.at === id) as each (each.key)}
    <li class:fault={each.fault}>
      <span class="name" dir="auto">{each.name}</span>
      {#if each.fault}
        <span>{each.fault}</span>
      {:else if each.done}
        <span class="quiet">{[say('facts.giveFiles.taken'), ...each.notes].join(' ')}</span>
      {:else if each.part < 1}
        <progress value={each.part} aria-label={say('facts.giveFiles.sent', { name: each.name })}></progress>
      {:else}
        <span class="quiet">{say('facts.giveFiles.beingLookedAt')}</span>
      {/if}
    </li>
  {/each}
</ul>

<style>
  .give {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
    padding: 10px 14px;
    border: 1px dashed var(--control);
    border-radius: 3px;
  }
  .give.over {
    border-color: var(--lacquer);
    background: var(--lacquer-tint);
  }
  .give p {
    flex: 1 1 220px;
    font-size: 15px;
  }
  label.act {
    cursor: pointer;
  }
  input:focus-visible {
    outline: none;
  }
  span:has(input:focus-visible) label.act {
    outline: 3px solid var(--lacquer);
    outline-offset: 2px;
  }
  .sent {
    display: grid;
    gap: 4px;
    margin: 6px 0 0;
    padding: 0;
    list-style: none;
  }
  .sent li {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    align-items: baseline;
    font-size: 15px;
  }
  .name {
    font-weight: 600;
    overflow-wrap: anywhere;
  }
  .sent .fault {
    color: var(--madder);
  }
  progress {
    width: 160px;
    height: 8px;
    accent-color: var(--lacquer);
  }
</style>
