import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import CircularProgress from '@mui/material/CircularProgress';
import type { UseQueryResult } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Refused } from '../api/client';
import { Nowhere } from './Nowhere';
import { say } from '../words/say';

/** What stands in the place of a screen whose data is on its way, missing or out of reach. */
export function Opening({ query, what }: { query: UseQueryResult; what: string }) {
  if (query.error instanceof Refused && query.error.problem.status === 404) {
    return <Nowhere />;
  }
  return (
    <Box sx={{ p: 4, display: 'grid', gap: 2, justifyItems: 'start' }}>
      {query.isError ? (
        <TryAgain message={query.error.message} again={() => void query.refetch()} />
      ) : (
        <CircularProgress aria-label={say('screen.opening.opening', { what })} />
      )}
      <Button component={Link} to="/" color="inherit">
        {say('screen.opening.back-today')}
      </Button>
    </Box>
  );
}

/** A failure, and the way to try the same again. */
export function TryAgain({ message, again }: { message: string; again: () => void }) {
  return (
    <Box role="alert">
      <p>{message}</p>
      <Button variant="contained" onClick={again}>
        {say('screen.try-again')}
      </Button>
    </Box>
  );
}
