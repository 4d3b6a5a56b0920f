import { answer, client } from '../api/client';
import { pagesOf, usePages } from '../api/usePages';

const LIST = 'orders';

function page(query: { search?: string; after?: string }) {
  return answer(client.GET('/api/repair-orders', { params: { query } }));
}

/** The question for the open orders, as the list asks it first. */
export const openOrders = pagesOf(LIST, '', page);

/** The orders a search finds, page after page. */
export function useOrders(search: string) {
  const list = usePages(LIST, search, page, 20_000);
  return {
    ...list,
    orders: list.pages.flatMap((page) => page.orders),
    /** What the clock on the wall of the shop showed. */
    now: list.pages[0]?.now,
    /** Whether there are more than were counted. */
    hasMore: list.pages[0]?.more ?? false,
  };
}
