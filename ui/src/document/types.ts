import type { components } from '../api/schema';

type Schemas = components['schemas'];

/** The site as a document, as the API describes it. Here only what may stand inside what is said more closely. */

export type Mark = Schemas['Text']['mark'];
export type Words = Schemas['Words'];
export type LinkedFact = Schemas['LinkedFact'];
export type Strong = With<Schemas['Strong'], { inside: Inline[] }>;
export type Emphasis = With<Schemas['Emphasis'], { inside: Inline[] }>;
export type LinkTo = With<Schemas['LinkTo'], { inside: Inline[] }>;
export type Inline = Words | Strong | Emphasis | LinkTo | LinkedFact;
export type Paragraph = With<Schemas['Paragraph'], { inside: Inline[] }>;
export type Bullets = With<Schemas['Bullets'], { entries: Paragraph[] }>;
export type Block = Paragraph | Bullets;
export type Text = With<Schemas['Text'], { tree: Block[] }>;
export type Item = With<Schemas['Item'], { texts: Record<string, Text> }>;
export type Section = With<Schemas['Section'], { texts: Record<string, Text>; items: Item[] }>;
export type Page = With<Schemas['Page'], { sections: Section[] }>;
export type Site = { masthead: Section; pages: Page[]; footer: Section };

/** A place in an order, told by its neighbour; an empty neighbour means the first place. */
export type Position = Schemas['Position'];

/** What a kind of section is. */
export type Kind = Schemas['KindView'];

/** A type with some of its properties said more closely. */
export type With<All, Closer> = Omit<All, keyof Closer> & Closer;
