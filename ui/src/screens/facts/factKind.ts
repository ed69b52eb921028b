import type { Use } from './files/rows';
import type { TypedRows } from './rowLines';

/** How a line of the facts sheet is edited, where a single line of words is not enough. */
export type Editor =
  | 'line'
  | 'text'
  | 'trade'
  | 'place'
  | 'area'
  | 'point'
  | 'hours'
  | 'exceptions'
  | 'services'
  | 'practices'
  | 'links'
  | 'membership'
  | 'zone'
  | 'rows'
  | 'pictures'
  | 'documents';

/** A row of the facts sheet. */
export interface FactKind {
  /** Id of the fact, which is also the name of its line unless `editor` says otherwise. */
  id: string;
  label: string;
  editor: Editor;
  /** What it would add to the page while it is missing. */
  adds: string;
  /** Words of the act while it is missing. */
  act: string;
  placeholder?: string;
  /** Rows of this kind, for the editor `rows`. */
  rows?: TypedRows;
  /** Where its pictures belong, for the editor `pictures`. */
  use?: Use;
  /** Whether visitors can be kept from seeing it while it is known. */
  hideable?: boolean;
  /** Not worth a brass row while it is missing: few need it. */
  rare?: boolean;
  /** For whom it is asked: those who travel, or those people come to. */
  when?: 'visits' | 'receives';
}

export interface FactGroup {
  name: string;
  kinds: FactKind[];
}
