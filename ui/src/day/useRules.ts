import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { DayRules } from '../api/types';
import { useQuery } from '../api/useQuery';

const RULES = ['day-rules'];

/** What the shop's days are planned by, who is away, and who follows the plan from outside. */
export function useRules() {
  return useQuery<DayRules>({
    queryKey: RULES,
    queryFn: () => answer(client.GET('/api/day/rules')),
  });
}

/** A change of them; its answer is all of it as it is then, and the plan is asked for anew. */
export function useRulesChange<Wish>(send: (wish: Wish) => Promise<DayRules>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: (rules) => {
      queries.setQueryData(RULES, rules);
      void queries.invalidateQueries({ queryKey: ['day'] });
    },
  });
}
