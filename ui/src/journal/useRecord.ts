import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { usePerson, useSignedOut } from '../session/usePerson';
import { Refused, Unreachable } from '../api/client';
import { forget, keep, waitingLines } from './outbox';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';

/** A line on its way: made under an id of its own, by somebody who saw this version of the record. */
export type Sent<Line> = Line & { id: string; version: number };

interface Options<State, Line> {
  /** What it is called in the queue of this device. */
  record: string;
  queryKey: readonly [string, string];
  fetch: () => Promise<State>;
  send: (line: Sent<Line>) => Promise<State>;
  /** What the record has come to, where a refusal says so. */
  newer: (refusal: Refused) => State | undefined;
  /** Whether a line that waited may go without another word: never one that moves a tool or decides something. */
  goesAlone: (line: Line) => boolean;
  took: (state: State) => void;
}

/**
 * A record, kept fresh, and the one way to write to it. A line is kept on this device before it is sent and until the
 * server has it: in order, over a closed tab, and sent in the session of its person alone.
 */
export function useRecord<State extends { version: number }, Line extends object>(
  options: Options<State, Line>,
) {
  const { record, queryKey, fetch, send, newer, goesAlone, took } = options;
  const queries = useQueryClient();
  const signedOut = useSignedOut();
  const person = usePerson().data?.email ?? null;
  const [queue, setQueue] = useState<Sent<Line>[]>([]);
  const [refused, setRefused] = useState<Sent<Line> | null>(null);

  const known = () => queries.getQueryData<State>([...queryKey]);
  const query = useQuery({
    queryKey: [...queryKey],
    queryFn: async () => {
      const found = await fetch();
      const now = known();
      // Asked before a write and answered after it, the server tells of the record as it was.
      return now !== undefined && now.version > found.version ? now : found;
    },
    // Somebody else may work on the same car.
    refetchInterval: 10_000,
  });
  /** When the answer came after which the queue was tried last. */
  const triedAt = useRef(0);
  useEffect(() => {
    let isOver = false;
    if (person !== null) {
      void waitingLines<Sent<Line>>(record, person).then((lines) => {
        if (!isOver) {
          // Of an earlier visit: it goes at once.
          triedAt.current = 0;
          setQueue(lines);
        }
      });
    }
    return () => {
      isOver = true;
    };
  }, [record, person]);
  const look = async () => setQueue(await waitingLines<Sent<Line>>(record, person ?? ''));

  /** Sends one line; what this device wrote itself since is known to its person. */
  const deliver = async (
    line: Sent<Line>,
    before: State | undefined,
    sentBefore: number,
    forced: boolean,
  ): Promise<State> => {
    const latest = (before ?? known())?.version ?? line.version;
    const onlyOurs = latest === line.version + sentBefore;
    try {
      return await send({ ...line, version: forced || onlyOurs ? latest : line.version });
    } catch (failure) {
      const state = failure instanceof Refused ? newer(failure) : undefined;
      if (state !== undefined) {
        queries.setQueryData([...queryKey], state);
      }
      throw failure;
    }
  };

  /** The line that is on its way, for a failure to name. */
  const sending = useRef<Sent<Line> | null>(null);

  const mutation = useMutation({
    // Without a network too: then it fails at once, and what was typed is kept.
    networkMode: 'always',
    mutationFn: async ({ own, forced }: { own: Sent<Line> | null; forced: boolean }) => {
      // An answer to an older question must not overwrite what this write brings.
      await queries.cancelQueries({ queryKey: [...queryKey] });
      const who = person ?? '';
      if (own !== null) {
        await keep(record, who, own);
      }
      let state: State | undefined;
      let sent = 0;
      for (const line of await waitingLines<Sent<Line>>(record, who)) {
        if (!forced && line.id !== own?.id && !goesAlone(line)) {
          // What waits here waits for its person, and all after it for its turn.
          break;
        }
        sending.current = line;
        state = await deliver(line, state, sent, forced && sent === 0);
        await forget(line.id);
        sent++;
      }
      return state;
    },
    onSuccess: async (state) => {
      sending.current = null;
      setRefused(null);
      await look();
      if (state !== undefined) {
        // Shown once the next thing can be written.
        queries.setQueryData([...queryKey], state);
        took(state);
      }
    },
    onError: async (failure, { own, forced }) => {
      const line = sending.current;
      const kept = !(failure instanceof Refused) || mayGoThrough(failure);
      // Refused by its field while its person looks on: it goes back to the form it came from.
      if (!kept && line !== null && (own?.id === line.id || forced)) {
        await forget(line.id);
      }
      setRefused(line);
      await look();
      if (failure instanceof Refused && failure.isSignedOut) {
        signedOut();
      }
    },
  });

  const { mutate, isPending } = mutation;
  const isStuck = mutation.error instanceof Refused && !mutation.error.isPassing;
  // What waits goes as soon as the server answers again, and the network is back.
  const fresh = query.dataUpdatedAt;
  const [oldest] = queue;
  const waits = oldest !== undefined && goesAlone(oldest);
  useEffect(() => {
    const go = () => {
      if (waits && !isPending && !isStuck && person !== null) {
        mutate({ own: null, forced: false });
      }
    };
    if (!waits) {
      triedAt.current = fresh;
    } else if (fresh > triedAt.current && !isPending) {
      triedAt.current = fresh;
      go();
    }
    window.addEventListener('online', go);
    return () => window.removeEventListener('online', go);
  }, [fresh, waits, isPending, isStuck, person, mutate]);

  const failed = mutation.isError ? refused : null;
  return {
    query,
    /** The first line the server has not acknowledged. */
    waiting: queue[0] ?? null,
    /** All of them, the oldest first. */
    queue,
    failure: mutation.error,
    /** The line that failed, as it was sent. */
    failed,
    isWriting: isPending,
    write: (line: Line, done?: () => void): void => {
      if (isPending || query.data === undefined) {
        return;
      }
      const own = { ...line, id: uuid7(), version: query.data.version };
      mutate(
        { own, forced: false },
        {
          ...(done ? { onSuccess: done } : {}),
          // What is kept here is done with too: the next thing can be typed.
          onError: (failure) => {
            if (
              failure instanceof Unreachable ||
              (failure instanceof Refused && failure.isPassing)
            ) {
              done?.();
            }
          },
        },
      );
    },
    /** The failed line once more, with something added to it. */
    repeat: (over: Partial<Line> & { confirmed?: boolean }): void => {
      if (failed !== null && !isPending) {
        mutate({ own: { ...failed, ...over }, forced: false });
      }
    },
    /** Sends what waits again, on top of what the record has come to. */
    again: (): void => mutate({ own: null, forced: true }),
    drop: (): void => {
      if (queue[0] !== undefined) {
        void forget(queue[0].id).then(look);
      }
      mutation.reset();
    },
    dismiss: () => mutation.reset(),
  };
}

/** Whether the same line may be taken later, or on a word of its person. */
function mayGoThrough(refusal: Refused): boolean {
  return (
    refusal.isPassing ||
    refusal.isSignedOut ||
    refusal.problem.code === 'record-moved-on' ||
    refusal.problem.code === 'order-moved-on'
  );
}
