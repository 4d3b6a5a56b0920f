import { recogniser } from '../recogniser';

interface Heard extends Event {
  readonly results: ArrayLike<ArrayLike<object>>;
}

/**
 * Listens for one sentence, and gives the ways it may have been meant, the likeliest first; none where nothing was heard.
 */
export function listenOnce(language: string): { heard: Promise<string[]>; stop: () => void } {
  const Recogniser = recogniser();
  if (Recogniser === undefined) {
    return { heard: Promise.resolve([]), stop: () => undefined };
  }
  const own = new Recogniser();
  own.lang = language;
  own.interimResults = false;
  own.maxAlternatives = 5;
  const heard = new Promise<string[]>((resolve) => {
    own.addEventListener('result', (event) => {
      const [first] = Array.from((event as Heard).results);
      resolve(Array.from(first ?? []).flatMap(wording));
    });
    own.addEventListener('error', () => resolve([]));
    own.addEventListener('end', () => resolve([]));
  });
  own.start();
  return { heard, stop: () => own.abort() };
}

/** The words of one way it may have been meant: its one member of text, beside a number that says how likely it is. */
function wording(way: object): string[] {
  const found: string[] = [];
  // Its members are its class's, so that listing an object's own finds none.
  for (const member in way) {
    const value = (way as Record<string, unknown>)[member];
    if (typeof value === 'string') {
      found.push(value);
    }
  }
  return found;
}
