/** Marks an answer that the server gave earlier, and that this device has kept. */
export const KEPT = 'X-Lumbro-Kept';

/** Where they are kept. */
export const KEPT_ANSWERS = 'lumbro-answers';

/** Pages that are none of the application's. */
export const OTHERS_ADDRESS = /^\/(api|read|health|build|authority\.crt)/;

/** What is asked for now or not at all: tokens, what is underway, instruments, and tasks, which are computed from their lines. */
export const NEVER_KEPT =
  /^\/api\/(csrf|chores|photos|archives|.*\/(meter|look)\/|tasks\/[^/]+(\/carried)?$)/;

/** Nothing that the shop's server said stays on the device. */
export async function forgetAnswers(): Promise<void> {
  if ('caches' in globalThis) {
    await caches.delete(KEPT_ANSWERS);
  }
}
