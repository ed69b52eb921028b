// @vitest-environment node
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { emptySheet, type Sheet } from '../sheet';
import type { Edit } from './edits';
import { applyToSheet, difference, lineOf } from './sheetEdits';

interface Case {
  name: string;
  edit: Edit;
  after: Sheet;
}

/** The same file that core's SharedFixturesTest holds Java's edits to. */
const shared = JSON.parse(
  readFileSync('../core/src/test/resources/ostium/edit/shared-sheet-edits.json', 'utf8')
) as { sheet: Sheet; cases: Case[] };

describe('edits of the facts sheet do in the browser what they do in the core', () => {
  it.each(shared.cases.map((each) => [each.name, each] as const))('%s', (_, { edit, after }) => {
    expect(applyToSheet(shared.sheet, edit)).toEqual(after);
  });
});

/** Numbers that look random and are the same each time. */
function numbers(seed: number): (below: number) => number {
  let at = seed;
  return (below) => {
    at = (at * 1103515245 + 12345) % 2147483648;
    return Math.floor((at / 2147483648) * below);
  };
}

function some(next: (below: number) => number): Sheet {
  const sheet = structuredClone(shared.sheet);
  const ids = ['sweep', 'stove', 'survey', 'own', 'new'].filter(() => next(3) > 0).sort(() => next(3) - 1);
  sheet.services = ids.map((id) => ({
    id,
    usual: '',
    name: `${id} ${next(2)}`,
    summary: '',
    price: next(2) ? '£5' : '',
    minutes: ''
  }));
  sheet.rows = ['t1', 'q1', 't2']
    .filter(() => next(3) > 0)
    .sort(() => next(3) - 1)
    .map((id) => ({
      kind: id.startsWith('t') ? 'testimonial' : 'question',
      id,
      lines: { words: String(next(3)) }
    }));
  sheet.lines.name = String(next(3));
  sheet.links = ['a.example', 'b.example'].slice(next(3));
  sheet.denied = ['RECEIVES', 'VISITS'].slice(next(3));
  sheet.region = next(2) ? 'GB' : 'US';
  return sheet;
}

describe('the difference of two sheets', () => {
  it.each(Array.from({ length: 60 }, (_, seed) => seed + 1))('gives the other sheet, seed %i', (seed) => {
    const next = numbers(seed);
    const [from, to] = [some(next), some(next)];
    expect(difference(from, to).reduce(applyToSheet, from)).toEqual(to);
    expect(difference(to, to)).toEqual([]);
  });

  it('is one edit for one line, whatever else stands', () => {
    const to = applyToSheet(shared.sheet, { kind: 'setLine', path: 'hours', words: 'Mon-Sat 8-6' });
    expect(difference(shared.sheet, to)).toEqual([{ kind: 'setLine', path: 'hours', words: 'Mon-Sat 8-6' }]);
  });
});

describe('a line by its path', () => {
  it.each([
    ['region', 'GB'],
    ['name', shared.sheet.lines.name],
    ['service/sweep/price', shared.sheet.services[0]?.price],
    ['testimonial/t1/words', 'Not a speck of soot.'],
    ['denied/RECEIVES', 'yes'],
    ['denied/VISITS', ''],
    ['service/gone/price', ''],
    ['links', shared.sheet.links.join('\n')]
  ])('%s', (path, words) => {
    expect(lineOf(shared.sheet, path)).toBe(words);
  });

  it('is nothing on an empty sheet', () => {
    expect(lineOf(emptySheet(), 'testimonial/t1/words')).toBe('');
  });
});
