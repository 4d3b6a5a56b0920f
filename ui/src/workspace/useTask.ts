import { useQueryClient } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { Pose, ReferenceId, SchoolId, ToolCommand, Workspace } from '../api/types';
import { useRecord, type Sent } from '../api/useRecord';

/** What can be written to a task's record, by the path it is sent to. */
export type Write =
  | {
      to: 'readings';
      body: {
        call: string;
        typed: string;
        datum?: string;
        strikes?: string;
        accuracy?: string;
      };
    }
  | { to: 'strikes'; body: { reading: string } }
  | {
      to: 'answers';
      body: { item: string; answer: 'yes' | 'no' | 'not-checked' | 'on-word'; word?: string };
    }
  | { to: 'moves'; body: { kinds: ('turn' | 'shift' | 'height')[] } }
  | { to: 'schools'; body: { schools: SchoolId[] } }
  | { to: 'poses'; body: { pose: Pose; confirmed?: boolean } }
  | { to: 'stand'; body: { tilt: number; arm?: string } }
  | { to: 'reference'; body: { reference: ReferenceId; reason: string } }
  | {
      to: 'car';
      body: {
        kind: 'mark' | 'floor';
        payload: {
          place?: string;
          typed?: string;
          end?: 'front' | 'rear';
          mark?: string;
          note?: string;
        };
        confirmed?: boolean;
      };
    }
  | { to: 'releases'; body: { name: string; reason: string } }
  | { to: 'runs'; body: { azimuth: number; elevation: number; level?: number } }
  | {
      to: 'tool';
      body: {
        command: ToolCommand;
        values?: { azimuth: number; elevation: number };
        lotCode?: string;
      };
    }
  | { to: 'tool-outcome'; body: { givenUp?: boolean } }
  | { to: 'steps'; body: { step: string; begun?: boolean; confirmed?: boolean } }
  | { to: 'corrections'; body: { way: 'screws' | 'mirror spots'; turns?: Record<string, number> } }
  | { to: 'shifts'; body: { typed: string } }
  | { to: 'mirrors'; body: { distance: string; left: string; above: string } }
  | { to: 'checks'; body: { cause: string; found: boolean; note?: string } }
  | { to: 'send-back'; body: { fault: string; name: string; note?: string } }
  | { to: 'acceptance'; body: { name: string; reason: string } }
  | { to: 'seal'; body: { handover?: string } }
  | { to: 'reopen'; body: { reason: string } };

function send(task: string, write: Sent<Write>): Promise<Workspace> {
  const params = { path: { task } };
  const head = { id: write.id, version: write.version };
  switch (write.to) {
    case 'readings':
      return answer(
        client.POST('/api/tasks/{task}/readings', { params, body: { ...head, ...write.body } }),
      );
    case 'strikes':
      return answer(
        client.POST('/api/tasks/{task}/strikes', { params, body: { ...head, ...write.body } }),
      );
    case 'answers':
      return answer(
        client.POST('/api/tasks/{task}/answers', { params, body: { ...head, ...write.body } }),
      );
    case 'moves':
      return answer(
        client.POST('/api/tasks/{task}/moves', { params, body: { ...head, ...write.body } }),
      );
    case 'schools':
      return answer(
        client.POST('/api/tasks/{task}/schools', { params, body: { ...head, ...write.body } }),
      );
    case 'poses':
      return answer(
        client.POST('/api/tasks/{task}/poses', { params, body: { ...head, ...write.body } }),
      );
    case 'stand':
      return answer(
        client.POST('/api/tasks/{task}/stand', { params, body: { ...head, ...write.body } }),
      );
    case 'reference':
      return answer(
        client.POST('/api/tasks/{task}/reference', { params, body: { ...head, ...write.body } }),
      );
    case 'car':
      return answer(
        client.POST('/api/tasks/{task}/car', { params, body: { ...head, ...write.body } }),
      );
    case 'releases':
      return answer(
        client.POST('/api/tasks/{task}/releases', { params, body: { ...head, ...write.body } }),
      );
    case 'runs':
      return answer(
        client.POST('/api/tasks/{task}/runs', { params, body: { ...head, ...write.body } }),
      );
    case 'tool':
      return answer(
        client.POST('/api/tasks/{task}/tool', { params, body: { ...head, ...write.body } }),
      );
    case 'tool-outcome':
      return answer(
        client.POST('/api/tasks/{task}/tool-outcome', { params, body: { ...head, ...write.body } }),
      );
    case 'steps':
      return answer(
        client.POST('/api/tasks/{task}/steps', { params, body: { ...head, ...write.body } }),
      );
    case 'corrections':
      return answer(
        client.POST('/api/tasks/{task}/corrections', { params, body: { ...head, ...write.body } }),
      );
    case 'shifts':
      return answer(
        client.POST('/api/tasks/{task}/shifts', { params, body: { ...head, ...write.body } }),
      );
    case 'mirrors':
      return answer(
        client.POST('/api/tasks/{task}/mirrors', { params, body: { ...head, ...write.body } }),
      );
    case 'checks':
      return answer(
        client.POST('/api/tasks/{task}/checks', { params, body: { ...head, ...write.body } }),
      );
    case 'send-back':
      return answer(
        client.POST('/api/tasks/{task}/send-back', { params, body: { ...head, ...write.body } }),
      );
    case 'acceptance':
      return answer(
        client.POST('/api/tasks/{task}/acceptance', { params, body: { ...head, ...write.body } }),
      );
    case 'reopen':
      return answer(
        client.POST('/api/tasks/{task}/reopen', { params, body: { ...head, ...write.body } }),
      );
    case 'seal':
      return answer(
        client.POST('/api/tasks/{task}/seal', { params, body: { ...head, ...write.body } }),
      );
  }
}

/** A task's workspace, kept fresh, and the one way to write to its record. */
export function useTask(task: string) {
  const queries = useQueryClient();
  return useRecord<Workspace, Write>({
    record: `task ${task}`,
    queryKey: ['task', task],
    fetch: () => answer(client.GET('/api/tasks/{task}', { params: { path: { task } } })),
    send: (line) => send(task, line),
    newer: (refusal) => refusal.problem.state,
    follows: (line) => line.to === 'readings' || line.to === 'answers',
    goesAlone: (line) => line.to === 'readings' || line.to === 'answers',
    took: () => {
      // A precondition is the order's matter, and the list says what each order waits for.
      void queries.invalidateQueries({ queryKey: ['order'] });
      void queries.invalidateQueries({ queryKey: ['orders'] });
    },
  });
}

export type Task = ReturnType<typeof useTask>;
