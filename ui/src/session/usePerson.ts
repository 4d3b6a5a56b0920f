import { useMutation, useQueryClient, type Query, type QueryClient } from '@tanstack/react-query';
import { useQuery } from '../api/useQuery';
import { answer, client, Refused } from '../api/client';
import { actFor } from '../api/own';
import { readFor } from '../words/reader';
import type { Act, Person } from '../api/types';
import { forgetAnswers } from '../device/kept';

const KEY = ['person'];
const LEFT = ['left'];
const WHY = ['why-out'];
const OF_THE_SESSION: readonly unknown[] = [...KEY, ...LEFT, ...WHY];

/** The question who is signed in; null where nobody is. */
export const who = {
  queryKey: KEY,
  queryFn: async (): Promise<Person | null> => {
    try {
      return present(await answer(client.GET('/api/session')));
    } catch (failure) {
      if (failure instanceof Refused && failure.isSignedOut) {
        return null;
      }
      throw failure;
    }
  },
  staleTime: Infinity,
};

/** Who is signed in; null where nobody is. */
export function usePerson() {
  return useQuery<Person | null>(who);
}

/** The screen is written as the person's shop writes. */
function present(person: Person): Person {
  readFor(person.reader);
  actFor(person.email);
  return person;
}

/** Whether the one who is signed in may do something; nobody may while that is not known. */
export function useMay(): (act: Act) => boolean {
  const person = usePerson();
  return (act) => person.data?.may.includes(act) ?? false;
}

/** Whoever has just been let in: what is on the screen is asked for anew in their name. */
export function useArrived(): (person: Person) => void {
  const queries = useQueryClient();
  return (person) => {
    const shown = { predicate: ({ queryKey: [what] }: Query) => !OF_THE_SESSION.includes(what) };
    // Asked for in the earlier session, an answer may still come that this one has ended as well.
    void queries.cancelQueries(shown);
    void forgetAnswers();
    queries.setQueryData(LEFT, false);
    queries.removeQueries({ queryKey: WHY });
    queries.setQueryData(KEY, present(person));
    void queries.invalidateQueries(shown);
  };
}

export function useSignIn() {
  const arrived = useArrived();
  return useMutation({
    mutationFn: async (account: { email: string; password: string; code?: string }) => {
      // A fresh token: the old session, and its token with it, may be gone.
      await answer(client.GET('/api/csrf'));
      return answer(client.POST('/api/session', { body: account }));
    },
    onSuccess: arrived,
  });
}

export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => answer(client.DELETE('/api/session')),
    onSettled: () => {
      void forgetAnswers();
      void import('../device/outbox').then(({ forgetRecords }) => forgetRecords());
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] });
      queries.setQueryData(LEFT, true);
      queries.setQueryData(KEY, null);
    },
  });
}

/** Whether the person signed out on purpose: then nothing of the shop stays on the screen. */
export function useHasLeft(): boolean {
  const left = useQuery({
    queryKey: LEFT,
    queryFn: () => false,
    initialData: false,
    staleTime: Infinity,
  });
  return left.data ?? false;
}

/** Marks the session of whoever is known to be signed in as ended: the sign-in form stands over the screen and says why. */
export function ended(queries: QueryClient, why: string): void {
  if (queries.getQueryData(KEY)) {
    queries.setQueryData(WHY, why);
    queries.setQueryData(KEY, null);
  }
}

/** Why the session ended, where the server said so. */
export function useWhyOut(): string | null {
  return useQueryClient().getQueryData<string>(WHY) ?? null;
}
