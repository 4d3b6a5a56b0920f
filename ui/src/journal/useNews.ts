import { useEffect, useRef } from 'react';
import { useLive } from '../api/live';

/** As long as news waits for what is being written here, ms: it is mostly about that. */
const SOON = 250;

/** Where news of a record comes from. */
export interface Source<State> {
  /** The repair order it belongs to, once that is known. */
  order: (state: State | undefined) => string | undefined;
  /** Whose lines are its own: a task's id, or the order's. */
  own: string;
  /** Somebody came to one of its readings, or left one. */
  held?: () => void;
  /** Whether lines of others show in it too. */
  others: (of: string, state: State | undefined) => boolean;
}

/** Has a record looked at anew when something new is told of it; true while it is told. */
export function useNews<State extends { version: number }>(
  source: Source<State> | undefined,
  known: () => State | undefined,
  isBusy: () => boolean,
  look: () => void,
): boolean {
  const later = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(later.current), []);
  return useLive(source?.order(known()), (news) => {
    if (news === null || (news.what === 'held' && news.of === source?.own)) {
      source?.held?.();
    }
    const isNew = () =>
      news === null ||
      (news.what === 'lines' &&
        (news.of === source?.own
          ? news.version === 0 || news.version > (known()?.version ?? 0)
          : source?.others(news.of, known()) === true));
    const lookSoon = () => {
      clearTimeout(later.current);
      if (isBusy()) {
        later.current = setTimeout(lookSoon, SOON);
      } else if (isNew()) {
        look();
      }
    };
    lookSoon();
  });
}
