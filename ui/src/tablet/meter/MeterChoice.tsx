import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { say } from '../../words/say';
import { closeMeter, openMeter, useMeter } from './meter';
import { waysHere, type Way } from './port';

/** Which meter this device listens to, how it is, and how to have another. */
export function MeterChoice({ isPractice }: { isPractice: boolean }) {
  const meter = useMeter();
  const ways = waysHere(isPractice);
  return (
    <Box sx={{ mt: 2 }}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        {say('screen.meter.title')}
      </Typography>
      <Typography data-testid="meter" role="status">
        {state(meter)}
      </Typography>
      {meter.failure !== null && <Typography role="alert">{meter.failure}</Typography>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
        {meter.state === 'there' ? (
          <Button variant="outlined" onClick={() => void closeMeter()}>
            {say('screen.meter.let-go')}
          </Button>
        ) : (
          ways.map((way: Way) => (
            <Button
              key={way}
              variant="outlined"
              loading={meter.state === 'opening' && meter.way === way}
              onClick={() => void openMeter(way)}
            >
              {say(`screen.meter.${way}`)}
            </Button>
          ))
        )}
      </Box>
      {ways.length === 0 && (
        <Typography variant="body2" color="text.secondary">
          {say('screen.meter.no-way')}
        </Typography>
      )}
    </Box>
  );
}

function state({ state, name, battery }: ReturnType<typeof useMeter>): string {
  switch (state) {
    case 'there':
      return battery === null
        ? say('screen.meter.there', { name })
        : say('screen.meter.there-battery', { name, battery });
    case 'lost':
      return say('screen.meter.lost', { name });
    case 'opening':
      return say('screen.meter.opening');
    case 'none':
      return say('screen.meter.none');
  }
}
