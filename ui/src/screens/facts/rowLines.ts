import type { RowKind } from '../../sheet';

/** Rows that are typed; those of pictures and files are given. */
export type TypedRows = Exclude<RowKind, 'picture' | 'document'>;

/** Lines of each kind of row, as they are asked. */
export const ROW_LINES: Record<TypedRows, { name: string; label: string; long?: boolean; wide?: boolean }[]> =
  {
    phone: [
      { name: 'name', label: 'What it is for' },
      { name: 'number', label: 'Number' }
    ],
    person: [
      { name: 'name', label: 'Name' },
      { name: 'role', label: 'What they do' },
      { name: 'about', label: 'About them', long: true }
    ],
    testimonial: [
      { name: 'words', label: 'Their words', long: true },
      { name: 'who', label: 'Who said it' },
      { name: 'when', label: 'When' },
      { name: 'where', label: 'Where it was said' }
    ],
    credential: [
      { name: 'body', label: 'What it is, and who gave it' },
      { name: 'number', label: 'Number' },
      { name: 'until', label: 'Valid until' }
    ],
    guarantee: [{ name: 'words', label: 'What you promise', long: true }],
    question: [
      { name: 'ask', label: 'What people ask', wide: true },
      { name: 'answer', label: 'Your answer', long: true }
    ]
  };
