import Typography from '@mui/material/Typography';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { degrees } from '../../words/length';
import { Sheet } from '../../sheet/Sheet';
import type { Task } from '../task/useTask';
import { ToolButton } from './ToolButton';
import { say } from '../../words/say';

/** An electronic zero: what it would store, what is stored already, and what it does not do. */
export function ZeroCard({ state, task }: { state: Workspace; task: Task }) {
  const { correction, zeroSum } = state.run;
  if (!correction?.zero || !correction.send) {
    return null;
  }
  return (
    <Sheet
      title={say('screen.store-electronic-zero')}
      note={say('screen.zero-card.it-changes-what-sensor')}
      testId="zero"
    >
      <Typography sx={{ fontSize: '1.45rem', fontWeight: 700, my: 1 }}>
        {say('screen.zero-card.azimuth-elevation', {
          azimuth: amount(correction.zero.azimuth, 'mm'),
          elevation: amount(correction.zero.elevation, 'mm'),
        })}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        {say('screen.zero-card.stored-so-far-azimuth', {
          azimuth: amount(zeroSum.azimuth, 'mm'),
          elevation: amount(zeroSum.elevation, 'mm'),
          range:
            zeroSum.range === null
              ? ''
              : ` ${say('screen.zero-card.sensor-takes-in-all', { range: degrees(zeroSum.range) })}`,
        })}
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
