import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client, Refused } from '../api/client';
import { say } from '../words/say';
import { useAccount } from '../session/useAccount';

/** A PIN, by which one takes over at a tablet that several use. */
export function OwnPin() {
  const { account, took } = useAccount();
  const [password, setPassword] = useState('');
  const [pin, setPin] = useState('');
  const save = useMutation({
    mutationFn: (wanted: string | null) =>
      answer(client.POST('/api/session/pin', { body: { password, pin: wanted } })),
    onSuccess: (found) => {
      took(found);
      setPassword('');
      setPin('');
    },
  });
  const problem = save.error instanceof Refused ? save.error.problem : null;
  const wrong = (path: string) => (problem?.path === path ? problem.title : undefined);
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gap: 1.5 }}
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(pin);
      }}
    >
      <Typography>
        {account.data?.pin ? say('screen.own-pin.on') : say('screen.own-pin.off')}
      </Typography>
      <TextField
        id="own-pin"
        label={say('screen.own-pin.pin')}
        type="password"
        autoComplete="off"
        required
        value={pin}
        onChange={(event) => setPin(event.target.value)}
        error={wrong('/pin') !== undefined}
        helperText={wrong('/pin')}
        slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 10 } }}
      />
      <TextField
        id="pin-password"
        label={say('screen.own-account.present-password')}
        type="password"
        autoComplete="current-password"
        required
        value={password}
        onChange={(event) => setPassword(event.target.value)}
        error={wrong('/password') !== undefined}
        helperText={wrong('/password')}
      />
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" loading={save.isPending}>
          {say('screen.own-pin.save')}
        </Button>
        {account.data?.pin && (
          <Button color="inherit" disabled={password === ''} onClick={() => save.mutate(null)}>
            {say('screen.own-pin.take-away')}
          </Button>
        )}
      </Box>
      {save.isError && problem?.path == null && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
          {save.error.message}
        </Typography>
      )}
    </Box>
  );
}
