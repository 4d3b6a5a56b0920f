import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client, Refused } from '../api/client';
import { usePerson } from './usePerson';
import { say } from '../words/say';

/** One's own password: the present one is asked for. */
export function OwnPassword({ onDone }: { onDone?: () => void }) {
  const person = usePerson();
  const [old, setOld] = useState('');
  const [next, setNext] = useState('');
  const change = useMutation({
    mutationFn: () => answer(client.POST('/api/session/password', { body: { old, new: next } })),
    onSuccess: () => {
      setOld('');
      setNext('');
      onDone?.();
    },
  });
  const problem = change.error instanceof Refused ? change.error.problem : null;
  const wrong = (path: string) => (problem?.path === path ? problem.title : undefined);
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gap: 1.5, mt: 2 }}
      onSubmit={(event) => {
        event.preventDefault();
        change.mutate();
      }}
    >
      <input
        type="text"
        name="username"
        autoComplete="username"
        hidden
        readOnly
        value={person.data?.email ?? ''}
      />
      <TextField
        id="old-password"
        label={say('screen.own-account.present-password')}
        type="password"
        autoComplete="current-password"
        required
        value={old}
        onChange={(event) => setOld(event.target.value)}
        error={wrong('/old') !== undefined}
        helperText={wrong('/old')}
      />
      <TextField
        id="new-password"
        label={say('screen.new-password')}
        type="password"
        autoComplete="new-password"
        required
        value={next}
        onChange={(event) => setNext(event.target.value)}
        error={wrong('/new') !== undefined}
        helperText={wrong('/new') ?? say('screen.own-account.at-least-12-characters')}
      />
      <Button type="submit" variant="contained" loading={change.isPending}>
        {say('screen.own-account.change-it')}
      </Button>
      {change.isSuccess && (
        <Typography role="status">
          {say('screen.own-account.changed-every-other-session')}
        </Typography>
      )}
      {change.isError && problem?.path == null && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
          {change.error.message}
        </Typography>
      )}
    </Box>
  );
}
