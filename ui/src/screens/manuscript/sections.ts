const NAMES: Record<string, string> = {
  MASTHEAD: 'Head of the page',
  OPENING: 'Opening',
  SERVICES: 'Services, prices',
  ABOUT: 'About',
  TESTIMONIALS: 'Said of you',
  QUESTIONS: 'Questions',
  HOURS: 'Hours',
  PLACE: 'Place',
  ENQUIRY: 'Enquiry form',
  FOOTER: 'Foot of the page'
};

/** What the owner calls a kind of section. */
export function nameOf(kind: string): string {
  return NAMES[kind] ?? kind.toLowerCase();
}

const FACTS: Record<string, string[]> = {
  MASTHEAD: ['name', 'telephone'],
  ABOUT: ['person', 'founded', 'membership'],
  HOURS: ['hours'],
  PLACE: ['place', 'area'],
  FOOTER: ['telephone', 'email', 'hours']
};

/** Facts a kind of section shows as they are, besides its words. */
export function factsOf(kind: string): string[] {
  return FACTS[kind] ?? [];
}

/** The ways a kind of section can be laid out in every house, as the server knows them (`SectionKind` in core). */
export const layouts: Record<string, string[]> = {
  MASTHEAD: ['plain', 'stacked'],
  OPENING: ['beside', 'across'],
  SERVICES: ['rows', 'cards'],
  ABOUT: ['record', 'story'],
  TESTIMONIALS: ['slips', 'voices'],
  HOURS: ['sheet', 'lines'],
  PLACE: ['list', 'wide'],
  QUESTIONS: ['cards', 'pairs'],
  ENQUIRY: ['sheet', 'letter'],
  FOOTER: ['plain', 'quiet']
};
