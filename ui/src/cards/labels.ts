import type { FormColumn, FormList } from '../api/forms';
import type { Words } from '../words/words';

/** Whose form it is: its lists and fields are worded under this name. */
export type FormOf = keyof typeof CODES;

const CODES = {
  card: {
    list: (name: string) => `card.list.${name}`,
    row: (name: string) => `card.row.${name}`,
  },
  kit: {
    list: (name: string) => `kit.list.${name}`,
    row: (name: string) => `kit.row.${name}`,
  },
};

const named = (list: FormList) => list.pointer.slice(1).replaceAll('/', '.');

/** What a list of a form is called, and what to know before filling it in. */
export function listWords(words: Words, of: FormOf, list: FormList) {
  return {
    title: words.of(CODES[of].list(named(list))),
    hint: words.of(`${CODES[of].list(named(list))}.hint`),
  };
}

/** What a column of it is called, with its unit. */
export function columnLabel(words: Words, of: FormOf, list: FormList, column: FormColumn): string {
  const key =
    list.form === 'objects' || list.form === 'members' || list.form === 'pairs'
      ? `.${column.key}`
      : '';
  return withUnit(words.of(CODES[of].row(`${named(list)}${key}`)), column.unit);
}

export function withUnit(label: string, unit: string): string {
  return unit === '' ? label : `${label}, ${unit}`;
}
