import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Door } from './Door';
import { SignInForm } from './SignInForm';
import { useHasLeft, usePerson } from './usePerson';
import { say } from '../words/say';

const Due = lazy(async () => ({ default: (await import('./Due')).Due }));

/**
 * Shows the application to people who have signed in. A session that ends later is renewed over the open screen,
 * so that nothing typed there is lost.
 */
export function SignedIn({ children }: { children: ReactNode }) {
  const person = usePerson();
  const left = useHasLeft();
  const [everSignedIn, setEverSignedIn] = useState(false);
  if (person.data && !everSignedIn) {
    setEverSignedIn(true);
  }
  if (person.isPending) {
    return <Box sx={{ p: 4 }}>{say('screen.signed-in.opening-lumbro')}</Box>;
  }
  if (person.isError) {
    return (
      <Box sx={{ p: 4 }} role="alert">
        <p>{person.error.message}</p>
        <Button variant="contained" onClick={() => void person.refetch()}>
          {say('screen.try-again')}
        </Button>
      </Box>
    );
  }
  if (person.data === null && (left || !everSignedIn)) {
    return <Door />;
  }
  if (person.data?.due) {
    return (
      <Suspense fallback={null}>
        <Due what={person.data.due} />
      </Suspense>
    );
  }
  return (
    <>
      {children}
      <Dialog open={person.data === null} aria-labelledby="sign-in-title">
        <SignInForm
          title={say('screen.signed-in.sign-in-again')}
          note={say('screen.signed-in.your-session-has-ended')}
        />
      </Dialog>
    </>
  );
}
