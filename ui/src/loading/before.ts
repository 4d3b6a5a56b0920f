/*
 * What somebody did on the first screen before the application had come (early/): it goes on from there.
 */

interface Before {
  /** Typed into the search field. */
  search: string;
  /** The address of a link that was pressed. */
  opens: string | null;
  /** Where the focus is: the search field, or the address of a link. */
  focus: 'search' | { readonly link: string } | null;
}

const NOTHING: Before = { search: '', opens: null, focus: null };

let before = NOTHING;
let isOver = false;
let isGoingOn = false;
let fingers = 0;
let lifted: () => void = () => undefined;

/** No press is waited for longer: one that leaves the window is never lifted, ms. */
const HELD = 2_000;

/** Until the application goes on: what is done there is its own. */
export function remember(done: Partial<Before>): void {
  if (!isGoingOn) {
    before = { ...before, ...done };
  }
}

/** A finger is on the screen, or off it again. */
export function pressed(isDown: boolean): void {
  fingers = isDown ? fingers + 1 : 0;
  if (!isDown) {
    // The click comes after it.
    setTimeout(lifted);
  }
}

export function searchedBefore(): string {
  return before.search;
}

/** Whether the application has the page now: nothing is remembered for it any more. */
export function hasBegun(): boolean {
  return isOver;
}

/** The application takes the page once no finger is on it: what it replaces under one would not be pressed. */
export async function begin(): Promise<void> {
  if (fingers > 0) {
    await new Promise<void>((done) => {
      lifted = done;
      setTimeout(done, HELD);
    });
  }
  isOver = true;
  if (before.opens !== null) {
    // Where the screen before it can be gone back to.
    window.history.pushState(null, '', before.opens);
  }
}

/** What stands now stands in the place of what was there: the focus is where it was. */
export function goOn(): void {
  const { focus } = before;
  isGoingOn = true;
  before = NOTHING;
  if (focus === 'search') {
    const field = document.getElementById('search') as HTMLInputElement | null;
    field?.focus();
    field?.setSelectionRange(field.value.length, field.value.length);
  } else if (focus !== null) {
    document.querySelector<HTMLElement>(`a[href="${CSS.escape(focus.link)}"]`)?.focus();
  }
}
