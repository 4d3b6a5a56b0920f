import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Bench } from '../../api/types';
import { figures } from '../../theme/theme';
import { degrees, length, type LengthDisplay } from '../../words/length';
import { say } from '../../words/say';

/** How far off the readings say the stand is, and how sure they are. What to make of it is for the learner. */
export function BenchFigures({ bench, display }: { bench: Bench; display: LengthDisplay }) {
  return (
    <Box
      component="section"
      aria-label={say('screen.bench.figures')}
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: 'repeat(2, 1fr)',
          md: `repeat(${bench.figures.length}, 1fr)`,
        },
        flexShrink: 0,
        bgcolor: 'background.paper',
        borderTop: 1,
        borderColor: 'divider',
      }}
    >
      {bench.figures.map((figure) => {
        const shown = (value: number, digits: number) =>
          figure.unit === 'mm' ? length(value, display, digits) : degrees(value);
        return (
          <Box
            key={figure.id}
            data-testid={`figure-${figure.id}`}
            sx={{ p: 1.5, borderRight: 1, borderColor: 'divider', minHeight: 96 }}
          >
            <Typography variant="body2" sx={{ fontWeight: 700 }} color="text.secondary">
              {figure.title}
              {figure.tolerance === null
                ? ''
                : say('screen.bench.within', { tolerance: shown(figure.tolerance, 0) })}
            </Typography>
            {figure.deviation === null || figure.uncertainty === null ? (
              <Typography color="text.secondary">{say('screen.bench.not-measured')}</Typography>
            ) : (
              <Typography sx={{ fontFamily: figures, fontWeight: 700, fontSize: '1.3rem' }}>
                {shown(Math.abs(figure.deviation), 1)}{' '}
                <Box component="span" sx={{ fontFamily: 'inherit', fontSize: '1rem' }}>
                  {/[1-9]/.test(shown(Math.abs(figure.deviation), 1)) ? figure.direction : ''} ±
                  {shown(figure.uncertainty, 1)}
                </Box>
              </Typography>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
