import type { RowKind } from '../../sheet';
import { say } from '../../words/say';

/** Rows that are typed; those of pictures and files are given. */
export type TypedRows = Exclude<RowKind, 'picture' | 'document'>;

/** Lines of each kind of row, as they are asked. */
export const ROW_LINES: Record<TypedRows, { name: string; label: string; long?: boolean; wide?: boolean }[]> =
  {
    phone: [
      { name: 'name', label: say('facts.rowLines.whatItIsFor') },
      { name: 'number', label: say('facts.rowLines.number') }
    ],
    person: [
      { name: 'name', label: say('facts.rowLines.name') },
      { name: 'role', label: say('facts.rowLines.whatTheyDo') },
      { name: 'about', label: say('facts.rowLines.aboutThem'), long: true }
    ],
    testimonial: [
      { name: 'words', label: say('facts.rowLines.theirWords'), long: true },
      { name: 'who', label: say('facts.rowLines.whoSaidIt') },
      { name: 'when', label: say('facts.rowLines.when') },
      { name: 'where', label: say('facts.rowLines.whereItWasSaid') }
    ],
    credential: [
      { name: 'body', label: say('facts.rowLines.whatItIsAndWho') },
      { name: 'number', label: say('facts.rowLines.number') },
      { name: 'until', label: say('facts.rowLines.validUntil') }
    ],
    guarantee: [{ name: 'words', label: say('facts.rowLines.whatYouPromise'), long: true }],
    question: [
      { name: 'ask', label: say('facts.rowLines.whatPeopleAsk'), wide: true },
      { name: 'answer', label: say('facts.rowLines.yourAnswer'), long: true }
    ]
  };
