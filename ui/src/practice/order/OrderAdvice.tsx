import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { OrderBench } from '../../api/types';
import { say, type Code } from '../../words/say';

const STATES: Record<string, Code> = {
  owed: 'screen.order-exercise.owed',
  'not-owed': 'screen.order-exercise.not-owed',
};

/** What Lumbro makes of what is written in the order; of what is not written it knows nothing. */
export function OrderAdvice({ advice }: { advice: NonNullable<OrderBench['advice']> }) {
  return (
    <Box
      component="section"
      aria-labelledby="order-advice"
      data-testid="order-advice"
      sx={{ border: 1, borderColor: 'divider', p: 2, mb: 3 }}
    >
      <Typography variant="h2" id="order-advice">
        {say('screen.order-exercise.advice')}
      </Typography>
      <Typography role="status" sx={{ fontWeight: 700 }}>
        {advice.says}
      </Typography>
      {advice.owed.map((one) => (
        <Typography key={one.sensor} sx={{ mt: 0.5 }}>
          <b>
            {one.sensor}: {say(STATES[one.state] ?? 'screen.owed-mark.unknown')}.
          </b>{' '}
          {one.question ?? one.why ?? ''}
        </Typography>
      ))}
      {advice.captures
        .filter((capture) => capture.state === 'now' || capture.state === 'missed')
        .map((capture) => (
          <Typography key={capture.says} sx={{ color: 'verdict.out' }}>
            {capture.says}
          </Typography>
        ))}
      {advice.open.map((open) => (
        <Typography key={open} sx={{ color: 'verdict.out' }}>
          {open}
        </Typography>
      ))}
    </Box>
  );
}
