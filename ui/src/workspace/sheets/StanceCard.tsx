import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Workspace } from '../../api/types';
import { Sheet } from '../../sheet/Sheet';
import { say } from '../../words/say';

/** The target's spot lies where nothing can stand: before a tape is read, the car is moved or its place said. */
export function StanceCard({ state }: { state: Workspace }) {
  return (
    <Sheet title={say('screen.stance-card.title')} note={state.present.why} testId="no-room">
      <Button
        component={Link}
        to={`/orders/${state.order.id}/bay`}
        variant="contained"
        fullWidth
        sx={{ mt: 1.5, minHeight: 56 }}
      >
        {say('screen.stance-card.where')}
      </Button>
    </Sheet>
  );
}
