import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Axis, Run, Workspace } from '../../api/types';
import { chance, clock, degrees } from '../../format/length';
import { VerdictMark } from '../../shell/VerdictMark';
import { REASONS } from '../run/words';

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
      <AxisLine title="Azimuth" axis={run.azimuth} testId="azimuth" />
      <AxisLine title="Elevation" axis={run.elevation} testId="elevation" />
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

function AxisLine({ title, axis, testId }: { title: string; axis: Axis; testId: string }) {
  return (
    <Box data-testid={testId} sx={{ borderTop: 1, borderColor: 'divider', pt: 1, mt: 1 }}>
      <Box
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'baseline',
          flexWrap: 'wrap',
          gap: 1,
        }}
      >
        <Typography sx={{ fontWeight: 700 }}>{title}</Typography>
        {axis.verdict && <VerdictMark verdict={axis.verdict} size={18} />}
      </Box>
      <Typography sx={{ fontSize: '1.6rem', fontWeight: 700, lineHeight: 1.2 }}>
        {degrees(axis.misalignment)} {axis.direction}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        ±{degrees(axis.uncertainty)}
        {axis.limit !== undefined && <> · limit {degrees(axis.limit)}</>}
        {axis.probability !== undefined && <> · {chance(axis.probability)} inside</>}
        {axis.reason && <> · {REASONS[axis.reason] ?? axis.reason}</>}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        The tool shows {axis.read.toFixed(2).replace('-', '−')};{' '}
        {axis.setUp
          ? `the set-up adds ${degrees(axis.setUp.deviation)} ${axis.setUp.direction} to a reading, ±${degrees(axis.setUp.uncertainty)}`
          : 'the set-up is not known'}
      </Typography>
    </Box>
  );
}
