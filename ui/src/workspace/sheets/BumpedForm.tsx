import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Workspace } from '../../api/types';
import { say } from '../../words/say';
import type { Task } from '../task/useTask';

/** It was moved or bumped: said at any time, and what was measured to it is due again. */
export function BumpedForm({ state, task }: { state: Workspace; task: Task }) {
  const [open, setOpen] = useState(false);
  if (state.seal !== null || !state.calls.some((call) => call.reading !== null)) {
    return null;
  }
  if (!open) {
    return (
      <Button variant="outlined" fullWidth sx={{ mb: 2 }} onClick={() => setOpen(true)}>
        {say('screen.bumped.say')}
      </Button>
    );
  }
  return (
    <Box
      role="group"
      aria-label={say('screen.bumped.title')}
      data-testid="bumped"
      sx={{ display: 'grid', gap: 1, mb: 2, p: 1.5, border: 2, borderColor: 'verdict.unproven' }}
    >
      <Typography sx={{ fontWeight: 700 }}>{say('screen.bumped.title')}</Typography>
      <Typography>{say('screen.bumped.note')}</Typography>
      <Button
        variant="contained"
        loading={task.isWriting}
        onClick={() => task.write({ kind: 'bumped', payload: {} }, () => setOpen(false))}
      >
        {say('screen.bumped.stand')}
      </Button>
      <Button variant="outlined" component={Link} to={`/orders/${state.order.id}`}>
        {say('screen.bumped.car')}
      </Button>
      <Button color="inherit" onClick={() => setOpen(false)}>
        {say('screen.close')}
      </Button>
    </Box>
  );
}
