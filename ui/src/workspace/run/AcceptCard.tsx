import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { usePerson } from '../../session/usePerson';
import { Sheet } from '../../sheet/Sheet';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

/** A border-line axis, accepted by name where the shop’s policy lets it be. */
export function AcceptCard({ state, task }: { state: Workspace; task: Task }) {
  const person = usePerson();
  const [reason, setReason] = useState('');
  const refused =
    task.failure instanceof Refused && task.failed?.kind === 'accepted' ? task.failure : null;
  return (
    <Sheet
      title={say('screen.accept-card.near-limit-accept-it')}
      note={state.present.why ?? undefined}
      testId="accept"
    >
      <Typography sx={{ mt: 1 }}>{say('screen.accept-card.it-proves-nothing-and')}</Typography>
      <Box
        component="form"
        sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}
        onSubmit={(event) => {
          event.preventDefault();
          task.write({ kind: 'accepted', payload: { name: person.data?.name ?? '', reason } });
        }}
      >
        <TextField
          id="accept-reason"
          label={say('screen.accept-card.accepted-because')}
          required
          multiline
          minRows={2}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          error={refused !== null}
          helperText={refused?.problem.path === null ? undefined : refused?.message}
        />
        <Button type="submit" variant="contained" loading={task.isWriting}>
          {say('screen.accept-card.accept-it')}
        </Button>
      </Box>
    </Sheet>
  );
}
