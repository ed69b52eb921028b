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
