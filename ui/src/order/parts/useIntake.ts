import { useQuery } from '../../api/useQuery';
import { answer, client } from '../../api/client';

/** What an intake chooses from. */
export function useIntake() {
  return useQuery({
    queryKey: ['intake'],
    queryFn: () => answer(client.GET('/api/intake')),
    staleTime: 60_000,
  });
}
