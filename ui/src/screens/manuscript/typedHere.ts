/**
 * What of a manuscript is typed and not kept yet, told so that a key in one text changes nothing for the rest: what is the same is the
 * same object or word, and nothing that shows it is drawn anew.
 */
import type { Unkept } from '../../keeping/browserStore';

const NO_LINES: Readonly<Record<string, string>> = {};

/** Words on lines of the facts sheet, by path; of several on one line the last. */
export function typedLines(items: Unkept[]): Readonly<Record<string, string>> {
  const lines = items.flatMap(({ edit }) => (edit.kind === 'setLine' ? [[edit.path, edit.words]] : []));
  return lines.length ? (Object.fromEntries(lines) as Record<string, string>) : NO_LINES;
}

/** Ids of texts with words that wait, with spaces between. */
export function typedTexts(items: Unkept[]): string {
  return items.flatMap(({ edit }) => (edit.kind === 'setText' ? [edit.text] : [])).join(' ');
}
