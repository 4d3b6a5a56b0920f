import Dialog from '@mui/material/Dialog';
import { actsFor } from '../api/own';
import { say } from '../words/say';
import { SignInForm } from './SignInForm';
import { useWhyOut } from './usePerson';

/** Stands over the screen where a session has ended: what was typed there stays. */
export function SignInAgain() {
  const why = useWhyOut();
  return (
    <Dialog open aria-labelledby="sign-in-title">
      <SignInForm
        title={say('screen.signed-in.sign-in-again')}
        note={why ?? say('screen.signed-in.your-session-has-ended')}
        account={actsFor() ?? ''}
      />
    </Dialog>
  );
}
