import type { JSONContent } from '@tiptap/core';
import type { Block, Inline, Paragraph } from './types';

/**
 * Our text trees as the editor keeps them, and back. The editor has words with marks on them where we have words inside
 * strong, emphasis or a link; going there and back gives the same words, written one way.
 */
export function toProse(tree: Block[]): JSONContent {
  const content = tree.map((block) =>
    block.kind === 'list'
      ? {
          type: 'bulletList',
          content: block.entries.map((entry) => ({ type: 'listItem', content: [paragraph(entry)] }))
        }
      : paragraph(block)
  );
  return { type: 'doc', content: content.length ? content : [{ type: 'paragraph' }] };
}

type ProseMark = NonNullable<JSONContent['marks']>[number];

function paragraph(block: Paragraph): JSONContent {
  return { type: 'paragraph', content: block.inside.flatMap((node) => inline(node, [])) };
}

function inline(node: Inline, marks: ProseMark[]): JSONContent[] {
  switch (node.kind) {
    case 'words':
      return node.value ? [{ type: 'text', text: node.value, marks }] : [];
    case 'fact':
      return [{ type: 'fact', attrs: { fact: node.fact, facet: node.facet }, marks }];
    case 'strong':
      return node.inside.flatMap((child) => inline(child, [...marks, { type: 'bold' }]));
    case 'emphasis':
      return node.inside.flatMap((child) => inline(child, [...marks, { type: 'italic' }]));
    case 'link':
      return node.inside.flatMap((child) =>
        inline(child, [...marks, { type: 'link', attrs: { href: node.target } }])
      );
  }
}

export function fromProse(doc: JSONContent): Block[] {
  return (doc.content ?? []).flatMap((block): Block[] => {
    if (block.type === 'bulletList') {
      const entries = (block.content ?? []).flatMap((item) => (item.content ?? []).map(toParagraph));
      return entries.length ? [{ kind: 'list', entries }] : [];
    }
    return [toParagraph(block)];
  });
}

function toParagraph(block: JSONContent): Paragraph {
  return { kind: 'paragraph', inside: joined((block.content ?? []).flatMap(toInline)) };
}

/** The outermost is a link, then strong, then emphasis, whatever order the editor has the marks in. */
function toInline(node: JSONContent): Inline[] {
  let made: Inline;
  if (node.type === 'text') made = { kind: 'words', value: node.text ?? '' };
  else if (node.type === 'fact') {
    made = {
      kind: 'fact',
      fact: String(node.attrs?.['fact'] ?? ''),
      facet: String(node.attrs?.['facet'] ?? '')
    };
  } else return [];
  const marks = node.marks ?? [];
  if (marks.some((mark) => mark.type === 'italic')) made = { kind: 'emphasis', inside: [made] };
  if (marks.some((mark) => mark.type === 'bold')) made = { kind: 'strong', inside: [made] };
  const link = marks.find((mark) => mark.type === 'link');
  if (link) made = { kind: 'link', target: String(link.attrs?.['href'] ?? ''), inside: [made] };
  return [made];
}

/** Neighbours of one kind as one, so that a tree has one way to be written. */
function joined(nodes: Inline[]): Inline[] {
  const out: Inline[] = [];
  for (const node of nodes) {
    const last = out[out.length - 1];
    if (last?.kind === 'words' && node.kind === 'words') {
      out[out.length - 1] = { kind: 'words', value: last.value + node.value };
    } else if (last && isWrap(last) && isWrap(node) && last.kind === node.kind && sameTarget(last, node)) {
      out[out.length - 1] = { ...last, inside: joined([...last.inside, ...node.inside]) };
    } else {
      out.push(node);
    }
  }
  return out;
}

type Wrap = Extract<Inline, { inside: Inline[] }>;

function isWrap(node: Inline): node is Wrap {
  return node.kind === 'strong' || node.kind === 'emphasis' || node.kind === 'link';
}

function sameTarget(one: Wrap, other: Wrap): boolean {
  return one.kind !== 'link' || (other.kind === 'link' && one.target === other.target);
}

/** Whether two trees are the same words, however they are written. */
export function sameTree(one: Block[], other: Block[]): boolean {
  return JSON.stringify(fromProse(toProse(one))) === JSON.stringify(fromProse(toProse(other)));
}
