import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Finding, FoundAxis, Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { degrees } from '../../words/length';
import { AxisLine } from './AxisLine';

/** What the readings say together: both axes with the set-up taken out, how they repeat, and what speaks against what. */
export function FindingCard({ state, finding }: { state: Workspace; finding: Finding }) {
  const { run } = state;
  return (
    <Box data-testid="finding">
      <AxisLine title="Azimuth" axis={finding.azimuth} testId="azimuth">
        {madeOf(finding.azimuth)}
      </AxisLine>
      <AxisLine title="Elevation" axis={finding.elevation} testId="elevation">
        {madeOf(finding.elevation)}
      </AxisLine>
      <Typography sx={{ mt: 1 }}>
        {finding.basis === 'zero'
          ? 'It rests on the readings before the electronic zero, less what was stored.'
          : `${finding.readings} ${finding.readings === 1 ? 'reading' : 'readings, ' + (finding.repeats ? 'which repeat' : 'which do not repeat')}${finding.readings > 1 ? `: they lie within ${degrees(Math.max(finding.azimuth.spread, finding.elevation.spread))}` : ''}.`}
      </Typography>
      <Echo state={state} />
      {run.statements.length > 0 && (
        <Box sx={{ mt: 1.5 }} data-testid="statements">
          <Typography sx={{ fontWeight: 700 }}>What is said, side by side</Typography>
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
      Echo {echo.level.toFixed(1)} dB
      {echo.expected === null
        ? ', with nothing to compare it to'
        : `, ${echo.expected.toFixed(1)} dB expected ${echo.from === 'card' ? 'by the card' : 'from earlier cars'}, within ${echo.within.toFixed(0)} dB: ${
            {
              low: 'weaker',
              high: 'stronger',
              'as-expected': 'as expected',
              'nothing-expected': '',
            }[echo.verdict]
          }`}
      {echo.earlierMean !== null && echo.earlierSpread !== null && (
        <>
          {' '}
          · {echo.earlier} earlier readings of this card: {echo.earlierMean.toFixed(1)} ±{' '}
          {echo.earlierSpread.toFixed(1)} dB
        </>
      )}
    </Typography>
  );
}

/** What the doubt of an axis is made of. */
function madeOf(axis: FoundAxis): string {
  return `Of that, the reading ±${degrees(axis.reading)}${
    axis.setUp
      ? `; the set-up adds ${amount(axis.setUp, 'mm')} to a reading, ±${degrees(axis.setUp.uncertainty)}`
      : '; the set-up is not known'
  }`;
}
