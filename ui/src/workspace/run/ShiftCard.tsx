import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { expectedReading, type LengthDisplay, length } from '../../words/length';
import { Key } from '../../sheet/Key';
import { Figure, Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

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
  useKeys(useMemo(() => ({ d: send }), [state, task, typed])); // oxlint-disable-line react/exhaustive-deps
  if (!test) {
    return null;
  }
  return (
    <Sheet
      title={
        back
          ? say('screen.shift-card.put-target-back-on')
          : say('screen.shift-card.shift-target-along-its')
      }
      note={
        back
          ? say('screen.shift-card.stand-stays-where-it')
          : say('screen.shift-card.mark-where-it-hangs')
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
            {say('screen.shift-card.azimuth-should-then-go', {
              expectedChange: amount(test.expectedChange, display),
            })}
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
            label={say('screen.shift-card.shifted-by-in-cars')}
            required
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            error={task.failed?.kind === 'shift' && task.failure !== null}
            helperText={
              task.failed?.kind === 'shift' && task.failure instanceof Refused
                ? task.failure.message
                : say('screen.shift-card.such-as-left', { display: length(20, display) })
            }
          />
        )}
        <Button type="submit" variant="contained" loading={task.isWriting}>
          {back ? say('screen.shift-card.it-back') : say('screen.shift-card.shifted-so')}{' '}
          <Key of="D" />
        </Button>
      </Box>
    </Sheet>
  );
}
