import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useQuery } from '../../api/useQuery';
import { answer, client } from '../../api/client';
import { sendFile } from '../../api/sendFile';
import type { DrivePage, Order } from '../../api/types';
import { uuid7 } from '../../api/uuid7';

/** The drives of an order, the one that is looked at, and a track’s file taken in. */
export function useDrives(order: Order, wanted: boolean) {
  const queries = useQueryClient();
  const key = ['drives', order.id, order.version];
  const [chosen, setChosen] = useState<string | null>(null);
  const page = useQuery({
    queryKey: key,
    queryFn: () =>
      answer(
        client.GET('/api/repair-orders/{order}/drives', { params: { path: { order: order.id } } }),
      ),
    enabled: wanted,
  });
  const take = useMutation({
    mutationFn: ({ file, driver }: { file: File; driver: string }) =>
      sendFile<DrivePage>(`/api/repair-orders/${order.id}/drives`, file, {
        id: uuid7(),
        version: String(order.version),
        driver,
        name: file.name,
      }),
    onSuccess: () => {
      setChosen(null);
      void queries.invalidateQueries({ queryKey: ['order', order.id] });
    },
  });
  const drive = page.data?.drives.find((known) => known.id === chosen) ?? page.data?.drives.at(-1);
  return { page, take, drive, setChosen };
}

export type Drives = ReturnType<typeof useDrives>;
