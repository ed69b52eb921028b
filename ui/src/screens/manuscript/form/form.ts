import type { components } from '../../../api/schema';
import { say } from '../../../words/say';

type Schemas = components['schemas'];
export type FieldKind = Schemas['FieldKindView'];
export type Condition = Schemas['Condition'];
/** A field; one that is always asked hangs on nothing. */
export type Field = Omit<Schemas['Field'], 'condition'> & { condition: Condition | null };
export type Route = Schemas['Route'];
export interface Form {
  fields: Field[];
  thanks: string;
  confirms: boolean;
}

const LONGEST = 4000;

/** The form with a field of another kind at its end. */
export function added(form: Form, kind: FieldKind, key = newKey()): Form {
  const field: Field = {
    key: kind.key || key,
    label: kind.label,
    help: '',
    kind: kind.kind,
    required: false,
    longest: LONGEST,
    options: kind.options ? [say('manuscript.form.one'), say('manuscript.form.another')] : [],
    condition: null
  };
  return { ...form, fields: [...form.fields, field] };
}

/** Kinds a form can have one more of. */
export function addable(form: Form, kinds: readonly FieldKind[]): FieldKind[] {
  return kinds.filter((kind) => !kind.key || form.fields.every((field) => field.key !== kind.key));
}

export function changed(form: Form, key: string, other: Partial<Field>): Form {
  return {
    ...form,
    fields: form.fields.map((field) => (field.key === key ? { ...field, ...other } : field))
  };
}

/** The form without a field; what hung on its answer is always asked. */
export function without(form: Form, key: string): Form {
  return {
    ...form,
    fields: form.fields
      .filter((field) => field.key !== key)
      .map((field) => (field.condition?.key === key ? { ...field, condition: null } : field))
  };
}

/** The form with a field one place up or down; one that would stand above what it hangs on is always asked. */
export function moved(form: Form, key: string, by: -1 | 1): Form {
  const fields = [...form.fields];
  const at = fields.findIndex((field) => field.key === key);
  const other = fields[at + by];
  const field = fields[at];
  if (!field || !other) return form;
  fields[at] = other;
  fields[at + by] = field;
  return {
    ...form,
    fields: fields.map((each, index) =>
      each.condition && !fields.slice(0, index).some((before) => before.key === each.condition?.key)
        ? { ...each, condition: null }
        : each
    )
  };
}

/** Fields above one whose answer it can hang on, each with its answers. */
export function hangers(
  form: Form,
  key: string,
  kinds: readonly FieldKind[]
): { field: Field; answers: string[] }[] {
  const at = form.fields.findIndex((field) => field.key === key);
  return form.fields
    .slice(0, at)
    .filter((field) => isDecider(field, kinds))
    .map((field) => ({ field, answers: answersOf(field) }));
}

function isDecider(field: Field, kinds: readonly FieldKind[]): boolean {
  return kinds.some((kind) => kind.kind === field.kind && kind.decides);
}

function answersOf(field: Field): string[] {
  return field.kind === 'YES_NO' ? [say('manuscript.form.yes'), say('manuscript.form.no')] : field.options;
}

/** Fields that decide who is told of a message, each with its answers. */
export function deciders(form: Form, kinds: readonly FieldKind[]): { field: Field; answers: string[] }[] {
  return form.fields
    .filter((field) => field.options.length > 0 || isDecider(field, kinds))
    .map((field) => ({ field, answers: answersOf(field) }));
}

/** Mail addresses and telephone numbers as they are typed into one line, with commas or semicolons between. */
export function recipients(typed: string): string[] {
  return typed
    .split(/[,;\n]/)
    .map((each) => each.trim())
    .filter((each) => each !== '');
}

/** Answers as they are typed, one a line. */
export function lines(typed: string): string[] {
  return typed
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

function newKey(): string {
  return `field-${crypto.randomUUID().slice(0, 8)}`;
}
