import type { components } from '../api/schema';
import type { Block, Item, Position, Section, Site, Text, With } from './types';

type Schemas = components['schemas'];

/**
 * Edits made by hand. The browser applies only those that move, hide, remove or word something; all others wait for the
 * server's answer. Both do the same, by fixtures they share.
 */
export type Edit =
  | With<Omit<Schemas['SetText'], 'origin'>, { mark: 'OWN'; tree: Block[] }>
  | With<Schemas['PutText'], { text: Partial<Text> & { id: string; tree: Block[] } }>
  | With<Schemas['SetMarks'], { marks: Record<string, 'CONFIRMED'> }>
  | { kind: 'several'; edits: Edit[] }
  | Schemas[
      | 'MoveSection'
      | 'HideSection'
      | 'RemoveSection'
      | 'MoveItem'
      | 'HideItem'
      | 'RemoveItem'
      | 'RemoveText'
      | 'SetLayout'
      | 'SetLine'
      | 'PutService'
      | 'RemoveService'
      | 'MoveService'
      | 'PutRow'
      | 'RemoveRow'
      | 'MoveRow'
      | 'SendMessagesTo'
      | 'SetDoor'
      | 'PlaceDoors'
      | 'SetForm'
      | 'SetRoutes'
      | 'SetBooking'
      | 'KeepMessages'];

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
