import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Workspace } from '../api/types';
import { FloorPlan } from '../floor/FloorPlan';
import { STANCES } from '../floor/view';
import type { LengthDisplay } from '../words/length';
import { say } from '../words/say';
import { movesInOrder, presentCall } from '../workspace/presentCall';
import type { Task } from '../workspace/task/useTask';
import { PadCall } from './PadCall';

/** What to move, one move after the other; the last one says that all are made. */
export function PadMoves({
  state,
  task,
  display,
}: {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
}) {
  const [step, setStep] = useState(0);
  const last = movesInOrder(state).length - 1;
  const at = Math.min(step, last);
  const large = { minHeight: 64, fontSize: '1.2rem' };
  return (
    <PadCall
      call={presentCall(state, display, at)}
      sketch={<FloorPlan state={state} stance={STANCES[0]!} display={display} floor={false} />}
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: at > 0 ? '1fr 2fr' : '1fr', gap: 1 }}>
        {at > 0 && (
          <Button variant="outlined" onClick={() => setStep(at - 1)} sx={large}>
            {say('screen.far-view.move-before')}
          </Button>
        )}
        {at < last ? (
          <Button variant="contained" onClick={() => setStep(at + 1)} sx={large}>
            {say('screen.far-view.next-move')}
          </Button>
        ) : (
          <Button
            variant="contained"
            loading={task.isWriting}
            onClick={() =>
              task.write({ kind: 'move', payload: { kinds: state.moves.map((move) => move.kind) } })
            }
            sx={large}
          >
            {say('screen.pad.done')}
          </Button>
        )}
      </Box>
    </PadCall>
  );
}
