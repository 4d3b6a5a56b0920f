import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { DayPlan } from '../api/types';
import { LONG } from '../api/underway';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';

const DAY = ['day'];

/** How often the plan is asked for, ms; while rooms are searched, at once again. */
const EVERY = 15_000;
const SEARCHING = 200;

/** The plan of the day in force. */
export function useDay() {
  return useQuery<DayPlan>({
    queryKey: DAY,
    queryFn: () => answer(client.GET('/api/day')),
    refetchInterval: (query) => (query.state.data?.searching ? SEARCHING : EVERY),
  });
}

export interface PinWish {
  stage: string;
  at?: string;
  person?: string;
  bay?: string;
}

type Change = { what: 'pin'; wish: PinWish } | { what: 'anew' } | { what: 'clock'; at?: string };

/** What is changed of the plan by hand; each answer is the plan as it is then. */
export function useDayChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: Change) => {
      const body = { id: uuid7(), version: 0 };
      switch (change.what) {
        case 'pin':
          return answer(client.POST('/api/day/pins', { body: { ...body, ...change.wish } }));
        case 'clock':
          return answer(
            client.POST('/api/day/clock', {
              body: { ...body, ...(change.at === undefined ? {} : { at: change.at }) },
            }),
          );
        default:
          return answer(client.POST('/api/day/anew', { body, headers: LONG }));
      }
    },
    onSuccess: (plan) => queries.setQueryData(DAY, plan),
  });
}
