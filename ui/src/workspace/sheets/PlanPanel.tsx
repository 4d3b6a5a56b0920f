import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Workspace } from '../../api/types';
import { say } from '../../words/say';
import { useReadingPlan } from '../task/useReadingPlan';
import type { Task } from '../task/useTask';

type Planned = NonNullable<Workspace['method']['plan']>;

interface Props {
  state: Workspace;
  task: Task;
  sealed: boolean;
}

/** Before anything is measured: the cheapest readings that prove this card here, to be taken with one press. */
export function PlanPanel({ state, task, sealed }: Props) {
  const plan = useReadingPlan(state);
  // A task begun under the first rules is not asked what could hide.
  if (plan.data?.schools.length === 0) {
    return null;
  }
  const cheapest = plan.data?.cheapest ?? null;
  const taken = state.method.plan;
  return (
    <Box
      component="section"
      aria-label={say('screen.plan-panel.title')}
      data-testid="reading-plan"
      sx={{ mb: 2, pb: 2, borderBottom: 2, borderColor: 'divider' }}
    >
      <Typography variant="h3" component="h2">
        {say('screen.plan-panel.title')}
      </Typography>
      {taken === null && plan.isPending && (
        <Typography role="status" sx={{ my: 0.5 }}>
          {say('screen.plan-panel.working')}
        </Typography>
      )}
      {plan.isError && (
        <Typography role="alert" sx={{ my: 0.5 }}>
          {plan.error.message}{' '}
          <Button onClick={() => void plan.refetch()}>{say('screen.try-again')}</Button>
        </Typography>
      )}
      {taken !== null && (
        <Amount
          says={say('screen.plan-panel.taken', {
            count: taken.count,
            minutes: Math.round(taken.minutes),
          })}
          planned={taken}
        />
      )}
      {plan.isSuccess && taken === null && cheapest === null && (
        <Typography sx={{ my: 0.5 }}>{say('screen.plan-panel.none')}</Typography>
      )}
      {taken === null && cheapest !== null && (
        <>
          <Amount
            says={say('screen.plan-panel.cheapest', {
              count: cheapest.count,
              minutes: Math.round(cheapest.minutes),
            })}
            note={say('screen.plan-panel.by', { names: cheapest.names.join(', ') })}
            planned={cheapest}
          />
          {task.failure !== null && task.failed?.kind === 'schools' && (
            <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
              {task.failure.message}
            </Typography>
          )}
          {!sealed && (
            <Button
              variant="contained"
              fullWidth
              loading={task.isWriting}
              onClick={() =>
                task.write({
                  kind: 'schools',
                  payload: { schools: cheapest.schools, readings: cheapest.ids },
                })
              }
            >
              {say('screen.plan-panel.take')}
            </Button>
          )}
        </>
      )}
    </Box>
  );
}

function Amount({ says, note, planned }: { says: string; note?: string; planned: Planned }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Typography sx={{ fontWeight: 700, mt: 0.5 }}>{says}</Typography>
      {note !== undefined && <Typography>{note}</Typography>}
      <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)} sx={{ px: 0 }}>
        {open ? say('screen.plan-panel.hide') : say('screen.plan-panel.show')}
      </Button>
      {open && <PlannedReadings planned={planned} />}
    </>
  );
}

/** A plan's readings in the order of work, each with how often it is taken. */
export function PlannedReadings({ planned }: { planned: Planned }) {
  return (
    <Box sx={{ mb: 1 }} data-testid="planned-readings">
      <Box component="ol" sx={{ pl: 3, my: 0 }}>
        {planned.readings.map((reading) => (
          <li key={reading.id}>
            {reading.title}
            {reading.times > 1 && (
              <Box component="span" sx={{ fontWeight: 700 }}>
                {' '}
                {say('screen.plan-panel.times', { times: reading.times })}
              </Box>
            )}
          </li>
        ))}
      </Box>
      <Typography sx={{ fontSize: '0.9rem', color: 'text.secondary' }}>
        {say('screen.plan-panel.minutes-are')}
      </Typography>
    </Box>
  );
}
