<script lang="ts">
  import { Editor } from '@tiptap/core';
  import StarterKit from '@tiptap/starter-kit';
  import { untrack } from 'svelte';
  import { fromProse, sameTree, toProse } from '../../document/prose';
  import type { Block } from '../../document/types';
  import { length } from '../../document/words';
  import { drawChip, FactNode } from './factNode';
  import type { ManuscriptState } from './manuscript.svelte';
  import { getDesk } from './desk';
  import { say } from '../../words/say';

  /** Words typed where they stand. */
  let {
    manuscript,
    id,
    tree,
    shape,
    label,
    look = 'body',
    placeholder = '',
    longest
  }: {
    manuscript: ManuscriptState;
    id: string;
    tree: Block[];
    shape: string;
    label: string;
    look?: 'headline' | 'heading' | 'body' | 'button';
    placeholder?: string;
    longest: number;
  } = $props();

  const desk = getDesk();
  let place = $state<HTMLDivElement>();
  let editor = $state.raw<Editor>();
  let empty = $state(false);
  const fault = $derived(manuscript.refusal(id));

  $effect(() => {
    if (!place) return;
    const made = untrack(() => make(place as HTMLDivElement));
    editor = made;
    return () => {
      desk.editing(null, false, '');
      made.destroy();
    };
  });

  function make(element: HTMLElement): Editor {
    const many = shape === 'PARAGRAPHS';
    return new Editor({
      element,
      injectCSS: false,
      content: toProse(tree),
      extensions: [
        StarterKit.configure({
          heading: false,
          blockquote: false,
          code: false,
          codeBlock: false,
          horizontalRule: false,
          orderedList: false,
          strike: false,
          underline: false,
          undoRedo: false,
          dropcursor: false,
          gapcursor: false,
          trailingNode: false,
          hardBreak: false,
          bulletList: many ? {} : false,
          listItem: many ? {} : false,
          listKeymap: many ? {} : false,
          link: { openOnClick: false, autolink: false, linkOnPaste: false, HTMLAttributes: { class: 'link' } }
        }),
        FactNode.configure({ say: manuscript.say, name: factName, open: (fact) => desk.openFact(fact, id) })
      ],
      editorProps: {
        attributes: {
          role: 'textbox',
          'aria-label': label,
          'aria-multiline': String(shape !== 'LINE'),
          dir: 'auto',
          id: `text-${id}`
        },
        handleKeyDown: (_, event) => {
          if (event.altKey && event.key === 'F10') desk.toTools();
          // Escape leaves the words; the keys of the manuscript work from their section.
          if (event.key === 'Escape') place?.closest<HTMLElement>('section')?.focus({ preventScroll: true });
          return (shape === 'LINE' && event.key === 'Enter') || (event.altKey && event.key === 'F10');
        }
      },
      onUpdate: ({ editor: changed }) => {
        const words = fromProse(changed.getJSON());
        empty = changed.isEmpty;
        const long = length(words);
        if (long > longest) {
          const reason = say('manuscript.textEditor.atMostCharactersPleaseThis', { longest, long });
          manuscript.hold(id, words, reason);
        } else {
          desk.typed(id, words);
          manuscript.type(id, words);
        }
      },
      onFocus: ({ editor: entered }) => {
        desk.editing(entered, many, id);
        desk.choose('', id);
      },
      onCreate: ({ editor: created }) => (empty = created.isEmpty)
    });
  }

  function factName(fact: string): string {
    return (
      manuscript.view?.facts.find((each) => each.id === fact)?.name ?? say('manuscript.textEditor.aFact')
    );
  }

  // Somebody else's words, or a step back, come in here; what is being typed is never overwritten.
  $effect(() => {
    const incoming = tree;
    if (!editor || manuscript.isTyped(id)) return;
    untrack(() => {
      if (editor && !sameTree(incoming, fromProse(editor.getJSON()))) {
        editor.commands.setContent(toProse(incoming), { emitUpdate: false });
        empty = editor.isEmpty;
      }
    });
  });

  $effect(() => {
    void manuscript.view?.facts;
    place
      ?.querySelectorAll<HTMLElement>('[data-fact]')
      .forEach((chip) => drawChip(chip, { say: manuscript.say, name: factName }));
  });
</script>

<div class="text {look}" class:empty>
  <div class="place" bind:this={place} data-placeholder={empty ? placeholder : undefined}></div>
  {#if fault}<p class="fault" role="alert">{fault}</p>{/if}
</div>

<style>
  .text {
    position: relative;
  }
  .place :global(.ProseMirror) {
    min-height: 1.45em;
    padding: 2px 6px;
    margin: 0 -6px;
    border-radius: 2px;
    outline: 0;
    white-space: pre-wrap;
    overflow-wrap: break-word;
  }
  .place :global(.ProseMirror:hover) {
    background: var(--well);
  }
  .place :global(.ProseMirror:focus) {
    background: var(--sheet);
    box-shadow: 0 0 0 2px var(--lacquer);
  }
  .place :global(p) {
    margin: 0 0 0.4em;
  }
  .place :global(p:last-child) {
    margin-bottom: 0;
  }
  .headline :global(p),
  .heading :global(p) {
    margin: 0;
  }
  .place :global(ul) {
    margin: 0.3em 0;
    padding-left: 1.3em;
    list-style: disc;
  }
  .place :global(.link) {
    color: var(--ink);
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  .headline :global(.ProseMirror) {
    font:
      700 31px/1.15 'Aleo Variable',
      Georgia,
      serif;
  }
  .heading :global(.ProseMirror) {
    font:
      700 25px/1.15 'Aleo Variable',
      Georgia,
      serif;
  }
  .button {
    display: inline-block;
  }
  .button :global(.ProseMirror) {
    min-width: 60px;
    margin: 0;
    padding: 5px 14px;
    border: 1px solid var(--ink);
    border-radius: var(--leaf-small);
    font-weight: 700;
  }
  [data-placeholder]::before {
    content: attr(data-placeholder);
    position: absolute;
    padding: 2px 0;
    color: var(--pencil);
    pointer-events: none;
  }
  .button [data-placeholder]::before {
    padding: 6px 15px;
  }
  .place :global(img.ProseMirror-separator) {
    display: inline !important;
    width: 0 !important;
    height: 0 !important;
    margin: 0 !important;
    border: 0 !important;
  }
  .fault {
    margin-top: 4px;
    color: var(--madder);
    font-size: 15px;
  }
  .place :global(.fact-chip) {
    padding: 1px 5px;
    border-bottom: 1.5px solid var(--verdigris);
    border-radius: 2px 5px 0 0;
    background: var(--verdigris-tint);
    cursor: pointer;
  }
  .place :global(.fact-chip.is-missing) {
    border-bottom-color: var(--madder);
    background: var(--madder-tint);
    color: var(--madder);
  }
  .place :global(.ProseMirror-selectednode) {
    outline: 2px solid var(--lacquer);
    outline-offset: 1px;
  }
  @media (max-width: 720px) {
    .headline :global(.ProseMirror) {
      font-size: 26px;
    }
    .heading :global(.ProseMirror) {
      font-size: 21px;
    }
  }
</style>
