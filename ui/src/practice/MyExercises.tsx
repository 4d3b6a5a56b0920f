import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Exercise } from '../api/types';
import { say } from '../words/say';

/** Exercises under way and done, newest first. */
export function MyExercises({ runs }: { runs: Exercise[] }) {
  return (
    <Box component="section" aria-labelledby="mine" data-testid="my-exercises">
      <Typography variant="h2" id="mine" sx={{ mb: 1 }}>
        {say('screen.practice.mine')}
      </Typography>
      {runs.length === 0 && (
        <Typography color="text.secondary">{say('screen.practice.none-yet')}</Typography>
      )}
      <Box
        component="ul"
        tabIndex={runs.length > 6 ? 0 : undefined}
        aria-labelledby="mine"
        sx={{ listStyle: 'none', p: 0, m: 0, maxHeight: 330, overflowY: 'auto' }}
      >
        {runs.map((run) => (
          <Box
            component="li"
            key={run.id}
            sx={{ borderTop: 1, borderColor: 'divider', bgcolor: 'background.paper' }}
          >
            <Box
              component={Link}
              to={`/practice/runs/${run.id}`}
              sx={{
                display: 'flex',
                gap: 1,
                alignItems: 'center',
                justifyContent: 'space-between',
                minHeight: 48,
                px: 1.5,
                color: 'inherit',
              }}
            >
              <span>
                {run.number} {run.title}
              </span>
              <Box component="span" sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
                {run.endedAt === null || run.method === null || run.result === null
                  ? say('screen.practice.under-way')
                  : say('screen.practice.scored', { method: run.method, result: run.result })}
              </Box>
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
