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
import { say } from '../../words/say';

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
      title={
        shifted
          ? say('screen.repeat-card.read-axis-with-target')
          : say('screen.repeat-card.read-axis-once-more')
      }
      note={state.present.why ?? undefined}
      testId="repeat"
    >
      {shifted ? (
        <Typography sx={{ mt: 1 }}>
          {say('screen.repeat-card.target-hangs-its-mark', { shifted: amount(shifted, display) })}
        </Typography>
      ) : (
        finding && (
          <Typography sx={{ mt: 1 }}>
            {say('screen.repeat-card.so-far-shop-wants', {
              readings: finding.readings,
              wanted: policy.readings,
              most: policy.most,
            })}
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
