/** The site as a document, as the core writes it ({@code ostium.core.site}). */

export type Mark = 'SUGGESTED' | 'CONFIRMED' | 'OWN';

export interface Paragraph {
  kind: 'paragraph';
  inside: Inline[];
}
export interface Bullets {
  kind: 'list';
  entries: Paragraph[];
}
export type Block = Paragraph | Bullets;

export interface Words {
  kind: 'words';
  value: string;
}
export interface Strong {
  kind: 'strong';
  inside: Inline[];
}
export interface Emphasis {
  kind: 'emphasis';
  inside: Inline[];
}
export interface LinkTo {
  kind: 'link';
  target: string;
  inside: Inline[];
}
export interface LinkedFact {
  kind: 'fact';
  fact: string;
  facet: string;
}
export type Inline = Words | Strong | Emphasis | LinkTo | LinkedFact;

export interface Text {
  id: string;
  mark: Mark;
  tree: Block[];
  origin: { pattern: string; seed: number; needs: string[] };
}

export interface Item {
  id: string;
  fact: string;
  hidden: boolean;
  texts: Record<string, Text>;
}

export interface Section {
  id: string;
  kind: string;
  layout: string;
  anchor: string;
  hidden: boolean;
  texts: Record<string, Text>;
  items: Item[];
}

export interface Page {
  id: string;
  slug: string;
  name: string;
  sections: Section[];
}

export interface Site {
  masthead: Section;
  pages: Page[];
  footer: Section;
}

/** A place in an order, told by its neighbour; an empty neighbour means the first place. */
export interface Position {
  page: string;
  after: string;
}
