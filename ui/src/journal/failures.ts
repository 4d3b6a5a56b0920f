import { Refused, Unreachable } from '../api/client';

/** As long as a server is waited for, ms: what it took all the same is known by its id when it is sent again. */
const PATIENCE = 12_000;

/** The same for what cannot go on without it, such as a seal: given up sooner, it would only have to be asked for again. */
export const LONG_PATIENCE = 90_000;

/** Whether there is nobody to answer: no network, no server, or one whose database is away. */
export function isGone(failure: unknown): boolean {
  return (
    failure instanceof Unreachable || (failure instanceof Refused && failure.problem.status >= 502)
  );
}

/** Whether the same line may be taken later, or on a word of its person. */
export function mayGoThrough(refusal: Refused): boolean {
  return (
    refusal.isPassing ||
    refusal.isSignedOut ||
    refusal.problem.code === 'record-moved-on' ||
    refusal.problem.code === 'order-moved-on'
  );
}

/** An answer, or that there is none within the time it may take. */
export function inTime<T>(answer: Promise<T>, patience = PATIENCE): Promise<T> {
  return new Promise((resolve, reject) => {
    const late = setTimeout(() => reject(new Unreachable()), patience);
    answer.then(resolve, reject).finally(() => clearTimeout(late));
  });
}
