import type { SiteView } from '../../api/client';
import type { LineName, Sheet, SheetRow } from '../../sheet';
import type { FactsView } from './facts.svelte';
import { called, picturesOf } from './files/rows';
import type { FactKind } from './factKind';
import { LANGUAGE, say } from '../../words/say';

/** What the facts sheet is said from: what was typed, how it was answered, and what stands beside it. */
export interface Known {
  sheet: Sheet;
  view: Pick<SiteView, 'answers' | 'trade'> | null;
  facts: Pick<FactsView, 'uses' | 'zone' | 'zones'> | null;
}

/** In how many places a fact stands, in words, and in which parts of the page. */
export interface UseWords {
  words: string;
  parts: string;
}

/** The line a row of another kind is known by. */
const MAIN_LINE: Record<string, string> = {
  person: 'name',
  credential: 'body',
  guarantee: 'words',
  question: 'ask'
};

function row({ kind, lines }: SheetRow): string {
  if (kind === 'testimonial') return `“${lines['words'] ?? ''}” ${lines['who'] ?? ''}`.trim();
  if (kind === 'phone') return `${lines['name'] ?? ''} ${lines['number'] ?? ''}`.trim();
  return (lines[MAIN_LINE[kind] ?? ''] ?? '').trim();
}

/** A month in figures said in words; anything else as it was typed. */
function month(words: string): string {
  return /^\d{4}-\d{2}$/.test(words)
    ? new Date(`${words}-15T12:00:00`).toLocaleDateString(LANGUAGE, { month: 'long', year: 'numeric' })
    : words;
}

/** What is known of a fact, as it is said; empty where nothing is. */
export function said(kind: FactKind, { sheet, view, facts }: Known): string {
  const answers = view?.answers ?? {};
  const lines = sheet.lines;
  switch (kind.editor) {
    case 'hours':
      return answers[kind.id]?.says || lines[kind.id as LineName];
    case 'exceptions':
      return lines.exceptions
        .split('\n')
        .map((words, at) => answers[`exceptions.${at}`]?.says || words)
        .filter((words) => words.trim())
        .join('\n');
    case 'services':
      return sheet.services
        .map(({ name, price }, at) =>
          price ? `${name} ${answers[`services.${at}.price`]?.says || price}` : name
        )
        .join(', ');
    case 'practices':
      return (view?.trade.questions ?? [])
        .filter((question) => sheet.practices.includes(question.key))
        .map((question) => question.says)
        .join('\n');
    case 'links':
      return sheet.links
        .map((link, at) => answers[`links.${at}`]?.says.split(' · ')[0] || link)
        .filter((words) => words.trim())
        .join(', ');
    case 'membership': {
      const number = lines['membership/number'];
      const until = lines['membership/until'];
      return [
        lines['membership/body'],
        number && `no. ${number}`,
        until && say('facts.said.until', { month: month(until) })
      ]
        .filter(Boolean)
        .join(', ');
    }
    case 'rows':
      return sheet.rows
        .filter((each) => each.kind === kind.rows)
        .map(row)
        .filter(Boolean)
        .join('\n');
    case 'pictures':
      return picturesOf(sheet, kind.use ?? 'work')
        .map(called)
        .join('\n');
    case 'documents':
      return sheet.rows
        .filter((each) => each.kind === 'document')
        .map((each) => (each.lines['title'] ?? '').trim() || say('facts.said.aFile'))
        .join('\n');
    case 'zone':
      return facts?.zone ?? '';
    default:
      return lines[kind.id as LineName].trim();
  }
}

/** What a missing fact would add; where the trade or the law says more of it, that. */
export function adds(kind: FactKind, { view }: Pick<Known, 'view'>): string {
  if (kind.id === 'legal/lines') return view?.trade.regulated[0] ?? kind.adds;
  if (kind.id === 'credential-rows' && view?.trade.proof.length) {
    return say('facts.said.worthHavingInYourTrade', { map: view.trade.proof.map(lower).join('; ') });
  }
  return kind.adds;
}

function lower(words: string): string {
  return words.slice(0, 1).toLowerCase() + words.slice(1);
}

/** Few need it, unless the law of the country asks this trade for it. */
export function isRare(kind: FactKind, { view }: Pick<Known, 'view'>): boolean {
  return (kind.rare ?? false) && !(kind.id === 'legal/lines' && (view?.trade.regulated.length ?? 0) > 0);
}

/** Whether a line or a row of the fact is asked about or refused. */
export function isWrong(kind: FactKind, { view }: Known): boolean {
  const own = kind.editor === 'rows' ? `${kind.rows}/` : `${kind.id}.`;
  return Object.entries(view?.answers ?? {}).some(
    ([field, { state }]) =>
      (state === 'REFUSED' || state === 'ASKED') && (field === kind.id || field.startsWith(own))
  );
}

/** Whether the fact is asked for at all: some are for those who travel, or have several clocks, only. */
export function isAsked(kind: FactKind, { sheet, view, facts }: Known): boolean {
  if (kind.id === 'zone') return (facts?.zones.length ?? 0) > 0;
  if (kind.when === 'visits') return (view?.trade.visits ?? false) || sheet.lines.area !== '';
  if (kind.when === 'receives') return (view?.trade.receives ?? false) || sheet.lines['words/finding'] !== '';
  return true;
}

export function isHidden(kind: FactKind, { sheet }: Known): boolean {
  return sheet.hidden.includes(kind.id) || (kind.id === 'place' && sheet.lines['place/shown'] === 'hidden');
}

/** The beginning of the ids of a fact there can be several of. */
function prefix(kind: FactKind): string {
  const several: Partial<Record<FactKind['editor'], string>> = {
    services: 'service/',
    links: 'link/',
    practices: 'practice/',
    rows: `${kind.rows}/`,
    documents: 'document/'
  };
  return several[kind.editor] ?? '';
}

/** "in 6 places", and the parts of the page; "not on the page yet" for what is known and stands nowhere. */
export function use(kind: FactKind, known: Known): UseWords | null {
  if (!known.facts) return null;
  const begins = prefix(kind);
  const own = new Set(
    kind.use ? picturesOf(known.sheet, kind.use).map((picture) => `picture/${picture.id}`) : [kind.id]
  );
  const uses = Object.entries(known.facts.uses)
    .filter(([id]) => (begins ? id.startsWith(begins) : own.has(id)))
    .map(([, each]) => each);
  if (uses.length) {
    const places = uses.reduce((sum, each) => sum + each.places, 0);
    const parts = [...new Set(uses.flatMap((each) => each.parts))].join(', ');
    return { words: say('facts.said.in1Place', { count: places }), parts };
  }
  const isFile = kind.editor === 'pictures' || kind.editor === 'documents';
  if (isFile && said(kind, known)) return { words: say('facts.said.notOnThePage'), parts: '' };
  const hasItsSection = kind.editor === 'rows' || kind.id.startsWith('words') || kind.id.startsWith('hours/');
  return hasItsSection && said(kind, known) && !isHidden(kind, known)
    ? { words: say('facts.said.notOnThePageYet'), parts: say('facts.said.addItsSectionUnderPage') }
    : null;
}
