import type { components } from '../../api/schema';
import type { LineName, Sheet } from '../../sheet';
import { say } from '../../words/say';

export type Findings = components['schemas']['Findings'];
export type Proposal = components['schemas']['Proposal'];

/** Puts a proposal onto a sheet. Answers how to take it back. */
export function take(sheet: Sheet, proposal: Proposal, words = proposal.words): () => void {
  if (proposal.service) {
    const service = proposal.service;
    const index = sheet.services.findIndex((row) => row.id === service.id && service.id !== '');
    const before = sheet.services[index];
    if (before) {
      sheet.services[index] = service;
      return () => (sheet.services[index] = before);
    }
    const taken = sheet.services.some((row) => row.id === service.usual);
    const id = service.usual && !taken ? service.usual : crypto.randomUUID();
    sheet.services.push({ ...service, id });
    return () => (sheet.services = sheet.services.filter((row) => row.id !== id));
  }
  if (proposal.row) {
    const id = crypto.randomUUID();
    sheet.rows.push({ ...proposal.row, id });
    return () => (sheet.rows = sheet.rows.filter((row) => row.id !== id));
  }
  if (proposal.path === 'links') {
    sheet.links.push(words);
    return () => sheet.links.splice(sheet.links.lastIndexOf(words), 1);
  }
  if (proposal.path.startsWith('denied/')) {
    const key = proposal.path.slice('denied/'.length);
    sheet.denied = [...new Set([...sheet.denied, key])];
    return () => (sheet.denied = sheet.denied.filter((each) => each !== key));
  }
  const line = proposal.path as LineName;
  const before = sheet.lines[line];
  sheet.lines[line] = line === 'exceptions' && before.trim() ? `${before.trimEnd()}\n${words}` : words;
  return () => (sheet.lines[line] = before);
}

/** Lines that hold several values, so that one never puts another aside. */
const ADDING = new Set(['', 'links', 'exceptions']);

/**
 * What can be taken unseen: what means one thing, puts nothing aside that it only seems to replace, and is the first for
 * its line.
 */
export function unseen(proposals: Proposal[]): Proposal[] {
  const lines = new Set<string>();
  return proposals.filter(({ sureness, standing, path }) => {
    const plain =
      sureness !== 'ASK' && (standing === 'NEW' || (standing === 'REPLACES' && sureness === 'SURE'));
    if (!plain || (!ADDING.has(path) && lines.has(path))) return false;
    lines.add(path);
    return true;
  });
}

/** What belongs together, in the order of the sheet; what has to be asked stands first and by itself. */
const GROUPS: Record<Proposal['group'], string> = {
  WHO: say('facts.take.whoYouAre'),
  WHAT: say('facts.take.whatYouDo'),
  REACH: say('facts.take.howToReachYou'),
  WHERE: say('facts.take.where'),
  WHEN: say('facts.take.when'),
  PROOF: say('facts.take.whatSpeaksForYou')
};

export interface Group {
  title: string;
  asks: boolean;
  proposals: Proposal[];
}

export function grouped(proposals: Proposal[]): Group[] {
  const asked = proposals.filter((each) => each.sureness === 'ASK');
  const rest = (Object.keys(GROUPS) as Proposal['group'][]).map((group) => ({
    title: GROUPS[group],
    asks: false,
    proposals: proposals.filter((each) => each.sureness !== 'ASK' && each.group === group)
  }));
  return [{ title: say('facts.take.onlyYouKnow'), asks: true, proposals: asked }, ...rest].filter(
    (group) => group.proposals.length
  );
}

/** A stretch of a source: words, and the proposal they carry, if any. */
export interface Stretch {
  words: string;
  proposal: Proposal | null;
  left: boolean;
}

/** The source cut at what was found in it; of stretches that overlap, the first one counts. */
export function stretches(findings: Findings): Stretch[] {
  const marks = [
    ...findings.proposals.map((proposal) => ({ ...proposal.at, proposal, left: false })),
    ...findings.notUnderstood.map((at) => ({ ...at, proposal: null, left: true }))
  ]
    .filter((mark) => mark.to > mark.from)
    .sort((one, other) => one.from - other.from || other.to - one.to);
  const all: Stretch[] = [];
  let at = 0;
  for (const mark of marks) {
    if (mark.from < at) continue;
    if (mark.from > at) all.push({ words: findings.text.slice(at, mark.from), proposal: null, left: false });
    all.push({ words: findings.text.slice(mark.from, mark.to), proposal: mark.proposal, left: mark.left });
    at = mark.to;
  }
  if (at < findings.text.length) all.push({ words: findings.text.slice(at), proposal: null, left: false });
  return all;
}
