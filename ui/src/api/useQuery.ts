import {
  useQuery as useCached,
  type QueryKey,
  type UseQueryOptions,
  type UseQueryResult,
} from '@tanstack/react-query';
import { useCallback } from 'react';
import { useWords } from '../words/useWords';

/** Asks the server; what it says comes as codes, is kept so, and is put in the person's words here. */
export function useQuery<Answer, Chosen = Answer>(
  options: UseQueryOptions<Answer, Error, Chosen, QueryKey>,
): UseQueryResult<Chosen> {
  const { worded } = useWords();
  const { select } = options;
  const choose = useCallback(
    (answer: Answer) =>
      select === undefined ? (worded(answer) as unknown as Chosen) : select(worded(answer)),
    [worded, select],
  );
  return useCached({ ...options, select: choose });
}
