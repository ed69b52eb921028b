import { say, type MessageKey } from '../../words/say';
import type { Editor, FactGroup, FactKind } from './factKind';

type IdOf<Key, Part extends string> = Key extends `facts.kinds.${infer Id}.${Part}` ? Id : never;

/** Its words stand with those of the facts, by its id. */
function kind(
  id: IdOf<MessageKey, 'label'>,
  editor: Editor = 'line',
  more: Pick<FactKind, 'rows' | 'use' | 'hideable' | 'rare' | 'when'> = {}
): FactKind {
  return {
    id,
    editor,
    label: say(`facts.kinds.${id}.label`),
    adds: say(`facts.kinds.${id}.adds`),
    act: say(`facts.kinds.${id}.act`),
    placeholder: say(`facts.kinds.${id}.placeholder`),
    ...more
  };
}

function group(
  name:
    | 'who'
    | 'reach'
    | 'when'
    | 'where'
    | 'whatYouDo'
    | 'proof'
    | 'whatPeopleAsk'
    | 'inYourOwnWords'
    | 'pictures'
    | 'legal',
  kinds: FactKind[]
): FactGroup {
  return { name: say(`facts.groups.${name}`), kinds };
}

/** The facts sheet, group by group, as facts would be said. */
export const GROUPS: FactGroup[] = [
  group('who', [
    kind('name'),
    kind('short-name', 'line', { rare: true }),
    kind('trade', 'trade'),
    kind('person', 'line', { hideable: true }),
    kind('person-rows', 'rows', { rows: 'person', rare: true }),
    kind('founded', 'line', { hideable: true })
  ]),
  group('reach', [
    kind('telephone', 'line', { hideable: true }),
    kind('texts', 'line', { hideable: true }),
    kind('phone-rows', 'rows', { rows: 'phone', rare: true }),
    kind('email', 'line', { hideable: true }),
    kind('promise', 'line', { hideable: true }),
    kind('links', 'links')
  ]),
  group('when', [
    kind('hours', 'hours', { hideable: true }),
    kind('exceptions', 'exceptions'),
    kind('hours/telephone', 'hours', { rare: true }),
    kind('hours/working', 'hours', { rare: true }),
    kind('zone', 'zone', { rare: true })
  ]),
  group('where', [
    kind('area', 'area', { hideable: true, when: 'visits' }),
    kind('place', 'place'),
    kind('point', 'point', { hideable: true, rare: true }),
    kind('words/finding', 'text', { hideable: true, when: 'receives' })
  ]),
  group('whatYouDo', [kind('services', 'services'), kind('practices', 'practices')]),
  group('proof', [
    kind('membership', 'membership', { hideable: true }),
    kind('credential-rows', 'rows', { rows: 'credential', rare: true }),
    kind('testimonial-rows', 'rows', { rows: 'testimonial' }),
    kind('guarantee-rows', 'rows', { rows: 'guarantee', rare: true })
  ]),
  group('whatPeopleAsk', [kind('question-rows', 'rows', { rows: 'question' })]),
  group('inYourOwnWords', [
    kind('words/does', 'text', { hideable: true, rare: true }),
    kind('words/customers', 'text', { hideable: true, rare: true }),
    kind('words', 'text', { hideable: true }),
    kind('words/began', 'text', { hideable: true, rare: true })
  ]),
  group('pictures', [
    kind('pictures/logo', 'pictures', { use: 'logo', rare: true }),
    kind('pictures/opening', 'pictures', { use: 'opening' }),
    kind('pictures/work', 'pictures', { use: 'work', rare: true }),
    kind('pictures/icon', 'pictures', { use: 'icon', rare: true }),
    kind('documents', 'documents', { rare: true })
  ]),
  group('legal', [
    kind('legal/name', 'line', { rare: true }),
    kind('legal/number', 'line', { rare: true }),
    kind('legal/tax', 'line', { rare: true }),
    kind('legal/lines', 'text', { rare: true })
  ])
];

/** What is asked beside empty words of the owner's own. */
export const QUESTIONS: Partial<Record<string, string>> = Object.fromEntries(
  (
    ['words/does', 'words/customers', 'words', 'words/began', 'words/finding'] satisfies IdOf<
      MessageKey,
      'question'
    >[]
  ).map((id) => [id, say(`facts.kinds.${id}.question`)])
);
