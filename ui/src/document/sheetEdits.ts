import type { TypedService } from '../api/client';
import { LINES, type LineName, type Sheet, type SheetRow } from '../sheet';
import type { Edit } from './edits';

const SERVICE_LINES = ['name', 'summary', 'price', 'minutes'] as const;
const KEYS = { practice: 'practices', denied: 'denied', hidden: 'hidden' } as const;

/** The edits that turn one sheet into another: a line at a time, rows by their neighbours. */
export function difference(from: Sheet, to: Sheet): Edit[] {
  return [
    ...line('region', from.region, to.region),
    ...line('links', from.links.join('\n'), to.links.join('\n')),
    ...LINES.flatMap((name) => line(name, from.lines[name], to.lines[name])),
    ...Object.entries(KEYS).flatMap(([prefix, part]) =>
      [...new Set([...from[part], ...to[part]])].flatMap((key) =>
        line(`${prefix}/${key}`, from[part].includes(key) ? 'yes' : '', to[part].includes(key) ? 'yes' : '')
      )
    ),
    ...rowsDifference(from.services, to.services, {
      put: (service, after): Edit => ({ kind: 'putService', service: { ...service }, after }),
      remove: (id): Edit => ({ kind: 'removeService', id }),
      move: (id, after): Edit => ({ kind: 'moveService', id, after })
    }),
    ...to.services.flatMap((service) => {
      const before = from.services.find((each) => each.id === service.id);
      return before
        ? SERVICE_LINES.flatMap((name) => line(`service/${service.id}/${name}`, before[name], service[name]))
        : [];
    }),
    ...rowsDifference(from.rows, to.rows, {
      put: (row, after): Edit => ({ kind: 'putRow', row: { ...row, lines: { ...row.lines } }, after }),
      remove: (id): Edit => ({ kind: 'removeRow', id }),
      move: (id, after): Edit => ({ kind: 'moveRow', id, after })
    }),
    ...to.rows.flatMap((row) => {
      const before = from.rows.find((each) => each.id === row.id);
      return before
        ? Object.keys(row.lines).flatMap((name) =>
            line(`${row.kind}/${row.id}/${name}`, before.lines[name] ?? '', row.lines[name] ?? '')
          )
        : [];
    })
  ];
}

function line(path: string, before: string, words: string): Edit[] {
  return before === words ? [] : [{ kind: 'setLine', path, words }];
}

interface Edits<R> {
  put(row: R, after: string): Edit;
  remove(id: string): Edit;
  move(id: string, after: string): Edit;
}

/** What has gone is taken out, what is new put in, and what stands elsewhere moved. */
function rowsDifference<R extends { id: string }>(from: R[], to: R[], edits: Edits<R>): Edit[] {
  const made: Edit[] = [];
  const after = to.map((row) => row.id);
  const order = from.map((row) => row.id).filter((id) => after.includes(id));
  for (const { id } of from) if (!after.includes(id)) made.push(edits.remove(id));
  let neighbour = '';
  for (const row of to) {
    const place = neighbour === '' ? 0 : order.indexOf(neighbour) + 1;
    if (!from.some((each) => each.id === row.id)) {
      made.push(edits.put(row, neighbour));
      order.splice(place, 0, row.id);
    } else if (order.indexOf(row.id) !== place) {
      made.push(edits.move(row.id, neighbour));
      order.splice(order.indexOf(row.id), 1);
      order.splice(neighbour === '' ? 0 : order.indexOf(neighbour) + 1, 0, row.id);
    }
    neighbour = row.id;
  }
  return made;
}

/** The sheet after an edit; edits of other things leave it as it is. */
export function applyToSheet(sheet: Sheet, edit: Edit): Sheet {
  switch (edit.kind) {
    case 'several':
      return edit.edits.reduce(applyToSheet, sheet);
    case 'setLine':
      return withLine(sheet, edit.path, edit.words);
    case 'putService':
      return { ...sheet, services: inserted(sheet.services, edit.service as TypedService, edit.after) };
    case 'removeService':
      return { ...sheet, services: sheet.services.filter((row) => row.id !== edit.id) };
    case 'moveService':
      return { ...sheet, services: moved(sheet.services, edit.id, edit.after) };
    case 'putRow':
      return { ...sheet, rows: inserted(sheet.rows, edit.row as SheetRow, edit.after) };
    case 'removeRow':
      return { ...sheet, rows: sheet.rows.filter((row) => row.id !== edit.id) };
    case 'moveRow':
      return { ...sheet, rows: moved(sheet.rows, edit.id, edit.after) };
    default:
      return sheet;
  }
}

function inserted<R extends { id: string }>(rows: R[], row: R, after: string): R[] {
  const rest = rows.filter((each) => each.id !== row.id);
  const at = rest.findIndex((each) => each.id === after);
  const place = after === '' ? 0 : at < 0 ? rest.length : at + 1;
  return [...rest.slice(0, place), row, ...rest.slice(place)];
}

function moved<R extends { id: string }>(rows: R[], id: string, after: string): R[] {
  const row = rows.find((each) => each.id === id);
  return row ? inserted(rows, row, after) : rows;
}

function withLine(sheet: Sheet, path: string, words: string): Sheet {
  if (path === 'region') return { ...sheet, region: words };
  if (path === 'links') return { ...sheet, links: words === '' ? [] : words.split('\n') };
  if ((LINES as readonly string[]).includes(path)) {
    return { ...sheet, lines: { ...sheet.lines, [path as LineName]: words } };
  }
  const [kind = '', id = '', name = ''] = path.split('/');
  if (kind in KEYS) {
    const part = KEYS[kind as keyof typeof KEYS];
    const key = path.slice(kind.length + 1);
    const rest = sheet[part].filter((each) => each !== key);
    return { ...sheet, [part]: words === 'yes' ? [...rest, key].sort() : rest };
  }
  if (kind === 'service') {
    return {
      ...sheet,
      services: sheet.services.map((row) => (row.id === id ? { ...row, [name]: words } : row))
    };
  }
  return {
    ...sheet,
    rows: sheet.rows.map((row) => (row.id === id ? { ...row, lines: { ...row.lines, [name]: words } } : row))
  };
}

/** What stands on a line of the sheet, by its path; nothing where there is no such line. */
export function lineOf(sheet: Sheet, path: string): string {
  if (path === 'region') return sheet.region;
  if (path === 'links') return sheet.links.join('\n');
  if ((LINES as readonly string[]).includes(path)) return sheet.lines[path as LineName];
  const [kind = '', id = '', name = ''] = path.split('/');
  if (kind in KEYS)
    return sheet[KEYS[kind as keyof typeof KEYS]].includes(path.slice(kind.length + 1)) ? 'yes' : '';
  if (kind === 'service') {
    const service = sheet.services.find((row) => row.id === id);
    return service ? (service[name as (typeof SERVICE_LINES)[number]] ?? '') : '';
  }
  return sheet.rows.find((row) => row.id === id)?.lines[name] ?? '';
}
