import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { useMay } from '../../session/usePerson';
import { say } from '../../words/say';

/** The way to the card that a sensor's task lacks. */
export function EnterCard({ task }: { task: string | undefined }) {
  const may = useMay();
  return task === undefined || !may('enter-card') ? null : (
    <Button component={Link} to={`/cards/new/${task}`} variant="contained" sx={{ mt: 1 }}>
      {say('screen.sensors-sheet.enter-card')}
    </Button>
  );
}
