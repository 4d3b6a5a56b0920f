/** So often in a row a page is opened again by itself, and after such a pause, ms. */
const OPENED_AGAIN = 5;
const PAUSE = 1_500;

/**
 * A script that did not come, since the tablet went from one network to another, leaves the page empty: it is opened again.
 *
 * @returns whether it is; it is not for ever
 */
export function openAgain(): boolean {
  const before = Number(sessionStorage.getItem('opened-again'));
  if (before >= OPENED_AGAIN) {
    return false;
  }
  sessionStorage.setItem('opened-again', String(before + 1));
  setTimeout(() => window.location.reload(), PAUSE);
  return true;
}
