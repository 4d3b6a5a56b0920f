import Dialog from '@mui/material/Dialog';
import { say } from '../words/say';
import { SignInForm } from './SignInForm';

/** Stands over the screen where a session has ended: what was typed there stays. */
export function SignInAgain() {
  return (
    <Dialog open aria-labelledby="sign-in-title">
      <SignInForm
        title={say('screen.signed-in.sign-in-again')}
        note={say('screen.signed-in.your-session-has-ended')}
      />
    </Dialog>
  );
}
