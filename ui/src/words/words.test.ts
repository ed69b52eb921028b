// @vitest-environment node
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { parse, type AST } from 'svelte/compiler';
import { describe, expect, it } from 'vitest';
import { say, type MessageKey } from './say';

const SOURCES = 'src';
const WORDS = 'src/words/en';
/** Names of formats, letters drawn as a sample, how an address begins: the same in every language. */
const NO_WORDS = ['SVG', 'PNG', 'Aa', 'https://'];

/** Attributes that are read or heard. */
const SAID = ['aria-label', 'aria-valuetext', 'placeholder', 'title', 'alt', 'label'];

function files(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? files(path) : [path];
  });
}

/** Words that stand in a template as they are. */
function bare(node: unknown): string[] {
  if (Array.isArray(node)) return node.flatMap(bare);
  if (!node || typeof node !== 'object') return [];
  const { type, data } = node as AST.Text;
  if (type === 'Text') return /\p{L}/u.test(data) && !NO_WORDS.includes(data.trim()) ? [data.trim()] : [];
  if ((type as string) === 'Attribute' && !SAID.includes((node as AST.Attribute).name)) return [];
  if ((type as string) === 'StyleDirective') return [];
  return Object.values(node).flatMap(bare);
}

function keys(tree: object, before: string): string[] {
  return Object.entries(tree).flatMap(([name, value]) =>
    typeof value === 'string'
      ? [`${before}${name.replace(/_(one|other)$/, '')}`]
      : keys(value, `${before}${name}.`)
  );
}

const templates = files(SOURCES).filter((path) => path.endsWith('.svelte'));

describe('words', () => {
  it.each(templates)('are messages, and none stands in the template: %s', (path) => {
    expect(bare(parse(readFileSync(path, 'utf8'), { modern: true }).fragment)).toEqual([]);
  });

  it('are each said somewhere', () => {
    const sources = files(SOURCES)
      .filter((path) => /\.(svelte|ts)$/.test(path) && !path.endsWith('.test.ts'))
      .map((path) => readFileSync(path, 'utf8'))
      .join('\n');
    const all = readdirSync(WORDS).flatMap((name) =>
      keys(JSON.parse(readFileSync(join(WORDS, name), 'utf8')), `${name.replace('.json', '')}.`)
    );
    const unsaid = [...new Set(all)].filter(
      (key) =>
        !sources.includes(`'${key}'`) && !sources.includes(`\`${key.split('.').slice(0, 2).join('.')}.\${`)
    );
    expect(unsaid).toEqual([]);
  });

  it('have a form for one and for several, and gaps that are filled as they are', () => {
    expect(say('parts.publishAct.oneChangeNotPublicYet', { count: 1 })).toBe('One change not public yet');
    expect(say('parts.publishAct.oneChangeNotPublicYet', { count: 3 })).toBe('3 changes not public yet');
    expect(say('manuscript.factDialog.change', { name: '<b> & {{x}}' })).toBe('Change <b> & {{x}}');
  });

  it('are refused by the compiler where there is no such message', () => {
    // @ts-expect-error there is no such message
    const key: MessageKey = 'parts.frame.nothing';
    expect(say(key)).toBe(key);
  });
});
