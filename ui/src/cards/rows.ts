import { at, numeric, textOf, withValue, type Doc, type Json } from './document';
import type { FormList } from '../api/forms';

/** The rows of a card's list as objects, whatever form the document gives them. */
export function rowsOf(doc: Doc, spec: FormList): Doc[] {
  const found = at(doc, spec.pointer);
  if (spec.form === 'members') {
    return typeof found === 'object' && found !== null && !Array.isArray(found)
      ? Object.entries(found).map(([name, value]) => ({ name, value }))
      : [];
  }
  const list = Array.isArray(found) ? found : [];
  return list.map((row) => {
    if (spec.form === 'texts') {
      return { '': row };
    }
    if (spec.form === 'pairs') {
      return {
        '0': Array.isArray(row) ? (row[0] ?? '') : '',
        '1': Array.isArray(row) ? (row[1] ?? '') : '',
      };
    }
    return typeof row === 'object' && row !== null && !Array.isArray(row) ? row : {};
  });
}

/** A cell of a row; a dot leads into an object. */
export function cell(row: Doc, key: string): Json | undefined {
  return key === '' ? row[''] : at(row, `/${key.replaceAll('.', '/')}`);
}

export function withCell(row: Doc, key: string, value: Json | undefined): Doc {
  return key === '' ? { '': value ?? '' } : withValue(row, `/${key.replaceAll('.', '/')}`, value);
}

/** The document with these rows in the list. */
export function withRows(doc: Doc, spec: FormList, rows: Doc[]): Doc {
  if (spec.form === 'members') {
    return withValue(
      doc,
      spec.pointer,
      Object.fromEntries(rows.map((row) => [textOf(row['name']), row['value'] ?? ''])),
    );
  }
  const list: Json[] = rows.map((row) =>
    spec.form === 'texts'
      ? (row[''] ?? '')
      : spec.form === 'pairs'
        ? [row['0'] ?? '', row['1'] ?? '']
        : row,
  );
  // A list that the schema asks for stays, even empty.
  return withValue(doc, spec.pointer, list.length === 0 && !spec.needed ? undefined : list);
}

/** The rows with what was typed into number columns as numbers. */
export function finished(doc: Doc, spec: FormList): Doc {
  const rows = rowsOf(doc, spec).map((row) =>
    spec.columns.reduce((made, column) => {
      if (column.kind !== 'number') {
        return made;
      }
      return withCell(
        made,
        column.key,
        numeric(cell(made, column.key)) ?? (column.optional ? undefined : ''),
      );
    }, row),
  );
  return at(doc, spec.pointer) === undefined ? doc : withRows(doc, spec, rows);
}
