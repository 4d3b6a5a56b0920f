import type english from '../../../words/en.json';
import type { Given } from './words';
import { currentWords } from './useWords';

/** A message of words/en.json. */
export type Code = keyof typeof english;

/**
 * What the interface itself says, such as a title or a button's name. A length in it comes formatted, so that it
 * changes as the person's unit does.
 */
export function say(code: Code, parameters?: Readonly<Record<string, Given>>): string {
  return currentWords().of(code, parameters);
}

/** The same of a table that may not know the word yet; then it is shown as it is. */
export function sayOr(code: Code | undefined, otherwise: string): string {
  return code === undefined ? otherwise : say(code);
}
