import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Suspense, useState, type ReactNode } from 'react';
import { useHasLeft, usePerson } from './usePerson';
import { say } from '../words/say';
import { lazyPart } from '../loading/lazyPart';

const Door = lazyPart(async () => (await import('./Door')).Door);
const SignInAgain = lazyPart(async () => (await import('./SignInAgain')).SignInAgain);
const Due = lazyPart(async () => (await import('./Due')).Due);

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
    return (
      <Suspense fallback={<Box sx={{ p: 4 }}>{say('screen.signed-in.opening-lumbro')}</Box>}>
        <Door />
      </Suspense>
    );
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
      <Suspense fallback={null}>{person.data === null && <SignInAgain />}</Suspense>
    </>
  );
}
