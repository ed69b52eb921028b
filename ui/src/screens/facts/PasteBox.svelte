<script lang="ts">
  import { isPictureOrPdf } from './files/files.svelte';
  import type { PasteState } from './paste.svelte';
  import { say } from '../../words/say';

  /** Where an owner pastes, drops or picks what they have. */
  let { paste, wide, give }: { paste: PasteState; wide: boolean; give?: (files: File[]) => Promise<void> } =
    $props();

  let typed = $state('');
  let over = $state(false);

  /** A picture or a PDF goes to the pictures where there are some; everything else is read. */
  function take(file: File): void {
    if (give && isPictureOrPdf(file)) void give([file]);
    else void paste.readFile(file);
  }

  function dropped(event: DragEvent): void {
    event.preventDefault();
    over = false;
    const file = event.dataTransfer?.files[0];
    const text = event.dataTransfer?.getData('text/plain');
    if (file) take(file);
    else if (text) {
      typed = text;
      void paste.readText(text);
    }
  }

  /** What is pasted is read at once; what is typed waits for the button. A copied page keeps its links and tables. */
  function pasted(event: ClipboardEvent): void {
    const file = event.clipboardData?.files[0];
    if (file) {
      event.preventDefault();
      take(file);
    } else {
      const page = event.clipboardData?.getData('text/html') ?? '';
      const tells = /<a\s[^>]*href|<td/i.test(page);
      setTimeout(() => void paste.readText(tells ? page : typed));
    }
  }
</script>

<div
  class="box"
  class:over
  role="presentation"
  ondragover={(event) => {
    event.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={dropped}
>
  <label id="paste-heading" for="paste"
    ><strong>{say('facts.pasteBox.pasteWhatYouHave')}</strong>
    {say('facts.pasteBox.aMailSignatureYourPrice', {
      rest: give ? say('facts.pasteBox.aPicture') : ''
    })}</label
  >
  <textarea
    id="paste"
    rows={wide ? 2 : 5}
    dir="auto"
    bind:value={typed}
    onpaste={pasted}
    aria-describedby="paste-fault"
    aria-invalid={paste.fault ? 'true' : undefined}></textarea>
  <div class="acts">
    {#if typed.trim()}
      <button type="button" class="act" disabled={paste.reading} onclick={() => void paste.readText(typed)}
        >{say('facts.pasteBox.readIt')}</button
      >
    {/if}
    <label class="act" for="paste-file">{say('facts.pasteBox.chooseAFile')}</label>
    <input
      id="paste-file"
      class="hidden-words"
      type="file"
      accept=".txt,.vcf,.csv,.tsv,.html,.htm,.json,.jsonld,.ics,text/*"
      onchange={(event) => {
        const file = event.currentTarget.files?.[0];
        if (file) take(file);
        event.currentTarget.value = '';
      }}
    />
    {#if paste.reading}<span class="quiet" role="status">{say('facts.pasteBox.reading')}</span>{/if}
  </div>
  <p id="paste-fault" class="fault" role="alert">{paste.fault}</p>
</div>

<style>
  .box {
    display: grid;
    gap: 8px;
    padding: 14px 20px 8px;
    border: 1px dashed var(--control);
    border-radius: 3px;
  }
  .box.over {
    border-color: var(--lacquer);
    background: var(--lacquer-tint);
  }
  .box label:first-child {
    color: var(--pencil);
  }
  .box strong {
    color: var(--ink);
  }
  textarea {
    width: 100%;
    padding: 8px 10px;
    border: 1px solid var(--control);
    border-radius: 2px;
    background: var(--sheet);
    color: var(--ink);
    font: inherit;
    resize: vertical;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
  }
  .acts label.act {
    cursor: pointer;
  }
  input:focus-visible {
    outline: none;
  }
  .acts:has(input:focus-visible) label.act {
    outline: 3px solid var(--lacquer);
    outline-offset: 2px;
  }
  .fault {
    min-height: 4px;
    color: var(--madder);
  }
</style>
