/** What waits for the first screen waits at least so long, and not for ever, ms. */
const LEAST = 1_000;
const MOST = 10_000;
const AGAIN = 250;

/** Does what can wait once the first screen stands: a slow tablet has enough to do before it does. */
export function onceItStands(isQuiet: () => boolean, then: () => void): void {
  const look = () => {
    if (isQuiet() || performance.now() > MOST) {
      if ('requestIdleCallback' in globalThis) {
        requestIdleCallback(then, { timeout: AGAIN });
      } else {
        then();
      }
    } else {
      setTimeout(look, AGAIN);
    }
  };
  setTimeout(look, LEAST);
}
