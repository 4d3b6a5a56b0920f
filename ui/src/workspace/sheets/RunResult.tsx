import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Axis, Run, Workspace } from '../../api/types';
import { degrees } from '../../words/length';
import { clock } from '../../words/moments';
import { AxisLine } from '../run/AxisLine';
import { say } from '../../words/say';

const ECHO = {
  low: 'screen.run-result.far-under-expectation-aim',
  'as-expected': 'screen.as-expected',
  high: 'screen.run-result.far-over-expectation-look',
  'nothing-expected': 'screen.run-result.card-says-no-level',
} as const;

/** One run: both axes as read, as corrected for the set-up, with verdict and chance. */
export function RunResult({ run, card }: { run: Run; card: Workspace['card'] }) {
  return (
    <Box data-testid="run-result">
      <Typography color="text.secondary" variant="body2">
        {say('screen.run-result.tool-says-which-message', {
          person: run.person,
          at: clock(run.at),
          message: run.message,
        })}
      </Typography>
      <AxisLine title={say('screen.azimuth')} axis={run.azimuth} testId="azimuth">
        {shown(run.azimuth)}
      </AxisLine>
      <AxisLine title={say('screen.elevation')} axis={run.elevation} testId="elevation">
        {shown(run.elevation)}
      </AxisLine>
      {run.echo.level !== null && (
        <Typography sx={{ mt: 1 }}>
          {say('screen.run-result.echo-level-db', {
            level: run.echo.level.toFixed(1),
            expected:
              card.echo.expected === null
                ? ''
                : say('screen.run-result.db-expected', { expected: card.echo.expected }),
            verdict: say(ECHO[run.echo.verdict]),
          })}
        </Typography>
      )}
      {run.release && (
        <Typography sx={{ color: 'verdict.unproven' }}>
          {say('screen.run-result.released-by', {
            release: run.release.name,
            reason: run.release.reason,
          })}
        </Typography>
      )}
    </Box>
  );
}

/** What the tool shows, and what the set-up adds to it. */
function shown(axis: Axis): string {
  return say('screen.run-result.tool-shows', {
    read: axis.read.toFixed(2).replace('-', '−'),
    setUp: axis.setUp
      ? say('screen.run-result.set-up-adds-reading', {
          deviation: degrees(axis.setUp.deviation),
          direction: axis.setUp.direction,
          uncertainty: degrees(axis.setUp.uncertainty),
        })
      : say('screen.run-result.set-up-not-known'),
  });
}
