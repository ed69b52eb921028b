// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { fromProse, sameTree, toProse } from './prose';
import type { Block, Inline } from './types';

const p = (...inside: Inline[]): Block => ({ kind: 'paragraph', inside });
const w = (value: string): Inline => ({ kind: 'words', value });
const fact = (name: string): Inline => ({ kind: 'fact', fact: name, facet: '' });

describe('a text tree in the editor', () => {
  const trees: [string, Block[]][] = [
    ['plain words', [p(w('Chimneys swept'))]],
    ['two lines', [p(w('Swept.')), p(w('Left clean.'))]],
    ['a fact inside', [p(w('Call '), fact('telephone'), w('.'))]],
    ['strong with a fact in it', [p({ kind: 'strong', inside: [w('Call '), fact('telephone')] })]],
    [
      'a link with strong words',
      [p({ kind: 'link', target: '#hours', inside: [{ kind: 'strong', inside: [w('when')] }] })]
    ],
    [
      'emphasis within strong',
      [p({ kind: 'strong', inside: [w('a '), { kind: 'emphasis', inside: [w('b')] }] })]
    ],
    ['a list', [{ kind: 'list', entries: [p(w('one')), p(w('two'))] as never }, p(w('after'))]],
    ['two links side by side', [p(link('#a', 'one'), link('#b', 'two'))]],
    ['an empty paragraph', [p()]]
  ];

  function link(target: string, words: string): Inline {
    return { kind: 'link', target, inside: [w(words)] };
  }

  it.each(trees)('is the same there and back: %s', (_, tree) => {
    expect(fromProse(toProse(tree))).toEqual(tree);
  });

  it('writes neighbours of one kind as one', () => {
    expect(fromProse(toProse([p(w('a'), w('b'))]))).toEqual([p(w('ab'))]);
    expect(sameTree([p(w('a'), w('b'))], [p(w('ab'))])).toBe(true);
    expect(sameTree([p(w('a'))], [p(w('b'))])).toBe(false);
  });

  it('puts the link outside, whatever order the marks come in', () => {
    const crossed: Block[] = [
      p({ kind: 'strong', inside: [{ kind: 'link', target: '#a', inside: [w('x')] }] })
    ];
    expect(fromProse(toProse(crossed))).toEqual([
      p({ kind: 'link', target: '#a', inside: [{ kind: 'strong', inside: [w('x')] }] })
    ]);
  });

  it('gives an empty text one empty line to type on', () => {
    expect(fromProse(toProse([]))).toEqual([p()]);
  });
});
