import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { useWords } from '../words/useWords';

interface Page {
  count: number;
  next: string | null;
}

/** A list that a search finds, page after page. */
export function usePages<Found extends Page>(
  name: string,
  search: string,
  fetchPage: (query: { search?: string; after?: string }) => Promise<Found>,
  every?: number,
) {
  const wanted = useDeferredValue(search.trim());
  const query = useInfiniteQuery({
    queryKey: [name, wanted],
    queryFn: ({ pageParam }) =>
      fetchPage({
        ...(wanted === '' ? {} : { search: wanted }),
        ...(pageParam === null ? {} : { after: pageParam }),
      }),
    initialPageParam: null as string | null,
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
    ...(every === undefined ? {} : { refetchInterval: every }),
  });
  const { worded } = useWords();
  return {
    query,
    pages: query.data === undefined ? [] : worded(query.data).pages,
    count: query.data?.pages[0]?.count ?? null,
    /** Whether all of them are known. */
    isWhole: !query.hasNextPage,
    more: () => {
      if (query.hasNextPage && !query.isFetchingNextPage) {
        void query.fetchNextPage();
      }
    },
  };
}
