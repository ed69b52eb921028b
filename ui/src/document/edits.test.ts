// @vitest-environment node
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { apply, sectionsOf, type Edit } from './edits';
import type { Section, Site } from './types';
import { wording } from './words';

interface Case {
  name: string;
  edit: Edit;
  after: Site;
}

/** The same file that core's FixturesTest holds Java's edits to. */
const shared = JSON.parse(
  readFileSync('../core/src/test/resources/ostium/edit/shared-edits.json', 'utf8')
) as { site: Site; cases: Case[] };

describe('edits in the browser do what the core does', () => {
  it.each(shared.cases.map((each) => [each.name, each] as const))('%s', (_, { edit, after }) => {
    expect(apply(shared.site, edit)).toEqual(after);
  });

  it('leaves to the server what only the server can tell', () => {
    expect(apply(shared.site, { kind: 'setLine', path: 'telephone', words: '1' })).toBe(shared.site);
  });
});

describe('the wording mark of a section', () => {
  const text = (mark: string) => ({ id: mark, mark, tree: [], origin: { pattern: '', seed: 0, needs: [] } });
  const section = (...marks: string[]) =>
    ({
      ...sectionsOf(shared.site)[0],
      items: [],
      texts: Object.fromEntries(marks.map((mark, index) => [String(index), text(mark)]))
    }) as unknown as Section;

  it.each([
    [['OWN', 'OWN'], 'own words', 'full'],
    [['CONFIRMED', 'OWN'], 'confirmed', 'full'],
    [['SUGGESTED'], 'suggested', 'empty'],
    [['SUGGESTED', 'OWN', 'CONFIRMED'], '1 own, 1 confirmed, 1 suggested', 'half'],
    [[], 'from your facts', 'full']
  ])('%s is “%s”', (marks, words, dot) => {
    expect(wording(section(...marks))).toMatchObject({ words, dot });
  });
});
