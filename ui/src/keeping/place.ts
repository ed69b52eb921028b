import type { Edit } from '../document/edits';

/** Edits that carry something typed. */
const WORDED: Edit['kind'][] = [
  'setText',
  'putText',
  'setLine',
  'putService',
  'putRow',
  'setDoor',
  'setForm',
  'setRoutes'
];

/** Where the words of an edit stand. */
export function placeOf(edit: Edit): string {
  if (edit.kind === 'setText') return `text/${edit.text}`;
  if (edit.kind === 'setLine') return `line/${edit.path}`;
  if (edit.kind === 'setDoor') return `door/${edit.door.kind}`;
  if (edit.kind === 'setForm') return `form/${edit.section}`;
  if (edit.kind === 'setRoutes') return `routes/${edit.section}`;
  return '';
}

/** Whether an edit carries something that was typed. */
export function holdsWords(edit: Edit): boolean {
  return WORDED.includes(edit.kind);
}
