import { useQuery } from '../../api/useQuery';
import { answer, client } from '../../api/client';
import type { Workspace } from '../../api/types';

/** What a set-up can be measured by, and what can be plumbed for it. */
export function useSchools(state: Workspace) {
  return useQuery({
    queryKey: ['schools', state.task, state.version, state.order.version],
    queryFn: () =>
      answer(client.GET('/api/tasks/{task}/schools', { params: { path: { task: state.task } } })),
  });
}
