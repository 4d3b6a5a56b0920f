import { Refused, Unreachable } from '../api/client';
import { sendFile } from '../api/sendFile';
import type { Order } from '../api/types';
import { forgetPhoto, keepPhoto, waitingPhotos, type WaitingPhoto } from '../device/outbox';

/** Photos that wait on this device, and the one that the server does not take. */
export interface Post {
  readonly waiting: number;
  readonly refused: { readonly photo: WaitingPhoto; readonly failure: Refused } | null;
}

let post: Post = { waiting: 0, refused: null };
const listeners = new Set<() => void>();
/** One goes after the other, whoever asks. */
let going: Promise<void> = Promise.resolve();

function set(next: Partial<Post>): void {
  post = { ...post, ...next };
  listeners.forEach((listener) => listener());
}

export const photoPost = {
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  state: () => post,
};

/** What came of a photo that was posted: the order with it, or null where it waits on this device. */
export async function postPhoto(photo: WaitingPhoto): Promise<Order | null> {
  await keepPhoto(photo);
  let state: Order | null = null;
  await sendPhotos(photo.person, (sent, order) => {
    if (sent.id === photo.id) {
      state = order;
    }
  });
  const { refused } = post;
  if (refused?.photo.id === photo.id) {
    // Said where it was taken, and picked anew there.
    await dropPhoto(photo.id);
    throw refused.failure;
  }
  return state;
}

/** Sends what waits of a person's, the oldest first, until none is left or nobody answers. */
export function sendPhotos(
  person: string,
  took: (photo: WaitingPhoto, order: Order) => void,
): Promise<void> {
  going = going.then(async () => {
    for (const photo of await waitingPhotos(person)) {
      try {
        const { id, order, query } = photo;
        const state = await sendFile<Order>(`/api/repair-orders/${order}/photos`, photo.photo, {
          ...query,
          id,
        });
        await forgetPhoto(id);
        took(photo, state);
      } catch (failure) {
        if (failure instanceof Refused && !failure.isPassing && !failure.isSignedOut) {
          set({ refused: { photo, failure } });
          continue;
        }
        if (!(failure instanceof Refused || failure instanceof Unreachable)) {
          throw failure;
        }
        break;
      }
    }
    set({ waiting: (await waitingPhotos(person)).length });
  });
  const done = going;
  // What went wrong with one is no matter of the next.
  going = going.catch(() => undefined);
  return done;
}

/** Lets go of a photo that is not taken. */
export async function dropPhoto(id: string): Promise<void> {
  await forgetPhoto(id);
  set({ refused: null, waiting: Math.max(0, post.waiting - 1) });
}
