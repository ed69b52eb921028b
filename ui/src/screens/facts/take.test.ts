// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../sheet';
import { grouped, stretches, take, unseen, type Findings, type Proposal } from './take';

function proposal(more: Partial<Proposal>): Proposal {
  return {
    id: 'p',
    group: 'REACH',
    name: 'Telephone',
    says: '0117 496 0142',
    at: { from: 0, to: 0 },
    sureness: 'SURE',
    standing: 'NEW',
    replaces: '',
    path: '',
    words: '',
    choices: [],
    left: '',
    service: null as never,
    row: null as never,
    ...more
  };
}

describe('taking a proposal', () => {
  it('sets a line, and takes it back', () => {
    const sheet = emptySheet();
    sheet.lines.telephone = 'before';
    const back = take(sheet, proposal({ path: 'telephone', words: '0117 496 0142' }));
    expect(sheet.lines.telephone).toBe('0117 496 0142');
    back();
    expect(sheet.lines.telephone).toBe('before');
  });

  it('says who comes to whom, and takes that back', () => {
    const sheet = emptySheet();
    sheet.denied = ['VISITS'];
    const back = take(sheet, proposal({ path: 'denied/RECEIVES', words: 'yes' }));
    expect(sheet.denied).toEqual(['VISITS', 'RECEIVES']);
    back();
    expect(sheet.denied).toEqual(['VISITS']);
  });

  it('adds a day to those that differ', () => {
    const sheet = emptySheet();
    take(sheet, proposal({ path: 'exceptions', words: 'Christmas Day closed' }));
    take(sheet, proposal({ path: 'exceptions', words: '3 Dec 2026 closed' }));
    expect(sheet.lines.exceptions).toBe('Christmas Day closed\n3 Dec 2026 closed');
  });

  it('adds a service under its usual key, or changes the row that is there', () => {
    const sheet = emptySheet();
    const sweep = { id: '', usual: 'sweep', name: 'Chimney sweep', summary: '', price: '£65', minutes: '45' };
    const back = take(sheet, proposal({ service: sweep }));
    expect(sheet.services).toEqual([{ ...sweep, id: 'sweep' }]);
    const change = take(sheet, proposal({ service: { ...sweep, id: 'sweep', price: '£70' } }));
    expect(sheet.services.map((row) => row.price)).toEqual(['£70']);
    change();
    expect(sheet.services.map((row) => row.price)).toEqual(['£65']);
    back();
    expect(sheet.services).toEqual([]);
  });

  it('adds links and rows, and takes them back', () => {
    const sheet = emptySheet();
    const link = take(sheet, proposal({ path: 'links', words: 'instagram @a' }));
    const row = take(
      sheet,
      proposal({ row: { kind: 'testimonial', id: 'testimonial-1', lines: { words: 'Good', who: 'Piet' } } })
    );
    expect(sheet.links).toEqual(['instagram @a']);
    expect(sheet.rows).toHaveLength(1);
    link();
    row();
    expect(sheet.links).toEqual([]);
    expect(sheet.rows).toEqual([]);
  });
});

describe('what can be taken unseen', () => {
  const ids = (proposals: Proposal[]) => unseen(proposals).map((each) => each.id);

  it('means one thing, and is not known already', () => {
    expect(
      ids([
        proposal({ id: 'new', path: 'name' }),
        proposal({ id: 'asked', path: 'hours', sureness: 'ASK' }),
        proposal({ id: 'same', path: 'email', standing: 'SAME' })
      ])
    ).toEqual(['new']);
  });

  it('puts a fact aside only where it is sure', () => {
    expect(
      ids([
        proposal({ id: 'seems', path: 'trade', standing: 'REPLACES', sureness: 'LIKELY' }),
        proposal({ id: 'sure', path: 'hours', standing: 'REPLACES' })
      ])
    ).toEqual(['sure']);
  });

  it('is one for a line, and all for what there can be several of', () => {
    expect(
      ids([
        proposal({ id: 'a', path: 'email' }),
        proposal({ id: 'b', path: 'email' }),
        proposal({ id: 'c', path: 'links' }),
        proposal({ id: 'd', path: 'links' }),
        proposal({ id: 'e', path: '' }),
        proposal({ id: 'f', path: '' })
      ])
    ).toEqual(['a', 'c', 'd', 'e', 'f']);
  });
});

describe('the source, cut at what was found', () => {
  it('keeps every letter, and the first of two that overlap', () => {
    const text = 'Ada\n0117 496 0142\nbye';
    const findings: Findings = {
      kind: 'your text',
      text,
      proposals: [
        proposal({ id: 'a', at: { from: 4, to: 17 } }),
        proposal({ id: 'b', at: { from: 9, to: 17 } })
      ],
      notUnderstood: [{ from: 18, to: 21 }],
      note: ''
    };
    const cut = stretches(findings);
    expect(cut.map((each) => each.words).join('')).toBe(text);
    expect(cut.map((each) => each.proposal?.id ?? (each.left ? 'left' : ''))).toEqual(['', 'a', '', 'left']);
  });
});

describe('what belongs together', () => {
  it('stands together in the order of the sheet, what has to be asked before it', () => {
    const groups = grouped([
      proposal({ id: 'hours', group: 'WHEN' }),
      proposal({ id: 'name', group: 'WHO' }),
      proposal({ id: 'place', group: 'WHERE', sureness: 'ASK' }),
      proposal({ id: 'person', group: 'WHO' })
    ]);
    expect(groups.map((group) => [group.title, ...group.proposals.map((each) => each.id)])).toEqual([
      ['Only you know', 'place'],
      ['Who you are', 'name', 'person'],
      ['When', 'hours']
    ]);
  });
});
