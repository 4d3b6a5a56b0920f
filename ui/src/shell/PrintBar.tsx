import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { say } from '../words/say';

/** Over a sheet that is meant for paper: print it, or go back to its car. */
export function PrintBar({ task }: { task: string }) {
  return (
    <Box className="screen-only" sx={{ display: 'flex', gap: 1, mb: 2 }}>
      <Button variant="contained" onClick={() => window.print()}>
        {say('screen.print')}
      </Button>
      <Button variant="outlined" component={Link} to={`/tasks/${task}`}>
        {say('screen.print-bar.back-car')}
      </Button>
    </Box>
  );
}
