import { token } from './token';

/** Who is signed in as far as this page knows. */
let person: string | null = null;

export function actFor(email: string): void {
  person = email;
}

export function actsFor(): string | null {
  return person;
}

/**
 * What goes with a request of a person's: the token of a write, and whose it is. Somebody else may have signed in at another tab
 * of this device; then it is refused, and never done in their name.
 */
export function own(isWrite: boolean): Record<string, string> {
  return {
    ...(isWrite ? { 'X-XSRF-TOKEN': token() ?? '' } : {}),
    ...(person === null ? {} : { 'X-Lumbro-Person': encodeURIComponent(person) }),
  };
}
