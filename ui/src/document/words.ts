import type { Block, Inline, Mark, Section } from './types';
import { textsOf } from './edits';
import { say } from '../words/say';

/** How a fact is said inside words; empty when it is missing. */
export type Say = (fact: string, facet: string) => string;

/** A text as a visitor reads it. */
export function plain(tree: Block[], say: Say): string {
  const inline = (nodes: Inline[]): string =>
    nodes
      .map((node) =>
        node.kind === 'words'
          ? node.value
          : node.kind === 'fact'
            ? say(node.fact, node.facet)
            : inline(node.inside)
      )
      .join('');
  return tree
    .flatMap((block) => (block.kind === 'list' ? block.entries : [block]))
    .map((paragraph) => inline(paragraph.inside))
    .join(' ');
}

/** Characters of a text as its limit counts them: what is typed, not what facts say. */
export function length(tree: Block[]): number {
  const inline = (nodes: Inline[]): number =>
    nodes.reduce(
      (sum, node) =>
        sum +
        (node.kind === 'words' ? [...node.value].length : node.kind === 'fact' ? 0 : inline(node.inside)),
      0
    );
  return tree
    .flatMap((block) => (block.kind === 'list' ? block.entries : [block]))
    .reduce((sum, paragraph) => sum + inline(paragraph.inside), 0);
}

/** The same tree with the words of every fact in it, for a page that cannot look facts up. */
export function said(tree: Block[], say: Say): unknown[] {
  const inline = (node: Inline): unknown =>
    node.kind === 'fact'
      ? { ...node, says: say(node.fact, node.facet) }
      : node.kind === 'words'
        ? node
        : { ...node, inside: node.inside.map(inline) };
  return tree.map((block) =>
    block.kind === 'list'
      ? { ...block, entries: block.entries.map((entry) => ({ ...entry, inside: entry.inside.map(inline) })) }
      : { ...block, inside: block.inside.map(inline) }
  );
}

/** The wording mark of a section, in words and as how much of the dot is filled. */
export function wording(section: Section): {
  words: string;
  dot: 'full' | 'half' | 'empty';
  toConfirm: string[];
} {
  const texts = textsOf(section);
  const of = (mark: Mark) => texts.filter((text) => text.mark === mark).length;
  const toConfirm = texts.filter((text) => text.mark === 'SUGGESTED').map((text) => text.id);
  if (texts.length === 0) return { words: say('document.words.fromYourFacts'), dot: 'full', toConfirm };
  if (toConfirm.length === 0) {
    return {
      words: of('OWN') === texts.length ? say('document.words.ownWords') : say('document.words.confirmed'),
      dot: 'full',
      toConfirm
    };
  }
  if (toConfirm.length === texts.length)
    return { words: say('document.words.suggested'), dot: 'empty', toConfirm };
  const parts = [
    ...(of('OWN') ? [say('document.words.own', { what: of('OWN') })] : []),
    ...(of('CONFIRMED') ? [say('document.words.confirmed2', { what: of('CONFIRMED') })] : []),
    say('document.words.suggested2', { number: toConfirm.length })
  ];
  return { words: parts.join(', '), dot: 'half', toConfirm };
}
