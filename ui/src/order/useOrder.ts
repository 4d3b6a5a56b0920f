import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useQuery } from '../api/useQuery';
import { answer, client, Refused, Unreachable } from '../api/client';
import type { Order } from '../api/types';
import { Unsent } from '../api/unsent';
import { uuid7 } from '../api/uuid7';
import { useSignedOut } from '../session/usePerson';

/** A line for the order's record. */
export interface Note {
  kind: string;
  payload: Record<string, unknown>;
}

interface Sent extends Note {
  id: string;
  version: number;
  confirmed?: boolean;
}

const unsent = new Unsent<Sent>('order-');

/** An order's own state, kept fresh, and the one way to write to its record. */
export function useOrder(order: string) {
  const queries = useQueryClient();
  const signedOut = useSignedOut();
  const key = ['order', order];
  const [waiting, setWaiting] = useState<Sent | null>(() => unsent.read(order));

  const query = useQuery({
    queryKey: key,
    queryFn: () =>
      answer(client.GET('/api/repair-orders/{order}', { params: { path: { order } } })),
    // Somebody else may work on the same car.
    refetchInterval: 10_000,
  });

  const settle = () => {
    unsent.forget(order);
    setWaiting(null);
  };

  const took = (state: Order) => {
    queries.setQueryData(key, state);
    void queries.invalidateQueries({ queryKey: ['orders'] });
    void queries.invalidateQueries({ queryKey: ['task'] });
  };

  const mutation = useMutation({
    mutationFn: async (note: Sent) => {
      await queries.cancelQueries({ queryKey: key });
      return answer(
        client.POST('/api/repair-orders/{order}/notes', {
          params: { path: { order } },
          body: note,
        }),
      );
    },
    onSuccess: (state) => {
      settle();
      took(state);
    },
    onError: (failure, note) => {
      const kept =
        failure instanceof Unreachable ||
        (failure instanceof Refused &&
          (failure.isPassing || failure.isSignedOut || failure.problem.code === 'order-moved-on'));
      if (kept) {
        unsent.keep(order, note);
        setWaiting(note);
      } else {
        settle();
      }
      if (failure instanceof Refused && failure.isSignedOut) {
        signedOut();
      }
      if (failure instanceof Refused && failure.problem.order) {
        queries.setQueryData(key, failure.problem.order);
      }
    },
  });

  const asked =
    mutation.error instanceof Refused && mutation.error.problem.code === 'asks-once'
      ? (mutation.variables ?? null)
      : null;

  return {
    query,
    /** A line the server has not acknowledged. */
    waiting,
    failure: mutation.error,
    /** The line that failed, as it was sent. */
    failed: mutation.isError ? mutation.variables : null,
    /** A line that is taken once the question about it is answered. */
    asked,
    isWriting: mutation.isPending,
    took,
    note: (note: Note, done?: () => void): void => {
      if (mutation.isPending || query.data === undefined) {
        return;
      }
      mutation.mutate(
        { ...note, id: uuid7(), version: query.data.version },
        done ? { onSuccess: done } : {},
      );
    },
    confirm: (): void => {
      if (asked !== null) {
        mutation.mutate({ ...asked, confirmed: true });
      }
    },
    /** Sends the waiting line again, on top of what the record has come to. */
    again: (): void => {
      const version = query.data?.version;
      if (waiting !== null && version !== undefined) {
        mutation.mutate({ ...waiting, version });
      }
    },
    drop: (): void => {
      settle();
      mutation.reset();
    },
    dismiss: () => mutation.reset(),
  };
}

export type OrderFile = ReturnType<typeof useOrder>;
