import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { degrees, length, type LengthDisplay } from '../../words/length';
import { clock } from '../../words/moments';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

const FIELDS = [
  ['distance', 'screen.mirror-form.from-face-where-spot'],
  ['left', 'screen.mirror-form.spot-beside-outgoing-beam'],
  ['above', 'screen.mirror-form.spot-over-or-under'],
] as const;

function example(field: 'distance' | 'left' | 'above', display: LengthDisplay): string {
  return {
    distance: say('screen.mirror-form.such-as', { display: length(3000, display) }),
    left: say('screen.such-as-left-or', { display: length(4, display) }),
    above: say('screen.mirror-form.such-as-up-or', { display: length(2, display) }),
  }[field];
}

/** Mirror spots on the sensor’s face: where it looks itself, whatever is stored electronically. */
export function MirrorForm({
  state,
  task,
  working,
}: {
  state: Workspace;
  task: Task;
  working: boolean;
}) {
  const [open, setOpen] = useState(false);
  const [display] = useLengthDisplay();
  const [typed, setTyped] = useState({ distance: '', left: '', above: '' });
  const problem =
    task.failure instanceof Refused && task.failed?.kind === 'mirror' ? task.failure.problem : null;
  if (state.run.mirror.length === 0 && !working) {
    return null;
  }
  return (
    <Box
      component="section"
      aria-label={say('screen.mirror-form.mirror-spots')}
      sx={{ mb: 2 }}
      data-testid="mirror"
    >
      {state.run.mirror.map((spot) => (
        <Typography key={spot.at}>
          {say('screen.mirror-form.by-its-mirror-spot', {
            at: clock(spot.at),
            azimuth: amount(spot.azimuth, 'mm'),
            elevation: amount(spot.elevation, 'mm'),
            uncertainty: degrees(spot.azimuth.uncertainty),
          })}
        </Typography>
      ))}
      {working && !open && (
        <Button variant="outlined" fullWidth onClick={() => setOpen(true)}>
          {say('screen.mirror-form.read-mirror-spot')}
        </Button>
      )}
      {open && (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1.5, mt: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            task.write({ kind: 'mirror', payload: typed }, () => setOpen(false));
          }}
        >
          <Typography variant="body2">{say('screen.mirror-form.glasses-on-for-lasers')}</Typography>
          {FIELDS.map(([field, label]) => (
            <TextField
              key={field}
              id={`mirror-${field}`}
              label={say(label)}
              required
              value={typed[field]}
              error={problem?.path === `/payload/${field}`}
              helperText={
                problem?.path === `/payload/${field}` ? problem.title : example(field, display)
              }
              onChange={(event) => setTyped((old) => ({ ...old, [field]: event.target.value }))}
            />
          ))}
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained" loading={task.isWriting}>
              {say('screen.record-it')}
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
