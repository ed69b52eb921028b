import type { components } from '../../../api/schema';
import type { Sheet, SheetRow } from '../../../sheet';
import { say } from '../../../words/say';

export type Taken = components['schemas']['TakenView'];

/** Where a picture belongs, as core names it. */
export type Use = 'logo' | 'icon' | 'opening' | 'work';

/** Of these a site has one. */
const SINGLE: readonly Use[] = ['logo', 'icon', 'opening'];

export function picturesOf(sheet: Sheet, use: Use): SheetRow[] {
  return sheet.rows.filter((row) => row.kind === 'picture' && row.lines['use'] === use);
}

/** Puts a file that was taken onto the sheet; a second logo takes the place of the first. Answers the id of its row. */
export function put(sheet: Sheet, taken: Taken, use: Use): string {
  const id = crypto.randomUUID();
  if (taken.kind === 'document') {
    const title = taken.name || say('facts.rows.priceList');
    sheet.rows.push({ kind: 'document', id, lines: { file: taken.file, title } });
    return id;
  }
  settle(sheet, use, '');
  sheet.rows.push({
    kind: 'picture',
    id,
    lines: {
      file: taken.file,
      use,
      name: taken.name,
      alternative: '',
      decoration: '',
      credit: '',
      turn: '',
      mirror: '',
      // An empty margin would make a logo look small; it comes back with “all of it”.
      crop: use === 'logo' || use === 'icon' ? taken.inside : '',
      brightness: '',
      ground: '',
      focus: ''
    }
  });
  return id;
}

/** Makes room: what stood where only one can stand goes to the other pictures, so that nothing is lost. */
export function settle(sheet: Sheet, use: Use, except: string): void {
  if (!SINGLE.includes(use)) return;
  for (const row of picturesOf(sheet, use)) if (row.id !== except) row.lines['use'] = 'work';
}

/** What a picture is called in a list: what it shows, or the name it came with. */
export function called(row: SheetRow): string {
  return row.lines['alternative']?.trim() || row.lines['name']?.trim() || say('facts.rows.aPicture');
}
