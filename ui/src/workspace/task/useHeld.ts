import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef } from 'react';
import { answer, client } from '../../api/client';
import type { HeldCall } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { uuid7 } from '../../api/uuid7';

/** How often a reading that is still held is held on to, and others are asked for while there are any, ms. */
const OFTEN = 40_000;
const ASKED = 15_000;
/** A device that nobody has touched for so long holds nothing any more, ms. */
const LEFT = 600_000;

/** Who is at which reading of the task, in the order in which they came to it. */
export function useHeldCalls(task: string): readonly HeldCall[] {
  const held = useQuery({
    queryKey: ['held', task],
    queryFn: () => answer(client.GET('/api/tasks/{task}/held', { params: { path: { task } } })),
    retry: false,
    // News of it is heard; where nothing can be heard, those who are there may have gone.
    refetchInterval: ({ state }) =>
      state.data?.held.some(({ own }) => !own) === true ? ASKED : false,
  });
  return held.data?.held ?? [];
}

/** Tells the others which reading this device is at; lets go of it when it is left. */
export function useHold(task: string, call: string | null, isShared: boolean): void {
  const queries = useQueryClient();
  const held = isShared ? call : null;
  const told = useRef<string | null>(null);
  const tell = useCallback(
    (which: string | null) => {
      told.current = which;
      answer(
        client.POST('/api/tasks/{task}/held', {
          params: { path: { task } },
          body: { id: uuid7(), version: 0, ...(which === null ? {} : { call: which }) },
          // Let go of while the page is closed, too.
          keepalive: true,
        }),
      ).then(
        (known) => queries.setQueryData(['held', task], known),
        // Without a connection everybody measures for themselves.
        () => undefined,
      );
    },
    [task, queries],
  );
  useEffect(() => {
    if (held === null) {
      if (told.current !== null) {
        tell(null);
      }
      return undefined;
    }
    let touched = Date.now();
    const touch = () => {
      touched = Date.now();
    };
    tell(held);
    const again = setInterval(() => {
      if (Date.now() - touched < LEFT) {
        tell(held);
      }
    }, OFTEN);
    window.addEventListener('pointerdown', touch);
    window.addEventListener('keydown', touch);
    return () => {
      clearInterval(again);
      window.removeEventListener('pointerdown', touch);
      window.removeEventListener('keydown', touch);
    };
  }, [held, tell]);
  useEffect(() => {
    const letGo = () => {
      if (told.current !== null) {
        tell(null);
      }
    };
    window.addEventListener('pagehide', letGo);
    return () => {
      window.removeEventListener('pagehide', letGo);
      letGo();
    };
  }, [tell]);
}
