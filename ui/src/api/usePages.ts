import { infiniteQueryOptions, keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { useWords } from '../words/useWords';

interface Page {
  count: number;
  next: string | null;
}

type FetchPage<Found> = (query: { search?: string; after?: string }) => Promise<Found>;

/** The question for a list that a search finds. */
export function pagesOf<Found extends Page>(
  name: string,
  wanted: string,
  fetchPage: FetchPage<Found>,
) {
  return infiniteQueryOptions({
    queryKey: [name, wanted],
    queryFn: ({ pageParam }) =>
      fetchPage({
        ...(wanted === '' ? {} : { search: wanted }),
        ...(pageParam === null ? {} : { after: pageParam }),
      }),
    initialPageParam: null as string | null,
    getNextPageParam: (page) => page.next,
  });
}

/** A list that a search finds, page after page. */
export function usePages<Found extends Page>(
  name: string,
  search: string,
  fetchPage: FetchPage<Found>,
  every?: number,
) {
  const wanted = useDeferredValue(search.trim());
  const query = useInfiniteQuery({
    ...pagesOf(name, wanted, fetchPage),
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
