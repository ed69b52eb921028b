import { mergeAttributes, Node } from '@tiptap/core';
import type { Say } from '../../document/words';

interface Options {
  say: Say;
  /** Name of a fact, for those who listen. */
  name: (fact: string) => string;
  /** A chip is to be changed. */
  open: (fact: string, facet: string) => void;
}

/**
 * A linked fact inside words: a chip that shows what it says now. A press selects it, so that the tools of the words offer
 * to change it; two presses or Enter open it at once.
 */
export const FactNode = Node.create<Options>({
  name: 'fact',
  group: 'inline',
  inline: true,
  atom: true,
  selectable: true,

  addOptions() {
    return { say: () => '', name: () => '', open: () => undefined };
  },

  addAttributes() {
    return { fact: { default: '' }, facet: { default: '' } };
  },

  parseHTML() {
    return [
      {
        tag: 'span[data-fact]',
        getAttrs: (element) => ({
          fact: element.getAttribute('data-fact'),
          facet: element.getAttribute('data-facet')
        })
      }
    ];
  },

  renderHTML({ node, HTMLAttributes }) {
    const { fact, facet } = node.attrs;
    return [
      'span',
      mergeAttributes(HTMLAttributes, { 'data-fact': fact, 'data-facet': facet }),
      this.options.say(fact, facet)
    ];
  },

  addNodeView() {
    return ({ node, editor, getPos }) => {
      const { fact, facet } = node.attrs as { fact: string; facet: string };
      const chip = document.createElement('span');
      chip.className = 'fact-chip';
      chip.dataset['fact'] = fact;
      chip.dataset['facet'] = facet;
      chip.contentEditable = 'false';
      chip.tabIndex = 0;
      chip.setAttribute('role', 'button');
      const open = () => this.options.open(fact, facet);
      chip.addEventListener('click', (event) => {
        const at = getPos();
        // A press without a pointer comes from a reader of the screen.
        if (event.detail === 0 || event.detail > 1) open();
        else if (at !== undefined) editor.chain().focus().setNodeSelection(at).run();
      });
      chip.addEventListener('keydown', (event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          event.stopPropagation();
          open();
        }
      });
      drawChip(chip, this.options);
      return { dom: chip, ignoreMutation: () => true, stopEvent: (event) => event.type === 'keydown' };
    };
  },

  addKeyboardShortcuts() {
    return {
      Enter: ({ editor }) => {
        const { selection } = editor.state;
        const node =
          'node' in selection
            ? (selection.node as { type: { name: string }; attrs: Record<string, string> })
            : null;
        if (node?.type.name !== 'fact') return false;
        this.options.open(node.attrs['fact'] ?? '', node.attrs['facet'] ?? '');
        return true;
      }
    };
  }
});

/** Brings the words of a chip up to date. */
export function drawChip(chip: HTMLElement, { say, name }: Pick<Options, 'say' | 'name'>): void {
  const fact = chip.dataset['fact'] ?? '';
  const says = say(fact, chip.dataset['facet'] ?? '');
  chip.textContent = says || 'missing';
  chip.classList.toggle('is-missing', !says);
  chip.setAttribute('aria-label', `${name(fact)}: ${says || 'missing'}. Change`);
}
