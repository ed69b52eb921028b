import type { LineName } from '../../sheet';
import type { FactGroup, FactKind } from './factKind';

const line = (
  id: LineName,
  label: string,
  adds: string,
  act: string,
  more: Partial<FactKind> = {}
): FactKind => ({
  id,
  label,
  editor: 'line',
  adds,
  act,
  ...more
});

/** The facts sheet, group by group, as facts would be said. */
export const GROUPS: FactGroup[] = [
  {
    name: 'Who',
    kinds: [
      line('name', 'Name', 'Everything on the page is signed with it.', 'Say it', {
        placeholder: 'What your business is called'
      }),
      line('short-name', 'Short name', 'For narrow places, where the whole name would not fit.', 'Say it', {
        rare: true,
        placeholder: 'At most 24 letters'
      }),
      line('trade', 'Trade', 'Brings the services, questions and words of your trade.', 'Say it', {
        editor: 'trade'
      }),
      line('person', 'Who people meet', 'Lets the page say who comes: people trust a name.', 'Say who', {
        placeholder: 'Your own name',
        hideable: true
      }),
      {
        id: 'person-rows',
        label: 'Others',
        editor: 'rows',
        rows: 'person',
        adds: 'The people of the business, by name.',
        act: 'Add',
        rare: true
      },
      line('founded', 'Since', 'Years in the trade are the simplest proof.', 'Say when', {
        placeholder: 'The year you began',
        hideable: true
      })
    ]
  },
  {
    name: 'Reach',
    kinds: [
      line('telephone', 'Telephone', 'Puts a call one tap away, on every screen of a phone.', 'Give it', {
        placeholder: 'As you would write it on a card',
        hideable: true
      }),
      line('texts', 'Texts to', 'Lets people send a text instead of calling.', 'Give it', {
        placeholder: 'A number, or “the same number”',
        hideable: true
      }),
      {
        id: 'phone-rows',
        label: 'Further numbers',
        editor: 'rows',
        rows: 'phone',
        adds: 'More numbers, each with what it is for.',
        act: 'Add',
        rare: true
      },
      line('email', 'E-mail', 'People can write to you; messages from the form go there too.', 'Give it', {
        hideable: true
      }),
      line('promise', 'You answer', 'Tells people when to expect an answer.', 'Say when', {
        placeholder: 'by the next working morning',
        hideable: true
      }),
      {
        id: 'links',
        label: 'Your pages elsewhere',
        editor: 'links',
        adds: 'Links to your pages on other sites, at the foot of the page.',
        act: 'Add a link'
      }
    ]
  },
  {
    name: 'When',
    kinds: [
      line(
        'hours',
        'Open',
        'Tells people when to come or call, and draws the week on the page.',
        'Say when',
        { editor: 'hours', placeholder: 'Mon-Fri 9-5:30, Sat 10-2', hideable: true }
      ),
      line(
        'exceptions',
        'Days that differ',
        'Days off, short days and seasons; said before the usual week.',
        'Add a day',
        { editor: 'exceptions' }
      ),
      line(
        'hours/telephone',
        'On the telephone',
        'When calls are answered, if that differs from when you are open.',
        'Say when',
        { editor: 'hours', rare: true }
      ),
      line('hours/working', 'For appointments', 'When you take appointments, if that differs.', 'Say when', {
        editor: 'hours',
        rare: true
      }),
      line('zone', 'Clock', 'Your country keeps several clocks.', 'Say which', { editor: 'zone', rare: true })
    ]
  },
  {
    name: 'Where',
    kinds: [
      line('area', 'Comes to', 'A list of the places you travel to.', 'Say where', {
        placeholder: 'The places, with commas between; “15 miles around” does too',
        editor: 'area',
        when: 'visits',
        hideable: true
      }),
      line('place', 'Based at', 'Gives you directions; the town alone will do.', 'Say where', {
        editor: 'place'
      }),
      line('point', 'On the map', 'Makes the directions exact, where an address is not enough.', 'Paste it', {
        placeholder: '49.7001, -7.4002 or a link from a map',
        editor: 'point',
        rare: true,
        hideable: true
      }),
      line('words/finding', 'Finding you', 'Parking, the entrance, steps, the bus stop.', 'Write it', {
        editor: 'text',
        when: 'receives',
        hideable: true
      })
    ]
  },
  {
    name: 'What you do',
    kinds: [
      {
        id: 'services',
        label: 'Services',
        editor: 'services',
        adds: 'What people look for first: what you do, how long, how much.',
        act: 'Add one'
      },
      {
        id: 'practices',
        label: 'Every time',
        editor: 'practices',
        adds: 'Small things you always do say more than adjectives.',
        act: 'Answer'
      }
    ]
  },
  {
    name: 'Proof',
    kinds: [
      {
        id: 'membership',
        label: 'Guild or register',
        editor: 'membership',
        adds: 'A membership people can look up.',
        act: 'Add',
        hideable: true
      },
      {
        id: 'credential-rows',
        label: 'Qualifications',
        editor: 'rows',
        rows: 'credential',
        adds: 'Licences and certificates, shown while they are valid.',
        act: 'Add',
        rare: true
      },
      {
        id: 'testimonial-rows',
        label: 'Said of you',
        editor: 'rows',
        rows: 'testimonial',
        adds: 'Two sentences from a customer say more than ours.',
        act: 'Add'
      },
      {
        id: 'guarantee-rows',
        label: 'Guarantees',
        editor: 'rows',
        rows: 'guarantee',
        adds: 'What you put right, and for how long.',
        act: 'Add',
        rare: true
      }
    ]
  },
  {
    name: 'What people ask',
    kinds: [
      {
        id: 'question-rows',
        label: 'Questions',
        editor: 'rows',
        rows: 'question',
        adds: 'What you are asked on the telephone, answered before they call.',
        act: 'Answer one'
      }
    ]
  },
  {
    name: 'In your own words',
    kinds: [
      line('words/does', 'What you do', 'In a sentence, as you would tell a neighbour.', 'Write it', {
        editor: 'text',
        rare: true,
        hideable: true
      }),
      line('words/customers', 'Who for', 'Who your customers are.', 'Write it', {
        editor: 'text',
        rare: true,
        hideable: true
      }),
      line(
        'words',
        'What sets you apart',
        'Your words stand on the page just as you write them.',
        'Write it',
        { editor: 'text', hideable: true }
      ),
      line('words/began', 'How it began', 'A beginning is remembered.', 'Write it', {
        editor: 'text',
        rare: true,
        hideable: true
      })
    ]
  },
  {
    name: 'Pictures',
    kinds: [
      {
        id: 'pictures/logo',
        label: 'Logo',
        editor: 'pictures',
        use: 'logo',
        adds: 'Stands beside your name, at the head of the page.',
        act: 'Give it',
        rare: true
      },
      {
        id: 'pictures/opening',
        label: 'At the opening',
        editor: 'pictures',
        use: 'opening',
        adds: 'The first thing a visitor sees: you at work, or your shop.',
        act: 'Give one'
      },
      {
        id: 'pictures/work',
        label: 'Of your work',
        editor: 'pictures',
        use: 'work',
        adds: 'Photographs of your work make a gallery, and any of them can go to the opening.',
        act: 'Give some',
        rare: true
      },
      {
        id: 'pictures/icon',
        label: 'Icon',
        editor: 'pictures',
        use: 'icon',
        adds: 'A small square on the tab, if you have one of your own.',
        act: 'Give it',
        rare: true
      },
      {
        id: 'documents',
        label: 'Leaflets',
        editor: 'documents',
        adds: 'A price list or brochure as PDF, beneath your services.',
        act: 'Give one',
        rare: true
      }
    ]
  },
  {
    name: 'Legal',
    kinds: [
      line(
        'legal/name',
        'Registered name',
        'Where the law asks for it, at the foot of the page.',
        'Give it',
        { rare: true }
      ),
      line('legal/number', 'Company number', 'At the foot of the page.', 'Give it', { rare: true }),
      line('legal/tax', 'Tax number', 'At the foot of the page.', 'Give it', { rare: true }),
      line('legal/lines', 'Other lines', 'What a register of your trade asks you to print.', 'Write it', {
        editor: 'text',
        rare: true
      })
    ]
  }
];

/** What is asked beside empty words of the owner's own. */
export const QUESTIONS: Partial<Record<string, string>> = {
  'words/does': 'If somebody asks at a gate what you do, what do you say?',
  'words/customers': 'Who calls you most, and with what?',
  words: 'What do people thank you for?',
  'words/began': 'Who taught you, and where?',
  'words/finding': 'What do you tell people who come for the first time?'
};
