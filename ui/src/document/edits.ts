import type { Block, Item, Position, Section, Site, Text } from './types';

/**
 * Edits made by hand. The browser applies only those that move, hide, remove or word something; all others wait for the
 * server's answer. Both do the same, by fixtures they share.
 */
export type Edit =
  | { kind: 'setText'; text: string; mark: 'OWN'; tree: Block[] }
  | { kind: 'moveSection'; section: string; to: Position }
  | { kind: 'hideSection'; section: string; hidden: boolean }
  | { kind: 'removeSection'; section: string }
  | { kind: 'moveItem'; section: string; item: string; after: string }
  | { kind: 'hideItem'; section: string; item: string; hidden: boolean }
  | { kind: 'removeItem'; section: string; item: string }
  | { kind: 'putText'; section: string; slot: string; text: Partial<Text> & { id: string; tree: Block[] } }
  | { kind: 'removeText'; text: string }
  | { kind: 'setMarks'; marks: Record<string, 'CONFIRMED'> }
  | { kind: 'setLayout'; section: string; layout: string }
  | { kind: 'setLine'; path: string; words: string }
  | {
      kind: 'putService';
      service: { id: string; usual: string; name: string; summary: string; price: string; minutes: string };
      after: string;
    }
  | { kind: 'removeService'; id: string }
  | { kind: 'sendMessagesTo'; addresses: string[] };

/** The site after an edit, as far as the browser can tell; the site as it was where the server has to say. */
export function apply(site: Site, edit: Edit): Site {
  switch (edit.kind) {
    case 'setText':
      return mapSections(site, (section) =>
        mapTexts(section, (text) =>
          text.id === edit.text ? { ...text, mark: edit.mark, tree: edit.tree } : text
        )
      );
    case 'moveSection':
      return move(site, edit.section, edit.to);
    case 'hideSection':
      return mapSections(site, (section) =>
        section.id === edit.section ? { ...section, hidden: edit.hidden } : section
      );
    case 'removeSection':
      return without(site, edit.section);
    case 'moveItem':
      return withItems(site, edit.section, (items) => {
        const moved = items.find((item) => item.id === edit.item);
        return moved ? inserted(remove(items, edit.item), moved, edit.after) : items;
      });
    case 'hideItem':
      return withItems(site, edit.section, (items) =>
        items.map((item) => (item.id === edit.item ? { ...item, hidden: edit.hidden } : item))
      );
    case 'removeItem':
      return withItems(site, edit.section, (items) => remove(items, edit.item));
    default:
      return site;
  }
}

export function sectionsOf(site: Site): Section[] {
  return [site.masthead, ...site.pages.flatMap((page) => page.sections), site.footer];
}

export function textsOf(section: Section): Text[] {
  return [...Object.values(section.texts), ...section.items.flatMap((item) => Object.values(item.texts))];
}

function mapSections(site: Site, change: (section: Section) => Section): Site {
  return {
    masthead: change(site.masthead),
    pages: site.pages.map((page) => ({ ...page, sections: page.sections.map(change) })),
    footer: change(site.footer)
  };
}

function mapTexts(section: Section, change: (text: Text) => Text): Section {
  const all = (texts: Record<string, Text>) =>
    Object.fromEntries(Object.entries(texts).map(([slot, text]) => [slot, change(text)]));
  return {
    ...section,
    texts: all(section.texts),
    items: section.items.map((item) => ({ ...item, texts: all(item.texts) }))
  };
}

function without(site: Site, id: string): Site {
  return {
    ...site,
    pages: site.pages.map((page) => ({ ...page, sections: remove(page.sections, id) }))
  };
}

function move(site: Site, id: string, to: Position): Site {
  const moved = site.pages.flatMap((page) => page.sections).find((section) => section.id === id);
  if (!moved) return site;
  const rest = without(site, id);
  return {
    ...rest,
    pages: rest.pages.map((page) =>
      page.id === to.page ? { ...page, sections: inserted(page.sections, moved, to.after) } : page
    )
  };
}

function withItems(site: Site, id: string, change: (items: Item[]) => Item[]): Site {
  return mapSections(site, (section) =>
    section.id === id ? { ...section, items: change(section.items) } : section
  );
}

function remove<T extends { id: string }>(all: T[], id: string): T[] {
  return all.filter((each) => each.id !== id);
}

/** A neighbour that is gone means the end. */
function inserted<T extends { id: string }>(all: T[], one: T, after: string): T[] {
  const at = all.findIndex((each) => each.id === after);
  const place = after === '' ? 0 : at < 0 ? all.length : at + 1;
  return [...all.slice(0, place), one, ...all.slice(place)];
}
