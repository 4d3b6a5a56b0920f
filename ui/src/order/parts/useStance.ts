import { useState } from 'react';
import { useQuery } from '../../api/useQuery';
import { answer, client } from '../../api/client';
import type { Order } from '../../api/types';
import { LONG } from '../../api/underway';
import type { OrderFile } from './useOrder';

/** Where a car is put: the middle of its rear hubs, mm in the bay, and where it faces, degrees. */
export interface Placed {
  x: number;
  y: number;
  heading: number;
}

/** The car in its bay: as it stands, as it is pushed about on the plan, and better stances when they are asked for. */
export function useStance(order: Order, file: OrderFile, wanted: boolean) {
  const [placed, setPlaced] = useState<Placed | null>(null);
  const params = { path: { order: order.id } };
  const page = useQuery({
    queryKey: ['stance', order.id, order.version],
    queryFn: () => answer(client.GET('/api/repair-orders/{order}/stance', { params })),
    enabled: wanted,
  });
  const search = useQuery({
    queryKey: ['stances', order.id, order.version],
    queryFn: () =>
      answer(
        client.GET('/api/repair-orders/{order}/stance', {
          params: { ...params, query: { search: '1' } },
          headers: LONG,
        }),
      ),
    enabled: false,
  });
  return {
    page,
    search,
    placed,
    setPlaced,
    isKeeping: file.isWriting,
    goTo: (bay: { id: string; name: string }) =>
      file.note({ kind: 'bay', payload: { bay: bay.id, name: bay.name } }, () => setPlaced(null)),
    keep: (at: Placed | null) => {
      if (at) {
        file.note({ kind: 'stance', payload: { ...at } }, () => setPlaced(null));
      }
    },
  };
}

export type StanceFile = ReturnType<typeof useStance>;
