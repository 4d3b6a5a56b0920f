import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQueryClient } from '@tanstack/react-query';
import { OwnPassword } from './OwnPassword';
import { SecondFactor } from './SecondFactor';
import { say } from '../words/say';
import { useSignOut } from './usePerson';

/** What somebody must do in their own account before anything else. */
export function Due({ what }: { what: 'password' | 'second' }) {
  const signOut = useSignOut();
  const queries = useQueryClient();
  const done = () => void queries.invalidateQueries({ queryKey: ['person'] });
  return (
    <Box component="main" sx={{ maxWidth: 520, mx: 'auto', p: 3 }} data-testid="due">
      <Typography variant="h1">{say(`screen.due.${what}`)}</Typography>
      <Typography sx={{ my: 2 }}>{say(`screen.due.${what}-why`)}</Typography>
      {what === 'password' ? <OwnPassword onDone={done} /> : <SecondFactor onDone={done} />}
      <Button color="inherit" sx={{ mt: 3 }} onClick={() => signOut.mutate()}>
        {say('screen.top-bar.sign-out')}
      </Button>
    </Box>
  );
}
