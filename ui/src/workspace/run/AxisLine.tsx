import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { Axis, FoundAxis } from '../../api/types';
import { amount } from '../../words/amount';
import { chance, degrees } from '../../words/length';
import { VerdictMark } from '../../shell/VerdictMark';
import { REASONS } from './words';
import { say, sayOr } from '../../words/say';

/** One axis: how far off, how sure, against which limit, and the verdict. */
export function AxisLine({
  title,
  axis,
  testId,
  children,
}: {
  title: string;
  axis: Axis | FoundAxis;
  testId: string;
  /** What the figure is made of. */
  children: ReactNode;
}) {
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
        {amount(
          { amount: Math.abs(axis.misalignment), unit: 'degrees', direction: axis.direction },
          'mm',
        )}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        ±{degrees(axis.uncertainty)}
        {axis.limit !== undefined && (
          <> {say('screen.axis-line.limit', { limit: degrees(axis.limit) })}</>
        )}
        {axis.probability !== undefined && (
          <> {say('screen.axis-line.inside', { probability: chance(axis.probability) })}</>
        )}
        {axis.reason && <> · {sayOr(REASONS[axis.reason], axis.reason)}</>}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {children}
      </Typography>
    </Box>
  );
}
