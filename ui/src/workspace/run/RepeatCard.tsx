import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import type { LengthDisplay } from '../../words/length';
import { Sheet } from '../../sheet/Sheet';
import type { Task } from '../task/useTask';
import { ToolButton } from './ToolButton';
import { ToolLog } from './ToolLog';
import { TypedReading } from './TypedReading';

/** The axis is read once more, with the reason. */
export function RepeatCard({
  state,
  task,
  display,
}: {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
}) {
  const { shifted, finding, policy } = state.run;
  return (
    <Sheet
      title={shifted ? 'Read the axis with the target shifted' : 'Read the axis once more'}
      note={state.present.why ?? undefined}
      testId="repeat"
    >
      {shifted ? (
        <Typography sx={{ mt: 1 }}>
          The target hangs {amount(shifted, display)} of its mark.
        </Typography>
      ) : (
        finding && (
          <Typography sx={{ mt: 1 }}>
            {finding.readings} so far; the shop wants {policy.readings} before it concludes, and{' '}
            {policy.most} at most in one place.
          </Typography>
        )
      )}
      <Box sx={{ display: 'grid', gap: 1, mt: 1.5 }}>
        {state.tool === 'none' ? (
          <TypedReading state={state} task={task} />
        ) : (
          <ToolButton state={state} task={task} command="read" />
        )}
        {state.tool === 'log' && <ToolLog state={state} />}
      </Box>
    </Sheet>
  );
}
