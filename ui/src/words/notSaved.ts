import { say } from './say';

/** How many lines wait on this device for the server. */
export function notSaved(lines: number): string {
  return say('screen.not-saved', { lines });
}
