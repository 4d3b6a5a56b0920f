import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import GlobalStyles from '@mui/material/GlobalStyles';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client, Refused } from '../api/client';
import { figures } from '../theme/theme';
import { say } from '../words/say';
import { useAccount } from './useAccount';

/** The code from a telephone beside the password: set up with a picture to read, confirmed by a code, ended by the password. */
export function SecondFactor({ onDone }: { onDone?: () => void }) {
  const { account, took } = useAccount();
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const [told, setTold] = useState<string[] | null>(null);
  const begin = useMutation({
    mutationFn: () => answer(client.POST('/api/session/second', { body: { password } })),
  });
  const confirm = useMutation({
    mutationFn: () => answer(client.POST('/api/session/second/confirm', { body: { code } })),
    onSuccess: (found) => {
      setTold(found.codes);
      took({ ...found, codes: null });
      begin.reset();
      setPassword('');
      setCode('');
    },
  });
  const end = useMutation({
    mutationFn: () => answer(client.POST('/api/session/second/end', { body: { password } })),
    onSuccess: (found) => {
      took(found);
      setPassword('');
    },
  });
  if (told) {
    return (
      <Box data-testid="recovery-codes" className="recovery-codes">
        {/* On paper the codes stand alone. */}
        <GlobalStyles
          styles={{
            '@media print': {
              'body *': { visibility: 'hidden' },
              '.recovery-codes, .recovery-codes *': { visibility: 'visible' },
              '.recovery-codes': { position: 'fixed', top: 0, left: 0 },
            },
          }}
        />
        <Typography sx={{ fontWeight: 700 }}>{say('screen.second.codes')}</Typography>
        <Typography color="text.secondary">{say('screen.second.codes-why')}</Typography>
        <Box component="ol" sx={{ fontFamily: figures, fontSize: '1.1rem', my: 2, pl: 6 }}>
          {told.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </Box>
        <Box className="screen-only" sx={{ display: 'flex', gap: 1 }}>
          <Button variant="outlined" onClick={() => window.print()}>
            {say('screen.second.print')}
          </Button>
          <Button
            variant="contained"
            onClick={() => {
              setTold(null);
              onDone?.();
            }}
          >
            {say('screen.second.have-them')}
          </Button>
        </Box>
      </Box>
    );
  }
  const isOn = account.data?.second === true;
  const failed = [begin, end].map((one) => one.error).find((error) => error !== null);
  const wrongCode = confirm.error instanceof Refused ? confirm.error.problem.title : undefined;
  if (begin.data) {
    return (
      <Box
        component="form"
        sx={{ display: 'grid', gap: 1.5 }}
        onSubmit={(event) => {
          event.preventDefault();
          confirm.mutate();
        }}
      >
        <Typography>{say('screen.second.read-it')}</Typography>
        <Box
          component="img"
          alt={say('screen.second.picture')}
          src={`data:image/svg+xml;base64,${btoa(begin.data.qr)}`}
          sx={{ width: 220, height: 220, bgcolor: '#fff', p: 1 }}
        />
        <Typography sx={{ fontFamily: figures, overflowWrap: 'anywhere' }} data-testid="secret">
          {begin.data.secret}
        </Typography>
        <TextField
          id="second-code"
          label={say('screen.second.code')}
          autoComplete="one-time-code"
          required
          autoFocus
          value={code}
          onChange={(event) => setCode(event.target.value)}
          error={confirm.isError}
          helperText={wrongCode ?? confirm.error?.message}
          slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 12 } }}
        />
        <Button type="submit" variant="contained" loading={confirm.isPending}>
          {say('screen.second.confirm')}
        </Button>
      </Box>
    );
  }
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gap: 1.5 }}
      onSubmit={(event) => {
        event.preventDefault();
        if (isOn) {
          end.mutate();
        } else {
          begin.mutate();
        }
      }}
    >
      <Typography>
        {isOn
          ? say('screen.second.on', { left: account.data?.codesLeft ?? 0 })
          : say('screen.second.off')}
      </Typography>
      <TextField
        id="second-password"
        label={say('screen.own-account.present-password')}
        type="password"
        autoComplete="current-password"
        required
        value={password}
        onChange={(event) => setPassword(event.target.value)}
        error={failed !== undefined}
        helperText={failed?.message}
      />
      <Button
        type="submit"
        variant={isOn ? 'outlined' : 'contained'}
        loading={begin.isPending || end.isPending}
      >
        {isOn ? say('screen.second.end') : say('screen.second.begin')}
      </Button>
    </Box>
  );
}
