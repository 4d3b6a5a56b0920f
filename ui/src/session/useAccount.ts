import { useQueryClient } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';
import type { Account } from '../api/types';

const KEY = ['account'];

/** One's own second factor, PIN and sessions; `took` keeps a newer answer. */
export function useAccount() {
  const queries = useQueryClient();
  const account = useQuery({
    queryKey: KEY,
    queryFn: () => answer(client.GET('/api/session/account')),
  });
  return { account, took: (found: Account) => queries.setQueryData(KEY, found) };
}
