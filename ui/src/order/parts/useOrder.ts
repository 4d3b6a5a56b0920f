import { useQueryClient } from '@tanstack/react-query';
import { answer, client, Refused } from '../../api/client';
import { goesAlone } from '../../api/lines.generated';
import type { Order, Wish } from '../../api/types';
import { take } from '../../journal/take';
import { useRecord } from '../../journal/useRecord';

/** A line for the order's record. */
export interface Note {
  kind: string;
  payload: Record<string, unknown>;
  confirmed?: boolean;
}

/** An order's own state, kept fresh, and the one way to write to its record. */
export function useOrder(order: string) {
  const queries = useQueryClient();
  const key = ['order', order] as const;
  const others = () => {
    void queries.invalidateQueries({ queryKey: ['orders'] });
    void queries.invalidateQueries({ queryKey: ['task'] });
  };
  const record = useRecord<Order, Note>({
    record: `order ${order}`,
    queryKey: key,
    fetch: () => answer(client.GET('/api/repair-orders/{order}', { params: { path: { order } } })),
    send: ({ kind, payload, ...line }) =>
      answer(
        client.POST('/api/lines', { body: { ...line, order, ...({ kind, payload } as Wish) } }),
      ) as Promise<Order>,
    // How far each sensor is stands in it.
    news: { order: () => order, own: order, others: () => true },
    newer: (refusal) => refusal.problem.order,
    goesAlone: (line) => line.kind in goesAlone && goesAlone[line.kind as keyof typeof goesAlone],
    took: others,
  });
  const asked =
    record.failure instanceof Refused && record.failure.problem.code === 'asks-once'
      ? record.failed
      : null;
  return {
    ...record,
    note: record.write,
    /** A line that is taken once the question about it is answered. */
    asked,
    confirm: (): void => {
      if (asked !== null) {
        record.repeat({ confirmed: true });
      }
    },
    /** What came of something that is not sent as a line: a photo, a scan. */
    took: (state: Order) => {
      take(queries, key, state);
      others();
    },
  };
}

export type OrderFile = ReturnType<typeof useOrder>;
