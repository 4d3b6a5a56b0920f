import { useQuery } from '../api/useQuery';
import { answer, client } from '../api/client';
import { usePages } from '../api/usePages';

/** The procedure cards a search finds, page after page. */
export function useCards(search: string) {
  const list = usePages('cards', search, (query) =>
    answer(client.GET('/api/cards', { params: { query } })),
  );
  return { ...list, cards: list.pages.flatMap((page) => page.cards) };
}

export function useCard(card: string) {
  return useQuery({
    queryKey: ['card', card],
    queryFn: () => answer(client.GET('/api/cards/{card}', { params: { path: { card } } })),
  });
}
