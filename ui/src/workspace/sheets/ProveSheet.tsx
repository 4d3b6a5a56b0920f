import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { StageId, Workspace } from '../../api/types';
import type { Task } from '../useTask';
import { RunResult } from './RunResult';
import { Sheet } from './Sheet';

const TITLES = {
  holds: 'The axis holds',
  out: 'The axis is out',
  unproven: 'The axis is unproven',
};

/** What the runs say of the axis, the last one first. */
export function ProveSheet({
  state,
  task,
  onShow,
}: {
  state: Workspace;
  task: Task;
  onShow: (stage: StageId) => void;
}) {
  const [last, ...earlier] = [...state.runs].reverse();
  if (!last) {
    return <Sheet title="Nothing to prove yet" note="The axis is judged once it has been read." />;
  }
  const sealed = state.seal !== null;
  return (
    <>
      <Sheet title={TITLES[last.verdict]} testId="prove">
        <RunResult run={last} card={state.card} />
        {!sealed && (
          <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap' }}>
            <Button variant="contained" onClick={() => onShow('close')}>
              {last.verdict === 'holds' ? 'Close the record' : 'Close as not proven'}
            </Button>
            <Button
              variant="outlined"
              disabled={!state.mayRun}
              loading={task.isWriting}
              onClick={() => task.write({ to: 'runs', body: {} })}
            >
              Read once more
            </Button>
          </Box>
        )}
      </Sheet>
      {earlier.map((run) => (
        <Box key={run.id} sx={{ mb: 2 }}>
          <RunResult run={run} card={state.card} />
        </Box>
      ))}
    </>
  );
}
