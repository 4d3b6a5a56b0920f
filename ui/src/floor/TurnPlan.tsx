import Button from '@mui/material/Button';
import { slate } from '../theme/floor';
import { say } from '../words/say';

/** Turns the plan to where the person stands. */
export function TurnPlan({ onTurn }: { onTurn: () => void }) {
  return (
    <Button
      onClick={onTurn}
      sx={{
        position: 'absolute',
        right: 8,
        bottom: 8,
        color: slate.chalk,
        borderColor: slate.wall,
        bgcolor: slate.ground,
      }}
      variant="outlined"
    >
      {say('screen.turn-plan.turn-plan')}
    </Button>
  );
}
