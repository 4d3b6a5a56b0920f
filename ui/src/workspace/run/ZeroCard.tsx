import Typography from '@mui/material/Typography';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { degrees } from '../../words/length';
import { Sheet } from '../../sheet/Sheet';
import type { Task } from '../task/useTask';
import { ToolButton } from './ToolButton';

/** An electronic zero: what it would store, what is stored already, and what it does not do. */
export function ZeroCard({ state, task }: { state: Workspace; task: Task }) {
  const { correction, zeroSum } = state.run;
  if (!correction?.zero || !correction.send) {
    return null;
  }
  return (
    <Sheet
      title="Store an electronic zero"
      note="It changes what the sensor reports, not where it looks. The reading after it is zero whatever the axis is; the readings before it carry the proof."
      testId="zero"
    >
      <Typography sx={{ fontSize: '1.45rem', fontWeight: 700, my: 1 }}>
        Azimuth {amount(correction.zero.azimuth, 'mm')}, elevation{' '}
        {amount(correction.zero.elevation, 'mm')}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        Stored so far: azimuth {amount(zeroSum.azimuth, 'mm')}, elevation{' '}
        {amount(zeroSum.elevation, 'mm')}
        {zeroSum.range === null ? '' : ` · the sensor takes ${degrees(zeroSum.range)} in all`}
      </Typography>
      <ToolButton state={state} task={task} command="zero" values={correction.send} />
      {task.failure instanceof Refused && task.failure.problem.path !== null && (
        <Typography role="alert" sx={{ mt: 1 }}>
          {task.failure.message}
        </Typography>
      )}
    </Sheet>
  );
}
