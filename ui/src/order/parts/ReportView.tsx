import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { slate } from '../../theme/floor';
import { say, type Code } from '../../words/say';

export type ReportKind = 'customer' | 'insurer' | 'shop';

export const REPORTS: Record<ReportKind, Code> = {
  customer: 'screen.report-view.customer',
  insurer: 'screen.report-view.insurer',
  shop: 'screen.report-view.shop',
};

export const reportPath = (order: string, kind: ReportKind) =>
  `/api/repair-orders/${order}/report/${kind}`;

/** A report as it leaves the house, on the slate: what is written to the order changes it at once. */
export function ReportView({
  order,
  version,
  kind,
  onKind,
}: {
  order: string;
  version: string;
  kind: ReportKind;
  onKind: (kind: ReportKind) => void;
}) {
  return (
    <Box
      sx={{
        position: 'absolute',
        inset: 0,
        bgcolor: slate.ground,
        display: 'flex',
        flexDirection: 'column',
        alignItems: 'center',
        p: 1.5,
        gap: 1.5,
      }}
    >
      <ToggleButtonGroup
        exclusive
        value={kind}
        aria-label={say('screen.report-view.report-for')}
        onChange={(_, next: ReportKind | null) => next && onKind(next)}
        sx={{ bgcolor: 'background.paper' }}
      >
        {(Object.keys(REPORTS) as ReportKind[]).map((one) => (
          <ToggleButton key={one} value={one} sx={{ px: 2.5 }}>
            {say(REPORTS[one])}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box
        component="iframe"
        key={`${kind} ${version}`}
        src={reportPath(order, kind)}
        title={say('screen.report-view.report-for-kind', { kind })}
        sandbox=""
        sx={{ flex: 1, width: '100%', maxWidth: 860, border: 0, bgcolor: '#fff' }}
      />
    </Box>
  );
}
