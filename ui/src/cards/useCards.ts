import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { answer, client } from '../api/client';

/** The procedure cards a search finds, page after page. */
export function useCards(search: string) {
  const wanted = useDeferredValue(search.trim());
  const query = useInfiniteQuery({
    queryKey: ['cards', wanted],
    queryFn: ({ pageParam }) =>
      answer(
        client.GET('/api/cards', {
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
  });
  return {
    query,
    cards: query.data?.pages.flatMap((page) => page.cards) ?? [],
    count: query.data?.pages[0]?.count ?? null,
    more: () => {
      if (query.hasNextPage && !query.isFetchingNextPage) {
        void query.fetchNextPage();
      }
    },
  };
}

export function useCard(card: string) {
  return useQuery({
    queryKey: ['card', card],
    queryFn: () => answer(client.GET('/api/cards/{card}', { params: { path: { card } } })),
  });
}
