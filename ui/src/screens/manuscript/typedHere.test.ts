// @vitest-environment node
import { describe, expect, it } from 'vitest';
import type { Edit } from '../../document/edits';
import type { Unkept } from '../../keeping/browserStore';
import { typedLines, typedTexts } from './typedHere';

function unkept(edit: Edit): Unkept {
  return {
    key: 'k',
    site: 's',
    fresh: false,
    at: 1,
    revision: 1,
    place: 'p',
    edit,
    state: 'typing',
    reason: ''
  };
}

const line = (path: string, words: string): Unkept => unkept({ kind: 'setLine', path, words });
const text = (id: string): Unkept => unkept({ kind: 'setText', text: id, mark: 'OWN', tree: [] });

describe('What is typed here', () => {
  it('is the last that was typed on a line', () => {
    expect(typedLines([line('promise', 'soon'), text('a'), line('promise', 'today')])).toEqual({
      promise: 'today'
    });
  });

  it('stays the same for the lines while a text is typed', () => {
    expect(typedLines([text('a')])).toBe(typedLines([text('a'), text('b')]));
  });

  it('names the texts whose words wait', () => {
    expect(typedTexts([text('a'), line('promise', 'soon'), text('b')])).toBe('a b');
    expect(typedTexts([])).toBe('');
  });
});
