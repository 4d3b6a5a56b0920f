import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { answer, client } from '../api/client';

/** The orders a search finds, page after page. */
export function useOrders(search: string) {
  const wanted = useDeferredValue(search.trim());
  const query = useInfiniteQuery({
    queryKey: ['orders', wanted],
    queryFn: ({ pageParam }) =>
      answer(
        client.GET('/api/repair-orders', {
          params: {
            query: {
              ...(wanted === '' ? {} : { search: wanted }),
              ...(pageParam === null ? {} : { after: pageParam }),
            },
          },
        }),
      ),
    initialPageParam: null as string | null,
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
    refetchInterval: 20_000,
  });
  return {
    query,
    orders: query.data?.pages.flatMap((page) => page.orders) ?? [],
    count: query.data?.pages[0]?.count ?? null,
    more: () => {
      if (query.hasNextPage && !query.isFetchingNextPage) {
        void query.fetchNextPage();
      }
    },
  };
}
