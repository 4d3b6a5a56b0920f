import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { clock } from '../../words/moments';
import { usePerson } from '../../session/usePerson';
import { verdictWord } from '../../shell/VerdictMark';
import { CauseCard } from '../run/CauseCard';
import { CauseList } from '../run/CauseList';
import { PendingCard } from '../run/PendingCard';
import { StepCard } from '../run/StepCard';
import { Steps } from '../run/Steps';
import { ToolButton } from '../run/ToolButton';
import { stepDue } from '../run/words';
import type { Task } from '../task/useTask';
import { BumpedForm } from './BumpedForm';
import { Cautions } from './Cautions';
import { Sheet } from '../../sheet/Sheet';
import { say } from '../../words/say';

/** The run: what bars it and who releases it, the step that is due, and what went wrong. */
export function RunSheet({ state, task }: { state: Workspace; task: Task }) {
  const sealed = state.seal !== null;
  const { run, present } = state;
  const step = stepDue(state);
  const cause =
    present.kind === 'diagnose'
      ? run.causes?.find((known) => known.id === present.call)
      : undefined;
  const working = !sealed && run.sentBack === null && run.accepted === null;
  return (
    <>
      {working && run.pending && <PendingCard state={state} task={task} />}
      {working && !run.pending && cause && (
        <CauseCard key={cause.id} state={state} task={task} cause={cause} />
      )}
      {working && !run.pending && !cause && (
        <>
          {(!state.mayRun || state.release) && <Interlock state={state} task={task} />}
          {state.mayRun && step && <StepCard key={step.id} state={state} task={task} step={step} />}
          {!step && (
            <Sheet
              title={say('screen.run-sheet.every-step-done')}
              note={say('screen.run-sheet.what-readings-say-stands')}
            >
              {state.mayRun && state.tool !== 'none' && (
                <Box sx={{ mt: 1.5 }}>
                  <ToolButton state={state} task={task} command="read" outlined />
                </Box>
              )}
            </Sheet>
          )}
        </>
      )}
      {run.wiped && (
        <Typography role="status" sx={{ mb: 2, color: 'verdict.out', fontWeight: 700 }}>
          {say('screen.run-sheet.sensor-says-that-its')}
        </Typography>
      )}
      {run.codes.length > 0 && (
        <Box sx={{ mb: 2 }}>
          <Typography>
            {say('screen.run-sheet.trouble-codes-that-came', { codes: run.codes.join(', ') })}
          </Typography>
          {working && !run.pending && state.tool !== 'none' && (
            <ToolButton state={state} task={task} command="clear" outlined />
          )}
        </Box>
      )}
      {run.causes && <CauseList causes={run.causes} />}
      {state.pair && (
        <Typography sx={{ mb: 2 }} data-testid="pair">
          {state.pair.first
            ? `${say('screen.run-sheet.first-same-target-then', { pair: state.pair.name })} `
            : say('screen.run-sheet.its-pair', {
                pair: state.pair.name.toLowerCase(),
                verdict: state.pair.verdict
                  ? `${say('screen.run-sheet.was-read', { verdict: verdictWord(state.pair.verdict).toLowerCase() })} `
                  : `${say('screen.run-sheet.not-read-yet')} `,
              })}
          <Link to={`/tasks/${state.pair.task}`}>
            {say('screen.run-sheet.go', { pair: state.pair.name.toLowerCase() })}
          </Link>
        </Typography>
      )}
      <Steps state={state} />
      {state.failedRuns.map((failed) => (
        <Typography key={failed.id} role="status" sx={{ mb: 1, color: 'verdict.out' }}>
          {clock(failed.at)}: {failed.message}
        </Typography>
      ))}
      {working && <BumpedForm state={state} task={task} />}
      <Cautions cautions={state.card.cautions} />
    </>
  );
}

/** What bars the run, and the one way past it. */
function Interlock({ state, task }: { state: Workspace; task: Task }) {
  const [releasing, setReleasing] = useState(false);
  return (
    <Sheet
      title={
        state.mayRun
          ? say('screen.run-sheet.released-for-one-run')
          : say('screen.run-sheet.run-barred')
      }
      note={say('screen.run-sheet.run-without-proven-target')}
      testId="run"
    >
      {state.bars.length > 0 && (
        <Box component="ul" data-testid="bars" sx={{ pl: 2.5, my: 1 }}>
          {state.bars.map((bar) => (
            <li key={bar.says}>{bar.says}</li>
          ))}
        </Box>
      )}
      {state.release && (
        <Typography sx={{ fontWeight: 700, color: 'verdict.unproven' }}>
          {say('screen.run-sheet.released-by-for', {
            release: state.release.name,
            reason: state.release.reason,
          })}
        </Typography>
      )}
      {!state.mayRun && !releasing && (
        <Button variant="outlined" sx={{ mt: 1 }} onClick={() => setReleasing(true)}>
          {say('screen.run-sheet.release-it-by-name')}
        </Button>
      )}
      {releasing && !state.mayRun && <ReleaseForm task={task} onDone={() => setReleasing(false)} />}
    </Sheet>
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
        task.write({ kind: 'release', payload: { name, reason } }, onDone);
      }}
    >
      <TextField
        id="release-name"
        label={say('screen.run-sheet.released-by')}
        required
        value={name}
        onChange={(event) => setName(event.target.value)}
        error={problem?.path === '/payload/name'}
        helperText={problem?.path === '/payload/name' ? problem.title : undefined}
      />
      <TextField
        id="release-reason"
        label={say('screen.run-sheet.reason')}
        required
        multiline
        minRows={2}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        error={problem?.path === '/payload/reason'}
        helperText={
          problem?.path === '/payload/reason'
            ? problem.title
            : say('screen.run-sheet.it-stands-in-record')
        }
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" color="error" loading={task.isWriting}>
          {say('screen.run-sheet.release-one-run')}
        </Button>
        <Button color="inherit" onClick={onDone}>
          {say('screen.back')}
        </Button>
      </Box>
    </Box>
  );
}
