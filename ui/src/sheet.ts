import type { components } from './api/schema';

/** Names of the lines of a facts sheet, as the server knows them (`Line` in core). */
export const LINES = [
  'trade',
  'name',
  'short-name',
  'founded',
  'telephone',
  'texts',
  'callers-abroad',
  'email',
  'hours',
  'hours/telephone',
  'hours/working',
  'exceptions',
  'zone',
  'place',
  'place/shown',
  'point',
  'area',
  'person',
  'promise',
  'words/does',
  'words/customers',
  'words',
  'words/began',
  'words/finding',
  'membership/body',
  'membership/number',
  'membership/until',
  'legal/name',
  'legal/number',
  'legal/tax',
  'legal/lines',
  'goal',
  'tone',
  'voice',
  'put-off',
  'left-as-is',
  'pages'
] as const;

export type LineName = (typeof LINES)[number];

export type RowKind =
  'phone' | 'person' | 'testimonial' | 'credential' | 'guarantee' | 'question' | 'picture' | 'document';

/** The facts sheet as it was typed. */
export type Sheet = Omit<components['schemas']['TypedSheet'], 'lines'> & { lines: Record<LineName, string> };

export type SheetRow = components['schemas']['TypedRow'];

/** A sheet nobody has typed on. */
export function emptySheet(): Sheet {
  return {
    region: 'GB',
    lines: Object.fromEntries(LINES.map((line) => [line, ''])) as Record<LineName, string>,
    services: [],
    rows: [],
    links: [],
    practices: [],
    denied: [],
    hidden: [],
    seed: 0
  };
}
