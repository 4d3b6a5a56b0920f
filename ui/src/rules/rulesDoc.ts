import type { FormColumn, FormList } from '../api/forms';
import { ruleLists, valueColumns } from '../api/forms.generated';
import { textOf, type Doc, type Json } from '../cards/document';

const column = (key: string, over: Partial<FormColumn>): FormColumn => ({
  key,
  kind: 'text',
  unit: '',
  optional: false,
  wide: false,
  choices: [],
  said: 'choice',
  ...over,
});

/** The rules’ lists as they are edited: with what a form of fields alone cannot show. */
export const LISTS: readonly FormList[] = [
  ...ruleLists.map((list) => {
    if (list.pointer === '/conditions') {
      return {
        ...list,
        columns: [
          ...list.columns.slice(0, 3),
          column('for', { kind: 'choice', choices: ['car', 'sensor'], said: 'choice' }),
          ...list.columns.slice(3),
        ],
      };
    }
    return list.pointer === '/phrases'
      ? { ...list, columns: [...list.columns, column('operation', {})] }
      : list;
  }),
  {
    pointer: '/values',
    form: 'objects',
    needed: true,
    columns: [column('condition', {}), ...valueColumns],
  },
];

export const list = (name: string): FormList => {
  const found = LISTS.find((known) => known.pointer === `/${name}`);
  if (found === undefined) {
    throw new Error(name);
  }
  return found;
};

const rows = (json: Json | undefined): Doc[] =>
  Array.isArray(json)
    ? json.filter(
        (row): row is Doc => typeof row === 'object' && row !== null && !Array.isArray(row),
      )
    : [];

const without = (doc: Doc, ...names: string[]): Doc =>
  Object.fromEntries(Object.entries(doc).filter(([name]) => !names.includes(name)));

/** The rules as forms have them: the values of all preconditions in one list, and whom each is asked for in words. */
export function opened(document: Doc): Doc {
  const conditions = rows(document['conditions']);
  return {
    ...document,
    conditions: conditions.map((condition) => ({
      ...without(condition, 'values', 'perSensor'),
      for: condition['perSensor'] === true ? 'sensor' : 'car',
    })),
    values: conditions.flatMap((condition) =>
      rows(condition['values']).map((value) => ({ condition: condition['id'] ?? '', ...value })),
    ),
  };
}

/** The same as the shop keeps them; what a form does not show stays with its rule. */
export function closed(document: Doc, before: Doc): Doc {
  const known = new Map(rows(before['conditions']).map((row) => [textOf(row['id']), row]));
  const { values, ...rest } = document;
  return {
    ...rest,
    conditions: rows(document['conditions']).map(({ for: whom, ...condition }) => {
      const own = rows(values)
        .filter((value) => textOf(value['condition']) === textOf(condition['id']))
        .map((value) => without(value, 'condition'));
      const sag = known.get(textOf(condition['id']))?.['sag'];
      return {
        ...condition,
        perSensor: whom === 'sensor',
        ...(own.length === 0 ? {} : { values: own }),
        ...(sag === undefined ? {} : { sag }),
      };
    }),
  };
}

/** A document as a text that its members' order does not change. */
export function sorted(json: Json): string {
  if (Array.isArray(json)) {
    return `[${json.map(sorted).join()}]`;
  }
  return typeof json === 'object' && json !== null
    ? `{${Object.keys(json)
        .sort()
        .map((key) => `${JSON.stringify(key)}:${sorted(json[key] ?? null)}`)
        .join()}}`
    : JSON.stringify(json);
}

/** Whether a part of the rules is as Lumbro ships it. */
export function isDefault(part: string, document: Doc, defaults: Doc): boolean {
  return sorted(document[part] ?? null) === sorted(defaults[part] ?? null);
}
