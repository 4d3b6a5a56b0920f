import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { Refused } from '../../api/client';
import type { RunStep, ToolCommand, Workspace } from '../../api/types';
import { Key } from '../../sheet/Key';
import { Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { Clock } from './Clock';
import { ToolButton } from './ToolButton';
import { ToolLog } from './ToolLog';
import { FailedRun } from './FailedRun';
import { lastScanTool } from './scanTool';
import { TypedReading } from './TypedReading';
import { say } from '../../words/say';

/** The step of the card that is due: the tool's, or a person's, with its clock where it waits. */
export function StepCard({ state, task, step }: { state: Workspace; task: Task; step: RunStep }) {
  const command = step.does as ToolCommand | null;
  const [lotCode, setLotCode] = useState(state.run.lotCode ?? '');
  const isRefused = (path: string) =>
    task.failure instanceof Refused && task.failure.problem.path === path;
  return (
    <Sheet
      title={step.text}
      note={
        command === null
          ? undefined
          : `${step.seconds ? `${say('screen.step-card.takes-about-s', { seconds: step.seconds })} ` : ''}${state.tool === 'none' ? say('screen.step-card.no-tool-connected-here') : say('screen.step-card.scan-tool-does-it')}`
      }
      testId="step"
    >
      {command === 'lot-code' && (
        <TextField
          id="lot-code"
          label={say('screen.step-card.lot-code-on-sensors')}
          fullWidth
          required
          sx={{ mt: 1.5 }}
          value={lotCode}
          onChange={(event) => setLotCode(event.target.value)}
          error={isRefused('/payload/lotCode')}
          helperText={
            isRefused('/payload/lotCode')
              ? task.failure?.message
              : state.run.lotCode
                ? say('screen.step-card.as-it-was-captured')
                : say('screen.step-card.nobody-noted-it-before')
          }
          slotProps={{ htmlInput: { maxLength: 60 } }}
        />
      )}
      {command === null ? (
        <ByHand state={state} task={task} step={step} words={say('screen.done')} />
      ) : (
        <Box sx={{ display: 'grid', gap: 1, mt: 1.5 }}>
          {state.tool !== 'none' ? (
            <ToolButton
              state={state}
              task={task}
              command={command}
              {...(command === 'lot-code' ? { lotCode: lotCode.trim() } : {})}
            />
          ) : command === 'read' ? (
            <TypedReading state={state} task={task} />
          ) : (
            <>
              <ByHand
                state={state}
                task={task}
                step={step}
                words={say('screen.step-card.done-at-tool')}
              />
              <FailedRun task={task} tool={lastScanTool(state)?.id ?? null} />
            </>
          )}
          {state.tool !== 'simulated' && <ToolLog state={state} />}
        </Box>
      )}
      {task.failure instanceof Refused &&
        task.failure.problem.path !== null &&
        task.failed?.kind === 'step' && (
          <Typography role="alert" sx={{ mt: 1, color: 'verdict.out', fontWeight: 700 }}>
            {task.failure.message}
          </Typography>
        )}
    </Sheet>
  );
}

function ByHand({
  state,
  task,
  step,
  words,
}: {
  state: Workspace;
  task: Task;
  step: RunStep;
  words: string;
}) {
  const waits = step.seconds !== null && step.seconds > 0;
  const begun = step.begunAt !== null;
  const asked =
    task.failure instanceof Refused &&
    task.failure.problem.code === 'asks-once' &&
    task.failed?.kind === 'step';
  const done = () =>
    task.write({
      kind: waits && !begun ? 'step-begun' : 'step',
      payload: { step: step.id },
      ...(asked ? { confirmed: true } : {}),
    });
  useKeys(useMemo(() => ({ d: done }), [state, task, asked])); // oxlint-disable-line react/exhaustive-deps
  return (
    <>
      {begun && step.seconds !== null && <Clock from={step.begunAt ?? ''} seconds={step.seconds} />}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5, flexWrap: 'wrap' }}>
        <Button variant="contained" loading={task.isWriting} onClick={done}>
          {waits && !begun
            ? say('screen.step-card.it-so-start-clock', { seconds: step.seconds })
            : asked
              ? say('screen.step-card.it-done-all-same')
              : words}{' '}
          <Key of="D" />
        </Button>
      </Box>
    </>
  );
}
