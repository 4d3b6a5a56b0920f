import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';

/** How the installation stands; asked again now and then, for those who may know it. */
export function useInstallation(may: boolean) {
  return useQuery({
    queryKey: ['installation'],
    queryFn: () => answer(client.GET('/api/installation')),
    enabled: may,
    refetchInterval: 10 * 60_000,
  });
}
