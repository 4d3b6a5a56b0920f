import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { expectedReading, type LengthDisplay, length } from '../../words/length';
import { Key } from '../../sheet/AnswerButtons';
import { Figure, Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';

/** The shift test: how far to move the target along its bar, and what the reading should then do; and back again. */
export function ShiftCard({
  state,
  task,
  display,
}: {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
}) {
  const test = state.run.shiftTest;
  const back = state.present.kind === 'shift-back';
  const [typed, setTyped] = useState(
    back || !test ? '0' : expectedReading(test.across, 'sided', display),
  );
  const send = () => task.write({ kind: 'shift', payload: { typed } });
  useKeys(useMemo(() => ({ d: send }), [state, task, typed])); // eslint-disable-line react-hooks/exhaustive-deps
  if (!test) {
    return null;
  }
  return (
    <Sheet
      title={back ? 'Put the target back on its mark' : 'Shift the target along its bar'}
      note={
        back
          ? 'The stand stays where it is.'
          : 'Mark where it hangs first: it comes back there. A sensor that follows its target looks aside itself; one that does not looks at something else.'
      }
      testId="shift"
    >
      {!back && (
        <>
          <Figure
            compact
            value={amount(test.move, display).split(' ')[0] ?? ''}
            unit={`${amount(test.move, display).split(' ').slice(1).join(' ')}`}
          />
          <Typography>
            The azimuth should then go {amount(test.expectedChange, display)}.
          </Typography>
        </>
      )}
      <Box
        component="form"
        sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}
        onSubmit={(event) => {
          event.preventDefault();
          send();
        }}
      >
        {!back && (
          <TextField
            id="shifted"
            label="Shifted by, in the car’s sense"
            required
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            error={task.failed?.kind === 'shift' && task.failure !== null}
            helperText={
              task.failed?.kind === 'shift' && task.failure instanceof Refused
                ? task.failure.message
                : `Such as ${length(20, display)} left`
            }
          />
        )}
        <Button type="submit" variant="contained" loading={task.isWriting}>
          {back ? 'It is back' : 'Shifted so'} <Key of="D" />
        </Button>
      </Box>
    </Sheet>
  );
}
