import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { clock, degrees, length, type LengthDisplay } from '../../words/length';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import type { Task } from '../task/useTask';

const FIELDS = [
  ['distance', 'From the face to where the spot is read'],
  ['left', 'Spot beside the outgoing beam, seen along it'],
  ['above', 'Spot over or under it'],
] as const;

function example(field: 'distance' | 'left' | 'above', display: LengthDisplay): string {
  return {
    distance: `Such as ${length(3000, display)}`,
    left: `Such as ${length(4, display)} left, or 0`,
    above: `Such as ${length(2, display)} up, or 0`,
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
    <Box component="section" aria-label="Mirror spots" sx={{ mb: 2 }} data-testid="mirror">
      {state.run.mirror.map((spot) => (
        <Typography key={spot.at}>
          {clock(spot.at)} By its mirror spot the sensor’s face looks {amount(spot.azimuth, 'mm')},{' '}
          {amount(spot.elevation, 'mm')} (±{degrees(spot.azimuth.uncertainty)}).
        </Typography>
      ))}
      {working && !open && (
        <Button variant="outlined" fullWidth onClick={() => setOpen(true)}>
          Read a mirror spot
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
          <Typography variant="body2">
            Glasses on for the laser’s class, no mirror at eye height.
          </Typography>
          {FIELDS.map(([field, label]) => (
            <TextField
              key={field}
              id={`mirror-${field}`}
              label={label}
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
              Record it
            </Button>
            <Button color="inherit" onClick={() => setOpen(false)}>
              Leave it
            </Button>
          </Box>
        </Box>
      )}
    </Box>
  );
}
