import Button from '@mui/material/Button';
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
        color: '#f3efe4',
        borderColor: '#8b98a3',
      }}
      variant="outlined"
    >
      {say('screen.turn-plan.turn-plan')}
    </Button>
  );
}
