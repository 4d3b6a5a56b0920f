import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { usePerson } from '../session/usePerson';
import { Refused, Unreachable } from '../api/client';
import { actsFor } from '../api/own';
import type { Carrier, Decided } from '../carry/carrier';
import { acknowledged, forget, keep, seenUpTo, waiting, type Waiting } from '../device/outbox';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';
import { inTime, isGone, LONG_PATIENCE, mayGoThrough } from './failures';
import { take } from './take';
import { useKeptRecord } from './useKeptRecord';
import { useNews, type Source } from './useNews';

/** A line on its way: made under an id of its own, by somebody who saw this version of the record. */
export type Sent<Line> = Line & { id: string; version: number; waited?: number };

/** How often a record is looked at by itself, ms: where its news is heard, to find out that nobody answers any more. */
const LOOKS = { asking: 10_000, hearing: 30_000 };

interface Asked<Line> {
  /** A line to be written after all that waits; null where that alone is to go. */
  own: Sent<Line> | null;
  /** Whether what waits goes on top of what its person has not seen. */
  forced: boolean;
  /** Whether the line comes from a form that is open for it. */
  isTyped: boolean;
  /** By how much this device had moved the record on when it was written. */
  taken: number;
}

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
  /** Where its news comes from; without it, it is looked at from time to time. */
  news?: Source<State>;
  /** How it goes on where no server answers; a record without one waits. */
  carrier?: Carrier<State> | undefined;
  took: (state: State) => void;
}

/**
 * A record, kept fresh, and the one way to write to it. A line is kept on this device before it is sent and until the
 * server has it: in order, over a closed tab, and sent in the session of its person alone.
 */
export function useRecord<State extends { version: number }, Line extends object>(
  options: Options<State, Line>,
) {
  const { record, queryKey, fetch, send, newer, goesAlone, carrier, took } = options;
  const queries = useQueryClient();
  const who = usePerson().data ?? null;
  const person = who?.email ?? null;
  // Where the session has ended, what is typed belongs to the one whose it was.
  const mine = person ?? actsFor() ?? '';
  /** Null until it is known what waits. */
  const [found, setQueue] = useState<Waiting<Sent<Line>>[] | null>(null);
  const queue = found ?? [];
  /** Whether the state shown was computed here, since no server answered. */
  const [isAway, setIsAway] = useState(false);
  const [refused, setRefused] = useState<Sent<Line> | null>(null);
  /** What waits and was found not to be taken, with nobody having written anything since. */
  const [held, setHeld] = useState<{ line: Sent<Line>; failure: Refused } | null>(null);

  /** Whether something was asked to be written that is not drawn yet. */
  const isBusy = useRef(false);
  const known = () => queries.getQueryData<State>([...queryKey]);
  const isHearing = useNews(
    options.news,
    known,
    () => isBusy.current,
    () => void queries.refetchQueries({ queryKey: [...queryKey], exact: true }),
  );
  const query = useQuery({
    queryKey: [...queryKey],
    queryFn: async () => {
      let answered: State;
      try {
        answered = await inTime(fetch());
      } catch (failure) {
        const here = isGone(failure) ? await decideHere() : null;
        setIsAway(here !== null);
        if (here === null) {
          throw failure;
        }
        await hold(here.stopped);
        return here.state;
      }
      setIsAway(false);
      const now = known();
      // Asked before a write and answered after it, the server tells of the record as it was; it knows nothing yet of what waits.
      const isBehind =
        now !== undefined &&
        (now.version > answered.version ||
          (carrier !== undefined && (await waiting(record, mine)).length > 0));
      return isBehind ? now : answered;
    },
    // Somebody else may work on the same car.
    refetchInterval: isHearing ? LOOKS.hearing : LOOKS.asking,
  });
  const decideHere = () =>
    carrier === undefined || who === null
      ? Promise.resolve(null)
      : carrier.decide(who, known()?.version ?? 0).catch(() => null);
  /** A line that waited and is not taken as it is. */
  const hold = async (stopped: Decided<State>['stopped']) => {
    const lines = await waiting<Sent<Line>>(record, mine);
    const line = lines.find(({ line: { id } }) => id === stopped?.line)?.line;
    setQueue(lines);
    setHeld(
      stopped === null || line === undefined
        ? null
        : { line, failure: new Refused(stopped.refusal) },
    );
  };

  /** When the answer came after which the queue was tried last. */
  const triedAt = useRef(0);
  useEffect(() => {
    let isOver = false;
    if (person !== null) {
      void waiting<Sent<Line>>(record, person).then((lines) => {
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
  const look = async () => setQueue(await waiting<Sent<Line>>(record, mine));

  /** Sends one line; what this device wrote itself since is known to its person. */
  const deliver = async (
    { line, typedAt, written }: Waiting<Sent<Line>>,
    before: State | undefined,
    sentBefore: number,
    forced: boolean,
  ): Promise<State> => {
    const latest = (before ?? known())?.version ?? line.version;
    // What was decided here says itself how far its person has seen.
    const onlyOurs = latest === line.version + (written === undefined ? sentBefore : 0);
    const version = forced || onlyOurs ? latest : line.version;
    try {
      const waited = Math.min(Math.max(0, (Date.now() - typedAt) / 1000), 30 * 86_400);
      const state = await inTime(
        send({ ...line, version, ...(written === undefined ? {} : { waited }) }),
        goesAlone(line) || carrier?.takes(line) === true ? undefined : LONG_PATIENCE,
      );
      if (written !== undefined && state.version === version + written) {
        await seenUpTo(record, mine, line.version, state.version);
      }
      return state;
    } catch (failure) {
      const state = failure instanceof Refused ? newer(failure) : undefined;
      if (state !== undefined) {
        take(queries, queryKey, state);
      }
      throw failure;
    }
  };

  /** By how many versions this device has moved the record on since it was opened. */
  const taken = useRef(0);
  /** The line that is on its way, for a failure to name. */
  const sending = useRef<Sent<Line> | null>(null);

  /** The state with what waits, decided on this device; null where it cannot be. */
  const goOnHere = async (): Promise<State | null> => {
    const here = await decideHere();
    if (here === null) {
      return null;
    }
    setIsAway(true);
    const { stopped } = here;
    if (stopped !== null) {
      sending.current =
        (await waiting<Sent<Line>>(record, mine)).find(({ line }) => line.id === stopped.line)
          ?.line ?? null;
      throw new Refused(stopped.refusal);
    }
    return here.state;
  };

  const mutation = useMutation({
    // Without a network too: then it fails at once, and what was typed is kept.
    networkMode: 'always',
    // What is written while something that waited is on its way goes after it.
    scope: { id: `record ${record}` },
    mutationFn: async ({ own, forced, taken: known }: Asked<Line>) => {
      // An answer to an older question must not overwrite what this write brings.
      await queries.cancelQueries({ queryKey: [...queryKey] });
      setHeld(null);
      if (own !== null) {
        await keep(record, mine, own);
      }
      // Who is known to be away is not waited for again with every line: what looks for it does that.
      if (own !== null && isAway && !forced) {
        const here = await goOnHere();
        if (here !== null) {
          return { state: here, isHere: true };
        }
      }
      let state: State | undefined;
      let sent = 0;
      for (;;) {
        const [next] = await waiting<Sent<Line>>(record, mine);
        if (next === undefined) {
          break;
        }
        const { line, written } = next;
        if (!forced && line.id !== own?.id && !goesAlone(line) && written === undefined) {
          // What waits here waits for its person, and all after it for its turn.
          break;
        }
        sending.current = line;
        try {
          const before = line.id === own?.id ? taken.current - known : sent;
          state = await deliver(next, state, before, forced && sent === 0);
        } catch (failure) {
          // A tool may have been moved although no answer came: what only the server takes is kept, and asked about again by its id.
          const mayGoOn = isGone(failure) && (own === null || carrier?.takes(own) === true);
          const here = mayGoOn ? await goOnHere() : null;
          if (here === null) {
            throw failure;
          }
          return { state: here, isHere: true };
        }
        await (carrier === undefined ? forget(line.id) : acknowledged(record, mine, line.id));
        sent++;
        taken.current += written ?? 1;
      }
      setIsAway(false);
      return { state, isHere: false };
    },
    onSuccess: async ({ state, isHere }) => {
      sending.current = null;
      setRefused(null);
      await look();
      if (state !== undefined) {
        // Shown once the next thing can be written.
        if (isHere) {
          // It counts from the record as it was kept, which may be older than what the server took since.
          queries.setQueryData([...queryKey], state);
        } else {
          take(queries, queryKey, state);
        }
        took(state);
      }
    },
    onSettled: (_state, _failure, { own }) => {
      isBusy.current = isBusy.current && own === null;
    },
    onError: async (failure, { own, isTyped }) => {
      const line = sending.current;
      const kept = !(failure instanceof Refused) || mayGoThrough(failure);
      // Refused while its person looks on: it goes back to the form it came from. What waited has no form any more.
      if (!kept && line !== null && own?.id === line.id && isTyped) {
        await forget(line.id);
      }
      setRefused(line);
      await look();
    },
  });

  useKeptRecord(carrier, who, isAway ? undefined : known());

  const { mutate, isPending } = mutation;
  /** Whether what is on its way was asked for by a person; what waited goes by itself. */
  const isWriting = isPending && (mutation.variables.own !== null || mutation.variables.forced);
  // What waits goes as soon as the server answers again, and the network is back.
  const fresh = query.dataUpdatedAt;
  const [oldest] = queue;
  // What was refused and let go holds up nothing that waits.
  const isStuck =
    mutation.error instanceof Refused &&
    !mutation.error.isPassing &&
    // Whoever signs in again brings what they wrote before.
    !mutation.error.isSignedOut &&
    oldest?.line.id === refused?.id;
  const waits =
    oldest !== undefined && (goesAlone(oldest.line) || oldest.written !== undefined) && !isAway;
  useEffect(() => {
    const go = () => {
      if (waits && !isPending && !isStuck && person !== null) {
        mutate({ own: null, forced: false, isTyped: false, taken: 0 });
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
  const isHeldUp = failed !== null && queue.some(({ line }) => line.id === failed.id);
  const heldUp = isHeldUp ? { line: failed, failure: mutation.error } : held;
  const repeated = failed ?? held?.line ?? null;
  return {
    query,
    /** The first line the server has not acknowledged. */
    waiting: queue[0]?.line ?? null,
    /** Whether it is not known yet whether anything waits. */
    isLooking: found === null,
    /** All of them, the oldest first. */
    queue: queue.map(({ line }) => line),
    /** Whether the state shown was computed on this device with all that waits, since no server answers. */
    isCarriedOn: isAway && queue.every(({ written }) => written !== undefined),
    /** What became of the line that was written last, where it is not kept for later: its form says it. */
    failure: isHeldUp ? null : mutation.error,
    /** That line, as it was sent. */
    failed: isHeldUp ? null : failed,
    /** The line at which what waits here stops, and why. */
    heldUp,
    isWriting,
    write: (line: Line, done?: () => void): void => {
      if (isWriting || isBusy.current || query.data === undefined) {
        return;
      }
      // Two presses before anything is drawn anew are one.
      isBusy.current = true;
      const own = { ...line, id: uuid7(), version: query.data.version };
      mutate(
        { own, forced: false, isTyped: true, taken: taken.current },
        {
          ...(done ? { onSuccess: done } : {}),
          // What is kept here is done with too: the next thing can be typed.
          onError: (failure) => {
            if (
              failure instanceof Unreachable ||
              (failure instanceof Refused && failure.isPassing) ||
              sending.current?.id !== own.id
            ) {
              done?.();
            }
          },
        },
      );
    },
    /** The failed line once more, with something added to it. */
    repeat: (over: Partial<Line> & { confirmed?: boolean }): void => {
      if (repeated !== null && !isWriting) {
        mutate({
          own: { ...repeated, ...over },
          forced: false,
          isTyped: failed !== null && !isHeldUp,
          taken: taken.current,
        });
      }
    },
    /** Sends what waits again, on top of what the record has come to. */
    again: (): void => mutate({ own: null, forced: true, isTyped: false, taken: 0 }),
    /** Lets go of the line at which it stops. */
    drop: (): void => {
      const dropped = heldUp?.line ?? queue[0]?.line;
      if (dropped !== undefined) {
        void forget(dropped.id)
          .then(look)
          .then(() => query.refetch());
      }
      setHeld(null);
      mutation.reset();
    },
    dismiss: () => mutation.reset(),
  };
}
