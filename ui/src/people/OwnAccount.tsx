import Typography from '@mui/material/Typography';
import { usePerson } from '../session/usePerson';
import { Sheet } from '../sheet/Sheet';
import { say } from '../words/say';
import { OwnPassword } from '../session/OwnPassword';
import { OwnPin } from './OwnPin';
import { OwnSessions } from './OwnSessions';
import { SecondFactor } from '../session/SecondFactor';

/** One's own password, second factor, PIN and sessions. */
export function OwnAccount() {
  const person = usePerson();
  return (
    <Sheet
      title={say('screen.own-account.your-account')}
      note={person.data ? `${person.data.name}, ${say(`role.${person.data.role}`)}` : ''}
    >
      <OwnPassword />
      <Typography variant="h3" sx={{ mt: 4, mb: 1 }}>
        {say('screen.second')}
      </Typography>
      <SecondFactor />
      <Typography variant="h3" sx={{ mt: 4, mb: 1 }}>
        {say('screen.own-pin')}
      </Typography>
      <OwnPin />
      <Typography variant="h3" sx={{ mt: 4, mb: 1 }}>
        {say('screen.own-sessions')}
      </Typography>
      <OwnSessions />
    </Sheet>
  );
}
