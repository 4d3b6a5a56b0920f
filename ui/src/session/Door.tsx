import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';
import { SetUpPage } from '../setup/SetUpPage';
import { TryAgain } from '../shell/Opening';
import { say } from '../words/say';
import { SignInForm } from './SignInForm';

/** What somebody sees who is not signed in: the set-up page where there is no shop yet, else the sign-in form. */
export function Door() {
  const setUp = useQuery({
    queryKey: ['set-up'],
    queryFn: () => answer(client.GET('/api/set-up')),
    staleTime: Infinity,
  });
  const [chosen, setChosen] = useState<'set-up' | 'sign-in' | null>(null);
  if (setUp.isPending) {
    return <Box sx={{ p: 4 }}>{say('screen.signed-in.opening-lumbro')}</Box>;
  }
  if (setUp.isError) {
    return (
      <Box sx={{ p: 4 }}>
        <TryAgain message={setUp.error.message} again={() => void setUp.refetch()} />
      </Box>
    );
  }
  const { wanted, practice } = setUp.data;
  if (wanted && (chosen ?? (practice ? 'sign-in' : 'set-up')) === 'set-up') {
    return <SetUpPage offer={setUp.data} onSignIn={practice ? () => setChosen('sign-in') : null} />;
  }
  return (
    <Box
      component="main"
      sx={{
        minHeight: '100%',
        display: 'grid',
        placeItems: 'center',
        placeContent: 'center',
        gap: 2,
        p: 2,
      }}
    >
      <SignInForm title={say('screen.lumbro')} note={say('screen.signed-in.set-up-proof-and')} />
      {wanted && (
        <Button variant="outlined" onClick={() => setChosen('set-up')}>
          {say('screen.set-up.own')}
        </Button>
      )}
    </Box>
  );
}
