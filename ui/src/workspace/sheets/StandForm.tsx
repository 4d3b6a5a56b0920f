import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { expectedReading, length } from '../../words/length';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

/** How the target hangs: on an arm of the stand, and a plate at a tilt. What that spoils is due again. */
export function StandForm({
  state,
  task,
  sealed,
}: {
  state: Workspace;
  task: Task;
  sealed: boolean;
}) {
  const [display] = useLengthDisplay();
  const { arm, tilt, isPlate } = state.method.stand;
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState(expectedReading(arm, 'sided', display));
  const [degrees, setDegrees] = useState(String(tilt));
  const angle = Number(degrees.replace('−', '-'));
  const refusal =
    task.failure instanceof Refused && task.failed?.kind === 'stand' ? task.failure.message : null;
  return (
    <Box
      component="section"
      aria-label={say('screen.stand-form.target-on-its-stand')}
      sx={{ mt: 3 }}
    >
      <Typography variant="h3" component="h2">
        {say('screen.stand-form.target-on-its-stand')}
      </Typography>
      <Typography sx={{ my: 0.5 }} data-testid="stand-set">
        {arm === 0
          ? say('screen.stand-form.on-stands-middle')
          : say('screen.stand-form.stands-middle', { arm: expectedReading(arm, 'sided', display) })}
        {isPlate
          ? tilt === 0
            ? say('screen.stand-form.bubble-centred')
            : `, ${tiltWords(tilt)}`
          : ''}
      </Typography>
      {!sealed && !open && (
        <Button
          variant="outlined"
          fullWidth
          onClick={() => {
            setTyped(expectedReading(arm, 'sided', display));
            setOpen(true);
          }}
        >
          {isPlate
            ? say('screen.stand-form.change-its-arm-or')
            : say('screen.stand-form.hang-it-on-another')}
        </Button>
      )}
      {open && (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1.5, mt: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            task.write({ kind: 'stand', payload: { tilt: angle, arm: typed } }, () =>
              setOpen(false),
            );
          }}
        >
          <TextField
            id="stand-arm"
            label={say('screen.stand-form.from-stands-middle-in')}
            helperText={say('screen.such-as-left-or', { display: length(120, display) })}
            required
            autoFocus
            value={typed}
            error={refusal !== null}
            onChange={(event) => setTyped(event.target.value)}
          />
          {isPlate && (
            <TextField
              id="stand-tilt"
              label={say('screen.stand-form.tilt-degrees')}
              helperText={say('screen.stand-form.top-towards-sensor-for')}
              required
              value={degrees}
              error={!Number.isFinite(angle)}
              onChange={(event) => setDegrees(event.target.value)}
            />
          )}
          {refusal !== null && (
            <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
              {refusal}
            </Typography>
          )}
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button
              type="submit"
              variant="contained"
              disabled={!Number.isFinite(angle)}
              loading={task.isWriting}
            >
              {say('screen.stand-form.it-hangs-so')}
            </Button>
            <Button color="inherit" onClick={() => setOpen(false)}>
              {say('screen.leave-it')}
            </Button>
          </Box>
        </Box>
      )}
    </Box>
  );
}

function tiltWords(tilt: number): string {
  return say('screen.stand-form.top-sensor', {
    tilt: Math.abs(tilt),
    towards: tilt > 0,
  });
}
