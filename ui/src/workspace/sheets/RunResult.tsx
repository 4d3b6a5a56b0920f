import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Axis, Run, Workspace } from '../../api/types';
import { clock, degrees } from '../../words/length';
import { AxisLine } from '../run/AxisLine';

const ECHO = {
  low: 'far under expectation: aim, obstruction, paint or filler',
  'as-expected': 'as expected',
  high: 'far over expectation: look for a second reflector',
  'nothing-expected': 'the card says no level to expect',
};

/** One run: both axes as read, as corrected for the set-up, with verdict and chance. */
export function RunResult({ run, card }: { run: Run; card: Workspace['card'] }) {
  return (
    <Box data-testid="run-result">
      <Typography color="text.secondary" variant="body2">
        {run.person}, {clock(run.at)} · the tool says “{run.message}”, which is a message, not proof
      </Typography>
      <AxisLine title="Azimuth" axis={run.azimuth} testId="azimuth">
        {shown(run.azimuth)}
      </AxisLine>
      <AxisLine title="Elevation" axis={run.elevation} testId="elevation">
        {shown(run.elevation)}
      </AxisLine>
      {run.echo.level !== null && (
        <Typography sx={{ mt: 1 }}>
          Echo level {run.echo.level.toFixed(1)} dB
          {card.echo.expected !== null && `, ${card.echo.expected} dB expected`}:{' '}
          {ECHO[run.echo.verdict]}
        </Typography>
      )}
      {run.release && (
        <Typography sx={{ color: 'verdict.unproven' }}>
          Released by {run.release.name}: {run.release.reason}
        </Typography>
      )}
    </Box>
  );
}

/** What the tool shows, and what the set-up adds to it. */
function shown(axis: Axis): string {
  return `The tool shows ${axis.read.toFixed(2).replace('-', '−')}; ${
    axis.setUp
      ? `the set-up adds ${degrees(axis.setUp.deviation)} ${axis.setUp.direction} to a reading, ±${degrees(axis.setUp.uncertainty)}`
      : 'the set-up is not known'
  }`;
}
