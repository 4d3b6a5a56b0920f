import english from '../../../words/en.json?url';
import { patiently } from './patiently';
import { learn } from '../words/words';

/** Beside the scripts and not in them: a message is no code, and is fetched meanwhile (vite.config.ts). */
export const learned: Promise<void> = patiently(
  async () => (await (await fetch(english)).json()) as Record<string, string>,
).then((messages) => learn('en', messages));
