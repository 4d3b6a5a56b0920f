import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, client } from '../../api/client';
import type { ExercisePage, OrderBench } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { uuid7 } from '../../api/uuid7';
import { Opening } from '../../shell/Opening';
import { Page } from '../../shell/Page';
import { say } from '../../words/say';
import { AskAdvice } from '../bench/AskAdvice';
import { AsItStands } from './AsItStands';
import { OrderAdvice } from './OrderAdvice';
import { OrderAnswer } from './OrderAnswer';
import { Places } from './Places';

/** What a learner does at an order: looks somewhere, notes what was seen there, puts a cover on or takes it off. */
export type Done =
  | { look: string }
  | { note: { place: string; find: number } }
  | { cover: { cover: 'front' | 'rear'; off: boolean } };

function send(run: string, done: Done): Promise<OrderBench> {
  const path = { run };
  if ('look' in done) {
    return answer(
      client.POST('/api/practice/runs/{run}/order/looks/{place}', {
        params: { path: { ...path, place: done.look } },
      }),
    );
  }
  if ('note' in done) {
    return answer(
      client.POST('/api/practice/runs/{run}/order/notes', {
        params: { path },
        body: { id: uuid7(), ...done.note },
      }),
    );
  }
  return answer(
    client.POST('/api/practice/runs/{run}/order/covers', {
      params: { path },
      body: { id: uuid7(), ...done.cover },
    }),
  );
}

/** A simulated car whose trap is in its order: what was written, where to look, and the answer. */
export function OrderExercise({ page }: { page: ExercisePage }) {
  const { exercise } = page;
  const queries = useQueryClient();
  const key = ['order-bench', exercise.id];
  const query = useQuery<OrderBench>({
    queryKey: key,
    queryFn: () =>
      answer(
        client.GET('/api/practice/runs/{run}/order', { params: { path: { run: exercise.id } } }),
      ),
  });
  const act = useMutation({
    mutationFn: (done: Done) => send(exercise.id, done),
    onSuccess: (bench) => queries.setQueryData(key, bench),
  });
  if (!query.data) {
    return <Opening query={query} what={say('screen.exercise.exercise')} />;
  }
  const bench = query.data;
  return (
    <Page title={say('screen.exercise.title', { number: exercise.number, title: exercise.title })}>
      <Typography sx={{ fontSize: '1.1rem', mb: 2, maxWidth: 900 }}>
        {exercise.lesson?.aim ??
          say(`screen.order-exercise.task-${bench.begins}`, { car: exercise.car })}{' '}
        {exercise.helpSays}.
      </Typography>
      {act.isError && (
        <Typography role="alert" color="error" sx={{ mb: 1 }}>
          {act.error.message}
        </Typography>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' },
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <AsItStands bench={bench} busy={act.isPending} onDo={act.mutate} />
          <Places bench={bench} busy={act.isPending} onDo={act.mutate} />
        </Box>
        <Box sx={{ minWidth: 0, position: { lg: 'sticky' }, top: { lg: 16 } }}>
          {bench.advice && <OrderAdvice advice={bench.advice} />}
          {exercise.help === 'asked' && (
            <AskAdvice run={exercise.id} version={query.dataUpdatedAt} />
          )}
          <OrderAnswer page={page} bench={bench} />
        </Box>
      </Box>
    </Page>
  );
}
