import { answer, client } from '../api/client';
import { usePages } from '../api/usePages';

/** The orders a search finds, page after page. */
export function useOrders(search: string) {
  const list = usePages(
    'orders',
    search,
    (query) => answer(client.GET('/api/repair-orders', { params: { query } })),
    20_000,
  );
  return {
    ...list,
    orders: list.pages.flatMap((page) => page.orders),
    /** Whether there are more than were counted. */
    hasMore: list.pages[0]?.more ?? false,
  };
}
