import { choose, currentSettings, type Settings } from './settings';

/** The usual key for what a pressed one does here; null where it does nothing. */
export function meantBy(pressed: string, { keys, moved } = currentSettings()): string | null {
  if (!keys) {
    return null;
  }
  const usual = Object.entries(moved).find(([, now]) => now === pressed)?.[0];
  return usual ?? (pressed in moved ? null : pressed);
}

/** The key that does here what the usual one does. */
export function keyFor(usual: string, { moved }: Settings): string {
  return moved[usual] ?? usual;
}

/** What is wrong with a key that something is to be put on: null where nothing is, the usual key of what it does already. */
export function taken(usual: string, wanted: string, all: readonly string[]): string | null {
  return all.find((one) => one !== usual && keyFor(one, currentSettings()) === wanted) ?? null;
}

export function putOn(usual: string, wanted: string): void {
  const others = Object.entries(currentSettings().moved).filter(([one]) => one !== usual);
  choose({
    moved: Object.fromEntries(wanted === usual ? others : [...others, [usual, wanted]]),
  });
}
