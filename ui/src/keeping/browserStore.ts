import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Edit } from '../document/edits';

/**
 * An edit the server does not have yet.
 *
 * `typing`: more may follow in the same place. `waiting`: to be sent. `refused`: it cannot be, for {@link reason}.
 * `met`: somebody else has changed the same place meanwhile.
 */
export interface Unkept {
  /** Id of the edit: the window's name, a full stop, and an id of its own. */
  key: string;
  site: string;
  /** Whether the site itself is not on the server yet. */
  fresh: boolean;
  /** When it was typed, in milliseconds; edits are sent in this order. */
  at: number;
  /** Revision of the site it was made on. */
  revision: number;
  /** Where it is typed; what is typed there again takes its place. */
  place: string;
  edit: Edit;
  state: 'typing' | 'waiting' | 'refused' | 'met';
  reason: string;
}

interface Stores extends DBSchema {
  unkept: { key: string; value: Unkept; indexes: { site: string } };
  known: { key: string; value: unknown };
}

let opened: Promise<IDBPDatabase<Stores> | null> | undefined;

/** The browser's own store; nothing where the browser does not give one, as in some private windows. */
function store(): Promise<IDBPDatabase<Stores> | null> {
  opened ??= Promise.resolve()
    .then(() =>
      openDB<Stores>('ostium', 1, {
        upgrade(database) {
          database.createObjectStore('unkept', { keyPath: 'key' }).createIndex('site', 'site');
          database.createObjectStore('known');
        }
      })
    )
    .catch(() => null);
  return opened;
}

async function tried<T>(work: (database: IDBPDatabase<Stores>) => Promise<T>, otherwise: T): Promise<T> {
  const database = await store();
  if (!database) return otherwise;
  try {
    return await work(database);
  } catch {
    return otherwise;
  }
}

/** Words that are not kept yet live here until they are, over a reload, closing and sign-in. */
export const unkeptWords = {
  of: (site: string): Promise<Unkept[]> =>
    tried(async (database) => {
      const all = await database.getAllFromIndex('unkept', 'site', site);
      return all.sort((one, other) => one.at - other.at);
    }, []),
  put: (item: Unkept): Promise<unknown> => tried((database) => database.put('unkept', item), ''),
  drop: (key: string): Promise<unknown> => tried((database) => database.delete('unkept', key), undefined)
};

/** What was last known of a site, to be shown while the connection is away. */
export const lastKnown = {
  get: <T>(name: string): Promise<T | undefined> =>
    tried((database) => database.get('known', name) as Promise<T | undefined>, undefined),
  put: (name: string, value: unknown): Promise<unknown> =>
    tried((database) => database.put('known', value, name), ''),
  /** Whoever signs out leaves nothing to be read here. */
  clear: (): Promise<unknown> => tried((database) => database.clear('known'), undefined)
};
