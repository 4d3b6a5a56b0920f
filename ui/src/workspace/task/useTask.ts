import { useQueryClient } from '@tanstack/react-query';
import { answer, client } from '../../api/client';
import { goesAlone } from '../../api/lines.generated';
import type { Pose, Wish, Workspace } from '../../api/types';
import { taskCarrier } from '../../carry/carrier';
import { useRecord, type Sent } from '../../journal/useRecord';
import { useMemo } from 'react';

/** What can be written to a task's record: a line, or what comes of a file, a tool or closing it. */
export type Write = (
  | Wish
  | { kind: 'poses'; payload: { pose: Pose } }
  | { kind: 'tool-outcome'; payload: { givenUp?: boolean } }
  | { kind: 'seal'; payload: { handover?: string } }
) & { confirmed?: boolean };

function send(
  task: string,
  { id, version, waited, confirmed, ...write }: Sent<Write>,
): Promise<Workspace> {
  const params = { path: { task } };
  const head = { id, version };
  const once = confirmed ? { confirmed } : {};
  switch (write.kind) {
    case 'poses':
      return answer(
        client.POST('/api/tasks/{task}/poses', {
          params,
          body: { ...head, ...once, ...write.payload },
        }),
      );
    case 'tool-outcome':
      return answer(
        client.POST('/api/tasks/{task}/tool-outcome', {
          params,
          body: { ...head, ...write.payload },
        }),
      );
    case 'seal':
      return answer(
        client.POST('/api/tasks/{task}/seal', { params, body: { ...head, ...write.payload } }),
      );
    default:
      return answer(
        client.POST('/api/lines', {
          body: { ...head, ...once, ...(waited === undefined ? {} : { waited }), task, ...write },
        }),
      ) as Promise<Workspace>;
  }
}

/** A task's workspace, kept fresh, and the one way to write to its record. */
export function useTask(task: string) {
  const queries = useQueryClient();
  const carrier = useMemo(() => taskCarrier(task), [task]);
  return useRecord<Workspace, Write>({
    record: `task ${task}`,
    queryKey: ['task', task],
    fetch: () => answer(client.GET('/api/tasks/{task}', { params: { path: { task } } })),
    send: (line) => send(task, line),
    carrier,
    news: {
      order: (state) => state?.order.id,
      own: task,
      // A precondition is the order's matter.
      others: (of, state) => of === state?.order.id,
      held: () => void queries.invalidateQueries({ queryKey: ['held', task] }),
    },
    newer: (refusal) => refusal.problem.state,
    goesAlone: (line) => line.kind in goesAlone && goesAlone[line.kind as keyof typeof goesAlone],
    took: () => {
      // A precondition is the order's matter, and the list says what each order waits for.
      void queries.invalidateQueries({ queryKey: ['order'] });
      void queries.invalidateQueries({ queryKey: ['orders'] });
    },
  });
}

export type Task = ReturnType<typeof useTask>;
