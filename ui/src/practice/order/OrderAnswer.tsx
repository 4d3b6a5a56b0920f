import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, client } from '../../api/client';
import type { ExercisePage, OrderBench } from '../../api/types';
import { useKept } from '../../sheet/useKept';
import { say } from '../../words/say';
import { Commit } from '../Commit';
import { TickList } from '../TickList';

interface Given {
  /** Sensor → whether it is said to be owed a calibration. */
  owed: Record<string, boolean>;
  close: '' | 'yes' | 'no';
  open: string[];
}

/** What a learner commits to at an order. */
export function OrderAnswer({ page, bench }: { page: ExercisePage; bench: OrderBench }) {
  const run = page.exercise.id;
  const queries = useQueryClient();
  const [given, setGiven, done] = useKept<Given>(`order-answer-${run}`, () => ({
    owed: {},
    close: '',
    open: [],
  }));
  const isIntake = bench.begins === 'intake';
  const lacks = isIntake
    ? bench.sensors.some((sensor) => given.owed[sensor.id] === undefined)
    : given.close === '' || (given.close === 'no' && given.open.length === 0);
  const send = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/practice/runs/{run}/order/answer', {
          params: { path: { run } },
          body: isIntake
            ? { owed: bench.sensors.map((one) => one.id).filter((id) => given.owed[id]) }
            : { close: given.close === 'yes', open: given.close === 'yes' ? [] : given.open },
        }),
      ),
    onSuccess: (answered) => {
      done();
      queries.setQueryData(['exercise', run], answered);
      void queries.invalidateQueries({ queryKey: ['practice'] });
    },
  });
  return (
    <Box
      component="form"
      data-testid="order-answer"
      onSubmit={(event) => {
        event.preventDefault();
        if (!lacks) {
          send.mutate();
        }
      }}
    >
      <Typography variant="h2" id="order-answer">
        {say(isIntake ? 'screen.order-exercise.owed-which' : 'screen.order-exercise.what-now')}
      </Typography>
      {isIntake ? (
        bench.sensors.map((sensor) => (
          <Box
            key={sensor.id}
            sx={{
              display: 'flex',
              flexWrap: 'wrap',
              alignItems: 'center',
              justifyContent: 'space-between',
              borderTop: 1,
              borderColor: 'divider',
            }}
          >
            <b id={`owed-${sensor.id}`}>{sensor.name}</b>
            <RadioGroup
              row
              aria-labelledby={`owed-${sensor.id}`}
              value={given.owed[sensor.id] ?? ''}
              onChange={(_, value) =>
                setGiven({ ...given, owed: { ...given.owed, [sensor.id]: value === 'true' } })
              }
            >
              {[true, false].map((owed) => (
                <FormControlLabel
                  key={String(owed)}
                  value={owed}
                  control={<Radio sx={{ minWidth: 48, minHeight: 48 }} />}
                  label={say(
                    owed ? 'screen.order-exercise.owed' : 'screen.order-exercise.not-owed',
                  )}
                />
              ))}
            </RadioGroup>
          </Box>
        ))
      ) : (
        <>
          <RadioGroup
            aria-labelledby="order-answer"
            value={given.close}
            onChange={(_, value) => setGiven({ ...given, close: value as 'yes' | 'no' })}
          >
            {(['yes', 'no'] as const).map((close) => (
              <FormControlLabel
                key={close}
                value={close}
                control={<Radio sx={{ minWidth: 48, minHeight: 48 }} />}
                label={say(`screen.order-exercise.close-${close}`)}
              />
            ))}
          </RadioGroup>
          {given.close === 'no' && (
            <Box role="group" aria-labelledby="keeps-open">
              <Typography variant="h3" id="keeps-open">
                {say('screen.order-exercise.open')}
              </Typography>
              <TickList
                things={bench.things}
                ticked={given.open}
                onTick={(open) => setGiven({ ...given, open })}
              />
            </Box>
          )}
        </>
      )}
      <Commit
        words={say(isIntake ? 'screen.order-exercise.commit-intake' : 'screen.exercise.commit')}
        failure={send.error?.message}
        busy={send.isPending}
        lacks={lacks}
      />
    </Box>
  );
}
