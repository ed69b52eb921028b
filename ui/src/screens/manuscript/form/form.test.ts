// @vitest-environment node
import { describe, expect, it } from 'vitest';
import {
  added,
  addable,
  changed,
  deciders,
  hangers,
  lines,
  moved,
  recipients,
  without,
  type Field,
  type FieldKind,
  type Form
} from './form';

const kind = (name: string, other: Partial<FieldKind> = {}): FieldKind =>
  ({
    kind: name,
    words: name,
    label: `${name}?`,
    key: '',
    options: false,
    decides: false,
    hangs: true,
    ...other
  }) as FieldKind;
const KINDS = [
  kind('REACH', { key: 'reach' }),
  kind('CHOICE', { options: true, decides: true }),
  kind('YES_NO', { decides: true }),
  kind('SHORT')
];
const field = (key: string, other: Partial<Field> = {}): Field => ({
  key,
  label: key,
  help: '',
  kind: 'SHORT',
  required: false,
  longest: 200,
  options: [],
  condition: null,
  ...other
});
const form: Form = {
  fields: [
    field('reach', { kind: 'REACH' }),
    field('what', { kind: 'CHOICE', options: ['Sweep', 'Other'] }),
    field('other', { condition: { key: 'what', answer: 'Other' } })
  ],
  thanks: '',
  confirms: false
};

describe('a form', () => {
  it('takes a kind once where that has a key of its own', () => {
    expect(addable(form, KINDS).map((each) => each.kind)).toEqual(['CHOICE', 'YES_NO', 'SHORT']);
    expect(added(without(form, 'reach'), KINDS[0]!).fields.at(-1)?.key).toBe('reach');
  });

  it('gives a list two answers to begin with', () => {
    expect(added(form, KINDS[1]!, 'new').fields.at(-1)).toMatchObject({
      key: 'new',
      options: ['One', 'Another']
    });
  });

  it('lets go of a condition with the field it hung on', () => {
    expect(without(form, 'what').fields.find((each) => each.key === 'other')?.condition).toBeNull();
  });

  it('lets go of a condition that would hang on a later field', () => {
    const up = moved(form, 'other', -1);
    expect(up.fields.map((each) => each.key)).toEqual(['reach', 'other', 'what']);
    expect(up.fields[1]?.condition).toBeNull();
    expect(moved(form, 'reach', -1)).toBe(form);
  });

  it('knows what a field can hang on', () => {
    expect(hangers(form, 'other', KINDS)).toEqual([{ field: form.fields[1], answers: ['Sweep', 'Other'] }]);
    expect(hangers(form, 'what', KINDS)).toEqual([]);
    expect(
      hangers(added(changed(form, 'what', { kind: 'YES_NO' }), KINDS[3]!, 'x'), 'x', KINDS)[0]?.answers
    ).toEqual(['Yes', 'No']);
  });

  it('reads answers a line each', () => {
    expect(lines(' Sweep \n\n Other')).toEqual(['Sweep', 'Other']);
  });
});

describe('who is told by an answer', () => {
  it('hangs on answers that are chosen, wherever they stand', () => {
    const form: Form = {
      fields: [
        field('what', { kind: 'CHOICE', options: ['Sweep', 'Repair'] }),
        field('name'),
        field('wants', { kind: 'SEVERAL', options: ['A', 'B'] }),
        field('pets', { kind: 'YES_NO' })
      ],
      thanks: '',
      confirms: false
    };
    expect(deciders(form, KINDS).map((each) => [each.field.key, each.answers])).toEqual([
      ['what', ['Sweep', 'Repair']],
      ['wants', ['A', 'B']],
      ['pets', ['Yes', 'No']]
    ]);
  });

  it('is read with commas or semicolons between, numbers with their spaces', () => {
    expect(recipients(' ben@ashlatch.example; 07700 900461,\n, +44 7700 900462 ')).toEqual([
      'ben@ashlatch.example',
      '07700 900461',
      '+44 7700 900462'
    ]);
  });
});
