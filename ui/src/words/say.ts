import type english from '../../../words/en.json';
import type { Given } from './words';
import { currentWords } from './current';

/** A message of words/en.json. */
export type Code = keyof typeof english;

/** A parameter is true or false, or something to be said: what is only sometimes there would be said as "no". */
type Sure<T> = [Extract<T, boolean>] extends [never] ? T : [T] extends [boolean] ? T : never;

/**
 * What the interface itself says, such as a title or a button's name. A length in it comes formatted, so that it
 * changes as the person's unit does.
 */
export function say<P extends Readonly<Record<string, Given>>>(
  code: Code,
  parameters?: P & { readonly [Name in keyof P]: Sure<P[Name]> },
): string {
  return currentWords().of(code, parameters);
}

/** The same of a table that may not know the word yet; then it is shown as it is. */
export function sayOr(code: Code | undefined, otherwise: string): string {
  return code === undefined ? otherwise : say(code);
}
