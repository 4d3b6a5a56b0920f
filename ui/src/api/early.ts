/*
 * Asks for what the first screen shows before the application's script has come: a script of its own, ahead of the others
 * (vite.config.ts). What was asked is taken up in askedEarly.ts.
 */

/** Where a phone comes that read a task's code: it is somebody only once it has been let in. */
const DOOR = '/pad/';

const { pathname } = window.location;
if (!pathname.startsWith(DOOR)) {
  window.askedEarly = new Map(
    ['/api/session', ...(pathname === '/' ? ['/api/repair-orders'] : [])].map((address) => {
      const answer = fetch(address);
      // Where nobody takes it up, nobody misses it.
      answer.catch(() => undefined);
      return [address, answer];
    }),
  );
}

/** So often in a row a page is opened again by itself, and after such a pause, ms. */
const OPENED_AGAIN = 5;
const PAUSE = 1_500;

// A script that did not come, since the tablet went from one network to another, leaves the page empty: it is opened again.
window.addEventListener(
  'error',
  ({ target }) => {
    const before = Number(sessionStorage.getItem('opened-again'));
    if (target instanceof HTMLScriptElement && before < OPENED_AGAIN) {
      sessionStorage.setItem('opened-again', String(before + 1));
      setTimeout(() => window.location.reload(), PAUSE);
    }
  },
  true,
);
