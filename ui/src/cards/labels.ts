import { decimalText } from '../words/quantities';
import { currentReader } from '../words/reader';
import type { FormColumn, FormList } from '../api/forms';
import type { Words } from '../words/words';
import { textOf, type Json } from './document';

/** Whose form it is: its lists and fields are worded under this name. */
export type FormOf = keyof typeof CODES;

const CODES = {
  card: {
    list: (name: string) => `card.list.${name}`,
    row: (name: string) => `card.row.${name}`,
  },
  rules: {
    list: (name: string) => `rules.list.${name}`,
    row: (name: string) => `rules.row.${name}`,
  },
  vehicle: {
    list: (name: string) => `vehicle.list.${name}`,
    row: (name: string) => `vehicle.row.${name}`,
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
  return withUnit(columnName(words, of, list, column), column.unit);
}

/** The same without the unit, for where the figure has it. */
export function columnName(words: Words, of: FormOf, list: FormList, column: FormColumn): string {
  const key =
    list.form === 'objects' || list.form === 'members' || list.form === 'pairs'
      ? `.${column.key}`
      : '';
  return words.of(CODES[of].row(`${named(list)}${key}`));
}

export function withUnit(label: string, unit: string): string {
  return unit === '' ? label : `${label}, ${unit}`;
}

/** What a choice is called; documents and files have its code. */
export function choiceWords(words: Words, of: { said: string }, code: string): string {
  return words.of(`${of.said}.${code.replaceAll(' ', '-')}`);
}

/** What stands in a cell, as it is read: a figure with its unit, a choice in words. */
export function cellWords(words: Words, column: FormColumn, value: Json | undefined): string {
  const text = textOf(value);
  if (text === '' || column.kind === 'text' || column.kind === 'words' || column.kind === 'day') {
    return text;
  }
  return column.kind === 'number'
    ? figureText(value ?? text, column.unit)
    : codesOf(value)
        .map((code) => choiceWords(words, column, code))
        .join(', ');
}

/** A choice or several of them. */
export function codesOf(value: Json | undefined): string[] {
  return (Array.isArray(value) ? value : [value]).map(textOf).filter((code) => code !== '');
}

/** A figure of a document with as many decimals as it was typed with, and its unit. */
export function figureText(value: Json, unit: string): string {
  const figure =
    typeof value === 'number'
      ? decimalText(value, decimals(value), currentReader()).replace('-', '−')
      : textOf(value);
  return unit === '°' ? `${figure}°` : unit === '' ? figure : `${figure} ${unit}`;
}

const decimals = (value: number) => Math.min(6, String(value).split('.')[1]?.length ?? 0);
