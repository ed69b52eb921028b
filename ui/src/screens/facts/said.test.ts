// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../sheet';
import type { FactKind } from './factKind';
import { GROUPS } from './groups';
import { isAsked, isHidden, isWrong, said, use, type Known } from './said';

const kinds = new Map(GROUPS.flatMap((group) => group.kinds).map((kind) => [kind.id, kind]));
const kind = (id: string) => kinds.get(id) as FactKind;

const answer = (state: string, says = '') => ({ state, says, remark: '', choices: [], from: 0, to: 0 });

function known(more: { answers?: object; trade?: object; facts?: object } = {}): Known {
  return {
    sheet: emptySheet(),
    view: {
      answers: more.answers ?? {},
      trade: { visits: false, receives: false, questions: [], ...more.trade }
    },
    facts: { uses: {}, zone: 'Europe/London', zones: [], ...more.facts }
  } as unknown as Known;
}

describe('a fact, as it is said', () => {
  it('is empty while nothing is known', () => {
    for (const each of kinds.values()) if (each.editor !== 'zone') expect(said(each, known())).toBe('');
  });

  it('is the reading of hours and of days that differ, or the words while they are not read', () => {
    const site = known({
      answers: { hours: answer('READ', 'Mon–Fri 9–5'), 'exceptions.0': answer('READ', '3 Dec 2026 closed') }
    });
    site.sheet.lines.hours = 'mon-fri 9-5';
    site.sheet.lines.exceptions = '3 dec closed\nsometime';
    expect(said(kind('hours'), site)).toBe('Mon–Fri 9–5');
    expect(said(kind('exceptions'), site)).toBe('3 Dec 2026 closed\nsometime');
  });

  it('names services with their prices', () => {
    const site = known({ answers: { 'services.0.price': answer('READ', '£65') } });
    site.sheet.services = [
      { id: 'a', usual: '', name: 'Sweep', summary: '', price: '65', minutes: '' },
      { id: 'b', usual: '', name: 'Survey', summary: '', price: '', minutes: '' }
    ];
    expect(said(kind('services'), site)).toBe('Sweep £65, Survey');
  });

  it('says a membership with its month in words', () => {
    const site = known();
    site.sheet.lines['membership/body'] = 'Island Guild of Sweeps';
    site.sheet.lines['membership/number'] = '117';
    site.sheet.lines['membership/until'] = '2027-06';
    expect(said(kind('membership'), site)).toBe('Island Guild of Sweeps, no. 117, until June 2027');
  });

  it('says rows by what they are known by, and links as they are typed until they are read', () => {
    const site = known();
    site.sheet.rows = [
      { kind: 'testimonial', id: 't', lines: { words: 'Good.', who: 'Piet' } },
      { kind: 'person', id: 'p', lines: { name: 'Isolde', role: 'voicing' } },
      { kind: 'phone', id: 'w', lines: { name: 'Workshop', number: '0117 496 0556' } }
    ];
    site.sheet.links = ['insta @a'];
    expect(said(kind('testimonial-rows'), site)).toBe('“Good.” Piet');
    expect(said(kind('person-rows'), site)).toBe('Isolde');
    expect(said(kind('phone-rows'), site)).toBe('Workshop 0117 496 0556');
    expect(said(kind('links'), site)).toBe('insta @a');
  });
});

describe('a fact on the sheet', () => {
  it('is wrong where one of its lines or rows is', () => {
    expect(isWrong(kind('hours'), known({ answers: { hours: answer('ASKED') } }))).toBe(true);
    expect(isWrong(kind('exceptions'), known({ answers: { 'exceptions.2': answer('REFUSED') } }))).toBe(true);
    expect(isWrong(kind('phone-rows'), known({ answers: { 'phone/w': answer('REFUSED') } }))).toBe(true);
    expect(isWrong(kind('hours'), known({ answers: { 'hours/working': answer('REFUSED') } }))).toBe(false);
    expect(isWrong(kind('hours'), known({ answers: { hours: answer('READ') } }))).toBe(false);
  });

  it('is asked for only of those it concerns', () => {
    expect(isAsked(kind('area'), known())).toBe(false);
    expect(isAsked(kind('area'), known({ trade: { visits: true } }))).toBe(true);
    expect(isAsked(kind('zone'), known())).toBe(false);
    expect(isAsked(kind('zone'), known({ facts: { zones: ['a', 'b'] } }))).toBe(true);
    expect(isAsked(kind('name'), known())).toBe(true);
  });

  it('says in how many places it stands, and when it stands nowhere', () => {
    const site = known({
      facts: {
        uses: {
          telephone: { places: 1, parts: ['Opening'] },
          'service/a': { places: 2, parts: ['Opening', 'Services and prices'] },
          'service/b': { places: 1, parts: ['Services and prices'] }
        }
      }
    });
    expect(use(kind('telephone'), site)).toEqual({ words: 'in 1 place', parts: 'Opening' });
    expect(use(kind('services'), site)).toEqual({
      words: 'in 3 places',
      parts: 'Opening, Services and prices'
    });
    expect(use(kind('words'), site)).toBeNull();
    site.sheet.lines.words = 'By hand.';
    expect(use(kind('words'), site)?.words).toBe('not on the page yet');
    site.sheet.hidden = ['words'];
    expect(use(kind('words'), site)).toBeNull();
    expect(isHidden(kind('words'), site)).toBe(true);
  });

  it('is hidden where its address is', () => {
    const site = known();
    site.sheet.lines['place/shown'] = 'hidden';
    expect(isHidden(kind('place'), site)).toBe(true);
  });
});
