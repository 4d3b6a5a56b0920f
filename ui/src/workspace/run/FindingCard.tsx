import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Finding, FoundAxis, Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { degrees } from '../../words/length';
import { AxisLine } from './AxisLine';
import { say } from '../../words/say';

/** What the readings say together: both axes with the set-up taken out, how they repeat, and what speaks against what. */
export function FindingCard({ state, finding }: { state: Workspace; finding: Finding }) {
  const { run } = state;
  return (
    <Box data-testid="finding">
      <AxisLine title={say('screen.azimuth')} axis={finding.azimuth} testId="azimuth">
        {madeOf(finding.azimuth)}
      </AxisLine>
      <AxisLine title={say('screen.elevation')} axis={finding.elevation} testId="elevation">
        {madeOf(finding.elevation)}
      </AxisLine>
      <Typography sx={{ mt: 1 }}>
        {finding.basis === 'zero'
          ? say('screen.finding-card.it-rests-on-readings')
          : say('screen.finding-card.readings', {
              count: finding.readings,
              repeats: finding.repeats,
              spread: degrees(Math.max(finding.azimuth.spread, finding.elevation.spread)),
            })}
      </Typography>
      <Echo state={state} />
      {run.statements.length > 0 && (
        <Box sx={{ mt: 1.5 }} data-testid="statements">
          <Typography sx={{ fontWeight: 700 }}>
            {say('screen.finding-card.what-said-side-by')}
          </Typography>
          {run.statements.map((said) => (
            <Box key={said.from} sx={{ borderTop: 1, borderColor: 'divider', py: 0.5 }}>
              <Typography variant="body2" color="text.secondary">
                {said.from}
              </Typography>
              <Typography>{said.says}</Typography>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

function Echo({ state }: { state: Workspace }) {
  const { echo } = state.run;
  if (echo.level === null) {
    return null;
  }
  return (
    <Typography sx={{ mt: 1 }} data-testid="echo">
      {say('screen.finding-card.echo-db', {
        level: echo.level.toFixed(1),
        expected:
          echo.expected === null
            ? say('screen.finding-card.with-nothing-compare-it')
            : say('screen.finding-card.db-expected-within-db', {
                expected: echo.expected.toFixed(1),
                from:
                  echo.from === 'card'
                    ? say('screen.finding-card.by-card')
                    : say('screen.finding-card.from-earlier-cars'),
                within: echo.within.toFixed(0),
                than: {
                  low: say('screen.finding-card.weaker'),
                  high: say('screen.finding-card.stronger'),
                  'as-expected': say('screen.as-expected'),
                  'nothing-expected': '',
                }[echo.verdict],
              }),
      })}
      {echo.earlierMean !== null && echo.earlierSpread !== null && (
        <>
          {' '}
          {say('screen.finding-card.earlier-readings-this-card', {
            earlier: echo.earlier,
            earlierMean: echo.earlierMean.toFixed(1),
            earlierSpread: echo.earlierSpread.toFixed(1),
          })}
        </>
      )}
    </Typography>
  );
}

/** What the doubt of an axis is made of. */
function madeOf(axis: FoundAxis): string {
  return say('screen.finding-card.that-reading', {
    reading: degrees(axis.reading),
    setUp: axis.setUp
      ? say('screen.finding-card.set-up-adds-reading', {
          setUp: amount(axis.setUp, 'mm'),
          uncertainty: degrees(axis.setUp.uncertainty),
        })
      : say('screen.finding-card.set-up-not-known'),
  });
}
