import { useQuery } from '../../api/useQuery';
import { answer, client } from '../../api/client';
import type { Workspace } from '../../api/types';

/** The cheapest readings that prove a set-up, and what each school would come to: worked out when somebody asks. */
export function useReadingPlan(state: Workspace) {
  return useQuery({
    // What is read changes nothing of it: it is made for a set-up of which nothing was read.
    queryKey: [
      'reading-plan',
      state.task,
      state.order.version,
      state.method.schools.map((school) => school.id).join(' '),
      state.method.reference.line,
      state.method.stand.arm,
    ],
    queryFn: () =>
      answer(
        client.GET('/api/tasks/{task}/reading-plan', { params: { path: { task: state.task } } }),
      ),
  });
}
