import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { usePerson } from '../../session/usePerson';
import { useKeys } from '../useKeys';
import type { Task } from '../useTask';
import { Cautions } from './Cautions';
import { Key } from './AnswerButtons';
import { Sheet } from './Sheet';

/** The interlock and the run: what bars it, who releases it, and the start. */
export function RunSheet({ state, task }: { state: Workspace; task: Task }) {
  const [releasing, setReleasing] = useState(false);
  const sealed = state.seal !== null;
  const run = () => task.write({ to: 'runs', body: {} });
  const ready = state.mayRun && !sealed;
  useKeys(useMemo(() => (ready ? { r: run } : {}), [ready, task])); // eslint-disable-line react-hooks/exhaustive-deps
  return (
    <>
      <Sheet
        title={state.mayRun ? 'Start the run' : 'The run is barred'}
        note={
          state.mayRun
            ? `${state.card.sensor}: the axis is read before anything is corrected.`
            : 'A run without a proven target can wipe the sensor’s stored axis.'
        }
        testId="run"
      >
        {state.bars.length > 0 && (
          <Box component="ul" data-testid="bars" sx={{ pl: 2.5, my: 1 }}>
            {state.bars.map((bar) => (
              <li key={bar.text}>{bar.text}</li>
            ))}
          </Box>
        )}
        {state.release && (
          <Typography sx={{ fontWeight: 700, color: 'verdict.unproven' }}>
            Released for one run by {state.release.name}: {state.release.reason}
          </Typography>
        )}
        {!sealed && (
          <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap' }}>
            <Button
              variant="contained"
              disabled={!state.mayRun}
              loading={task.isWriting}
              onClick={run}
            >
              Start the run <Key of="R" />
            </Button>
            {!state.mayRun && !releasing && (
              <Button variant="outlined" onClick={() => setReleasing(true)}>
                Release it by name
              </Button>
            )}
          </Box>
        )}
        {releasing && !state.mayRun && !sealed && (
          <ReleaseForm task={task} onDone={() => setReleasing(false)} />
        )}
      </Sheet>
      {state.failedRuns.map((run) => (
        <Typography key={run.id} role="status" sx={{ mb: 1, color: 'verdict.out' }}>
          {run.message}
        </Typography>
      ))}
      <Cautions cautions={state.card.cautions} />
    </>
  );
}

function ReleaseForm({ task, onDone }: { task: Task; onDone: () => void }) {
  const person = usePerson();
  const [name, setName] = useState(person.data?.name ?? '');
  const [reason, setReason] = useState('');
  const problem = task.failure instanceof Refused ? task.failure.problem : null;
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gap: 1.5, mt: 2 }}
      onSubmit={(event) => {
        event.preventDefault();
        task.write({ to: 'releases', body: { name, reason } }, onDone);
      }}
    >
      <TextField
        id="release-name"
        label="Released by"
        required
        value={name}
        onChange={(event) => setName(event.target.value)}
        error={problem?.path === '/name'}
        helperText={problem?.path === '/name' ? problem.title : undefined}
      />
      <TextField
        id="release-reason"
        label="Reason"
        required
        multiline
        minRows={2}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        error={problem?.path === '/reason'}
        helperText={
          problem?.path === '/reason'
            ? problem.title
            : 'It stands in the record with your name and what it overrode.'
        }
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" color="error" loading={task.isWriting}>
          Release one run
        </Button>
        <Button color="inherit" onClick={onDone}>
          Back
        </Button>
      </Box>
    </Box>
  );
}
