import { Cancelled, Refused, Unreachable } from './problems';
import { own } from './own';
import { say } from '../words/say';
import type { Chore, Problem } from './types';

/** What takes long and is being done elsewhere: how it stands, and a way to call it off. */
export interface Underway {
  chore: Chore;
  /** The file it is about; empty where there is none. */
  name: string;
  cancel: () => void;
}

/** Asks for an answer at once that says where the work stands (RFC 7240). */
export const LONG = { Prefer: 'respond-async' };

/** Milliseconds between two looks: soon at first, for what is quick. */
const FIRST = 120;
const LAST = 1_000;
const SLOWER = 1.4;

/** Looks that may fail one after the other before the server counts as gone. */
const PATIENCE = 120;

let items: readonly Underway[] = [];
const listeners = new Set<() => void>();

function keep(next: readonly Underway[]) {
  items = next;
  listeners.forEach((listener) => listener());
}

export const underway = {
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  items: () => items,
};

/** The answer to what was asked: where it says that it is underway, the one that came of it. */
export async function finished(response: Response, name = ''): Promise<Response> {
  if (response.status !== 202) {
    return response;
  }
  let chore = (await response.json()) as Chore;
  const address = `/api/chores/${chore.id}`;
  const show = () =>
    keep(
      items.some((item) => item.chore.id === chore.id)
        ? items.map((item) => (item.chore.id === chore.id ? { ...item, chore } : item))
        : [...items, { chore, name, cancel: () => void cancel(address) }],
    );
  try {
    show();
    let wait = FIRST;
    let failed = 0;
    while (chore.state === 'waiting' || chore.state === 'running') {
      await new Promise((resolve) => setTimeout(resolve, wait));
      wait = Math.min(LAST, wait * SLOWER);
      const look = await fetch(address, { headers: { Accept: 'application/json' } }).catch(
        () => null,
      );
      if (look?.ok) {
        chore = (await look.json()) as Chore;
        failed = 0;
        show();
      } else if (look !== null && look.status < 500) {
        // Signed out, or too long ago: its problem says which.
        throw new Refused((await look.json()) as Problem);
      } else if (++failed > PATIENCE) {
        throw new Unreachable();
      }
    }
    if (chore.state === 'cancelled') {
      throw new Cancelled(
        say(chore.mayBeDone ? 'screen.underway.cancelled-late' : 'screen.underway.cancelled'),
      );
    }
    return await fetch(`${address}/answer`, { headers: { Accept: 'application/json' } }).catch(
      () => {
        throw new Unreachable();
      },
    );
  } finally {
    keep(items.filter((item) => item.chore.id !== chore.id));
  }
}

async function cancel(address: string) {
  await fetch(address, {
    method: 'DELETE',
    headers: { ...own(true), Accept: 'application/json' },
  }).catch(() => null);
}
