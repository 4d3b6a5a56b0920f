import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { OrderBench } from '../../api/types';
import { say } from '../../words/say';
import type { Done } from './OrderExercise';

/** What stands in the order, and where the covers are. */
export function AsItStands({
  bench,
  busy,
  onDo,
}: {
  bench: OrderBench;
  busy: boolean;
  onDo: (done: Done) => void;
}) {
  return (
    <Box component="section" aria-labelledby="as-it-stands" sx={{ mb: 3 }}>
      <Typography variant="h2" id="as-it-stands">
        {say('screen.order-exercise.as-it-stands')}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }} data-testid="operations">
        {bench.operations.map((operation) => (
          <li key={operation.says}>
            <b>{operation.says}</b>,{' '}
            {operation.by === null
              ? say('screen.order-exercise.as-it-came')
              : say('screen.order-exercise.by-you', { person: operation.by })}
          </li>
        ))}
      </Box>
      <Box data-testid="covers">
        {bench.covers.map((cover) => (
          <Box
            key={cover.id}
            sx={{
              display: 'flex',
              flexWrap: 'wrap',
              gap: 1,
              alignItems: 'center',
              justifyContent: 'space-between',
              borderTop: 1,
              borderColor: 'divider',
              py: 0.5,
              mt: 0.5,
            }}
          >
            <Box sx={{ '&::first-letter': { textTransform: 'uppercase' } }}>
              {say(
                cover.off ? 'screen.order-exercise.cover-off' : 'screen.order-exercise.cover-on',
                { cover: cover.says },
              )}
            </Box>
            {bench.begins === 'intake' && (
              <Button
                variant="outlined"
                disabled={busy}
                onClick={() =>
                  onDo({ cover: { cover: cover.id as 'front' | 'rear', off: !cover.off } })
                }
              >
                {say(
                  cover.off ? 'screen.order-exercise.put-on' : 'screen.order-exercise.take-off',
                  { cover: cover.says },
                )}
              </Button>
            )}
          </Box>
        ))}
      </Box>
      {bench.begins === 'close' && (
        <Box data-testid="sealed">
          {bench.sensors.map((sensor) => (
            <Box
              key={sensor.id}
              sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, py: 0.5 }}
            >
              <span>{sensor.name}</span>
              <span>
                {say(
                  sensor.sealed ? 'screen.order-exercise.sealed' : 'screen.order-exercise.unsealed',
                )}
              </span>
            </Box>
          ))}
          {bench.scan && (
            <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, py: 0.5 }}>
              <span>{say('screen.order-exercise.scan')}</span>
              <span>
                {bench.scan.codes.length === 0
                  ? say('screen.order-exercise.scan-none', {
                      person: bench.scan.by ?? say('screen.order-exercise.as-it-came'),
                    })
                  : say('screen.order-exercise.scan-codes', {
                      codes: bench.scan.codes.join(', '),
                      person: bench.scan.by ?? say('screen.order-exercise.as-it-came'),
                    })}
              </span>
            </Box>
          )}
        </Box>
      )}
    </Box>
  );
}
