import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Workspace } from '../api/types';
import { say } from '../words/say';

/** Over a simulated car: that it is an exercise, and the way to its answer. */
export function ExerciseBand({ exercise }: { exercise: NonNullable<Workspace['exercise']> }) {
  return (
    <Box
      component="section"
      aria-label={say('screen.exercise.exercise')}
      data-testid="exercise-band"
      sx={{
        display: 'flex',
        gap: 2,
        alignItems: 'center',
        px: 2,
        borderBottom: 2,
        borderStyle: 'dashed',
        borderColor: 'primary.main',
        flexShrink: 0,
      }}
    >
      <Box sx={{ flex: 1 }}>{say('screen.exercise.band', exercise)}</Box>
      <Button component={Link} to={`/practice/runs/${exercise.id}`}>
        {say('screen.exercise.aim')}
      </Button>
      <Button variant="contained" component={Link} to={`/practice/runs/${exercise.id}/answer`}>
        {say('screen.exercise.answer')}
      </Button>
    </Box>
  );
}
