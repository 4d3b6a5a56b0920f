import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { FallbackProps } from 'react-error-boundary';
import { say } from '../words/say';

/** Stands in the place of a page that could not be drawn: an empty one would say nothing. */
export function Broken({ error }: FallbackProps) {
  return (
    <Box component="main" role="alert" sx={{ maxWidth: 560, mx: 'auto', p: 4 }}>
      <Typography variant="h1">{say('screen.broken.title')}</Typography>
      <Typography sx={{ my: 2 }}>{say('screen.broken.kept')}</Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        <Button variant="contained" onClick={() => window.location.reload()}>
          {say('screen.try-again')}
        </Button>
        <Button variant="outlined" href="/">
          {say('screen.broken.to-today')}
        </Button>
      </Box>
      <Typography color="text.secondary" sx={{ mt: 3, overflowWrap: 'anywhere' }}>
        {say('screen.broken.told', {
          message: error instanceof Error ? error.message : String(error),
        })}
      </Typography>
    </Box>
  );
}
