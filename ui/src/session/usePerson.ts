import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, client, Refused } from '../api/client';
import type { Person } from '../api/types';

const KEY = ['person'];

/** Who is signed in; null where nobody is. */
export function usePerson() {
  return useQuery<Person | null>({
    queryKey: KEY,
    queryFn: async () => {
      try {
        return await answer(client.GET('/api/session'));
      } catch (failure) {
        if (failure instanceof Refused && failure.isSignedOut) {
          return null;
        }
        throw failure;
      }
    },
    staleTime: Infinity,
  });
}

export function useSignIn() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (account: { email: string; password: string }) => {
      // A fresh token: the old session, and its token with it, may be gone.
      await answer(client.GET('/api/csrf'));
      return answer(client.POST('/api/session', { body: account }));
    },
    onSuccess: (person) => queries.setQueryData(KEY, person),
  });
}

export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => answer(client.DELETE('/api/session')),
    onSettled: () => {
      queries.clear();
      queries.setQueryData(KEY, null);
    },
  });
}

/** Marks the session as ended, so that the sign-in form stands over the screen. */
export function useSignedOut() {
  const queries = useQueryClient();
  return () => queries.setQueryData(KEY, null);
}
