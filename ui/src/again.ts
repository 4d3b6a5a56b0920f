/*
 * A script of its own, ahead of all others, for where one of those does not come, since the tablet went from one network to
 * another: the page is opened again, and says that it has not loaded where that does not help.
 */

/** So often in a row a page is opened again by itself, and after such a pause, ms. */
const OPENED_AGAIN = 5;
const PAUSE = 1_500;
const TIMES = 'opened-again';

const root = document.getElementById('root');
const found = [...(root?.childNodes ?? [])];

function openAgain(): void {
  const before = Number(sessionStorage.getItem(TIMES));
  if (before >= OPENED_AGAIN) {
    root?.replaceChildren(...found);
    return;
  }
  sessionStorage.setItem(TIMES, String(before + 1));
  setTimeout(() => window.location.reload(), PAUSE);
}

window.addEventListener(
  'error',
  ({ target }) => {
    if (target instanceof HTMLScriptElement) {
      openAgain();
    }
  },
  true,
);
// The page's own script says so where the application, which it asks for, does not come.
window.addEventListener('not-loaded', openAgain);
