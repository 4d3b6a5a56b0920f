import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../api/client';
import { say } from '../words/say';
import { TakeTurns } from './TakeTurns';
import { useSignIn } from './usePerson';

interface Props {
  title: string;
  note: string;
  /** Whose account it is likely to be. */
  account?: string;
}

/** Address and password, and the second factor once it is asked for; or a PIN, for those who use this device in turns. */
export function SignInForm({ title, note, account = '' }: Props) {
  const signIn = useSignIn();
  const [email, setEmail] = useState(account);
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const problem = signIn.error instanceof Refused ? signIn.error.problem : null;
  const [asked, setAsked] = useState(false);
  if (problem?.path === '/code' && !asked) {
    setAsked(true);
  }
  const isCode = problem?.path === '/code';
  return (
    <Box sx={{ display: 'grid', gap: 2, width: 400, maxWidth: '100%' }}>
      <TakeTurns />
      <Paper
        component="form"
        variant="outlined"
        sx={{ p: 4, display: 'grid', gap: 2 }}
        onSubmit={(event) => {
          event.preventDefault();
          signIn.mutate({ email, password, ...(asked ? { code } : {}) });
        }}
      >
        <Typography variant="h1" id="sign-in-title">
          {title}
        </Typography>
        <Typography color="text.secondary">{note}</Typography>
        <TextField
          id="email"
          label={say('screen.e-mail')}
          type="email"
          autoComplete="username"
          autoFocus={account === ''}
          required
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
        <TextField
          id="password"
          label={say('screen.sign-in-form.password')}
          type="password"
          autoComplete="current-password"
          autoFocus={account !== ''}
          required
          value={password}
          onChange={(event) => setPassword(event.target.value)}
          error={signIn.isError && !isCode}
          helperText={isCode ? undefined : signIn.error?.message}
        />
        {asked && (
          <TextField
            id="code"
            label={say('screen.sign-in-form.code')}
            autoComplete="one-time-code"
            autoFocus
            required
            value={code}
            onChange={(event) => setCode(event.target.value)}
            error={isCode && code !== ''}
            helperText={isCode ? signIn.error?.message : undefined}
          />
        )}
        <Button type="submit" variant="contained" loading={signIn.isPending}>
          {say('screen.sign-in-form.sign-in')}
        </Button>
      </Paper>
    </Box>
  );
}
