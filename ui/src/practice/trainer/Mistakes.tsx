import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Trainer } from '../../api/types';
import { say } from '../../words/say';

/** How often each kind of mistake was made, by person. */
export function Mistakes({ trainer }: { trainer: Trainer }) {
  return (
    <Box component="section" aria-labelledby="mistakes" data-testid="mistakes">
      <Typography variant="h2" id="mistakes">
        {say('screen.trainer.mistakes')}
      </Typography>
      {trainer.mistakes.map((made) => (
        <Box key={made.person} sx={{ mb: 2 }}>
          <Typography variant="h3">
            {say('screen.trainer.of-exercises', {
              person: made.person,
              exercises: made.exercises,
            })}
          </Typography>
          {made.kinds.length === 0 && <Typography>{say('screen.trainer.no-mistake')}</Typography>}
          {made.kinds.map((kind) => (
            <Box key={kind.id} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
              <Box sx={{ flex: '0 0 58%' }}>{kind.says}</Box>
              <Box sx={{ flex: 1, bgcolor: 'divider', height: 14 }} aria-hidden="true">
                <Box
                  sx={{
                    bgcolor: 'primary.main',
                    height: 14,
                    width: `${Math.round((100 * kind.times) / made.exercises)}%`,
                  }}
                />
              </Box>
              <Box sx={{ minWidth: 28, textAlign: 'right' }}>{kind.times}</Box>
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}
