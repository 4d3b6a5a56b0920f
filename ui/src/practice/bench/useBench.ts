import { answer, client } from '../../api/client';
import { goesAlone } from '../../api/lines.generated';
import type { Bench, Wish } from '../../api/types';
import { useRecord, type Sent } from '../../journal/useRecord';

/** What can be done at a car that is practised without advice. */
export type Done =
  (Wish & { orderVersion?: number }) | { kind: 'tool-outcome'; payload: { givenUp?: boolean } };

function send(run: string, task: string, line: Sent<Done>): Promise<Bench> {
  const { id, version, ...done } = line;
  const params = { path: { run } };
  if (done.kind === 'tool-outcome') {
    return answer(
      client.POST('/api/practice/runs/{run}/tool-outcome', {
        params,
        body: { id, version, ...done.payload },
      }),
    );
  }
  // Nobody is asked whether a figure is meant: that would be advice.
  return answer(
    client.POST('/api/practice/runs/{run}/lines', {
      params,
      body: { id, version, task, confirmed: true, ...done },
    }),
  );
}

/** A car on its bench, kept fresh, and the one way to write to its record. */
export function useBench(run: string, task: string) {
  return useRecord<Bench, Done>({
    record: `bench ${run}`,
    queryKey: ['bench', run],
    fetch: () =>
      answer(client.GET('/api/practice/runs/{run}/bench', { params: { path: { run } } })),
    send: (line) => send(run, task, line),
    newer: () => undefined,
    goesAlone: (line) => line.kind in goesAlone && goesAlone[line.kind as keyof typeof goesAlone],
    took: () => undefined,
  });
}

export type BenchFile = ReturnType<typeof useBench>;
