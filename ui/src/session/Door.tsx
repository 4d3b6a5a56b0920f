import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Suspense, useState } from 'react';
import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';
import { say } from '../words/say';
import { SignInForm } from './SignInForm';
import { useArrived } from './usePerson';
import { lazyPart } from '../loading/lazyPart';

const SetUpPage = lazyPart(async () => (await import('../setup/SetUpPage')).SetUpPage);

/** What somebody sees who is not signed in: the set-up page where there is no shop yet, else the sign-in form. */
export function Door() {
  const setUp = useQuery({
    queryKey: ['set-up'],
    queryFn: () => answer(client.GET('/api/set-up')),
    staleTime: Infinity,
  });
  const arrived = useArrived();
  const [chosen, setChosen] = useState<'set-up' | 'sign-in' | null>(null);
  if (setUp.isPending) {
    return <Box sx={{ p: 4 }}>{say('screen.signed-in.opening-lumbro')}</Box>;
  }
  if (setUp.isError) {
    return (
      <Box sx={{ p: 4 }} role="alert">
        <p>{setUp.error.message}</p>
        <Button variant="contained" onClick={() => void setUp.refetch()}>
          {say('screen.try-again')}
        </Button>
      </Box>
    );
  }
  const { wanted, practice } = setUp.data;
  if (wanted && (chosen ?? (practice ? 'sign-in' : 'set-up')) === 'set-up') {
    return (
      <Suspense fallback={null}>
        <SetUpPage
          offer={setUp.data}
          onOpened={arrived}
          onSignIn={practice ? () => setChosen('sign-in') : null}
        />
      </Suspense>
    );
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
