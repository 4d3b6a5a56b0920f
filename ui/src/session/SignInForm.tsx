import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useSignIn } from './usePerson';
import { say } from '../words/say';

export function SignInForm({ title, note }: { title: string; note: string }) {
  const signIn = useSignIn();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Paper
      component="form"
      variant="outlined"
      sx={{ p: 4, width: 400, maxWidth: '100%', display: 'grid', gap: 2 }}
      onSubmit={(event) => {
        event.preventDefault();
        signIn.mutate({ email, password });
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
        autoFocus
        required
        value={email}
        onChange={(event) => setEmail(event.target.value)}
      />
      <TextField
        id="password"
        label={say('screen.sign-in-form.password')}
        type="password"
        autoComplete="current-password"
        required
        value={password}
        onChange={(event) => setPassword(event.target.value)}
        error={signIn.isError}
        helperText={signIn.error?.message}
      />
      <Button type="submit" variant="contained" loading={signIn.isPending}>
        {say('screen.sign-in-form.sign-in')}
      </Button>
    </Paper>
  );
}
