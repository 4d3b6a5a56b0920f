import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { OrderBench } from '../../api/types';
import { say } from '../../words/say';
import type { Done } from './OrderExercise';

/** Where somebody can look who does not take the order’s word for it, and what they saw there. */
export function Places({
  bench,
  busy,
  onDo,
}: {
  bench: OrderBench;
  busy: boolean;
  onDo: (done: Done) => void;
}) {
  return (
    <Box component="section" aria-labelledby="places">
      <Typography variant="h2" id="places">
        {say('screen.order-exercise.look-yourself')}
      </Typography>
      {bench.places.map((place) => (
        <Box
          key={place.id}
          data-testid={`place-${place.id}`}
          sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}
        >
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
            <Box sx={{ flex: 1, fontWeight: place.looked ? 700 : 400 }}>{place.says}</Box>
            {place.covered ? (
              <Typography color="text.secondary">{say('screen.order-exercise.covered')}</Typography>
            ) : (
              <Button
                variant="outlined"
                disabled={busy || place.looked}
                onClick={() => onDo({ look: place.id })}
              >
                {say('screen.order-exercise.look')}
              </Button>
            )}
          </Box>
          {place.finds.map((find, index) => (
            <Box
              key={find.says}
              sx={{
                display: 'flex',
                gap: 2,
                alignItems: 'center',
                minHeight: 48,
                pl: 2,
                bgcolor: 'background.paper',
              }}
            >
              <Box sx={{ flex: 1 }}>{find.says}</Box>
              {find.line &&
                (find.noted ? (
                  <Typography sx={{ color: 'verdict.holds', fontWeight: 700 }}>
                    {say('screen.order-exercise.find-noted')}
                  </Typography>
                ) : (
                  <Button
                    disabled={busy}
                    onClick={() => onDo({ note: { place: place.id, find: index } })}
                  >
                    {say('screen.order-exercise.note')}
                  </Button>
                ))}
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}
