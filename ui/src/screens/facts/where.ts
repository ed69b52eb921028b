import type { Sheet } from '../../sheet';
import type { FactKind } from './factKind';
import { GROUPS } from './groups';

const KINDS = GROUPS.flatMap((group) => group.kinds);

/**
 * The row of the facts sheet on which something stands.
 *
 * @param field a line by its path (`legal/name`, `service/sweep/price`), a field as the server's answers name it
 *   (`exceptions.0`, `services.2.price`), or the id of a fact
 */
export function kindOf(field: string, sheet: Sheet): FactKind | undefined {
  const exact = KINDS.find((kind) => kind.id === field);
  if (exact) return exact;
  const [head = '', id = ''] = field.split(/[/.]/);
  if (head === 'picture') {
    const use = sheet.rows.find((row) => row.id === id)?.lines['use'] ?? 'work';
    return KINDS.find((kind) => kind.id === `pictures/${use}`);
  }
  const names: Record<string, string> = {
    service: 'services',
    link: 'links',
    document: 'documents',
    practice: 'practices'
  };
  return KINDS.find((kind) => kind.rows === head) ?? KINDS.find((kind) => kind.id === (names[head] ?? head));
}
