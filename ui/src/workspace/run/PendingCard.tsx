import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import type { Workspace } from '../../api/types';
import { clock } from '../../words/moments';
import { Key } from '../../sheet/Key';
import { Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

/** The tool was asked something and no answer is on record: what came of it is asked first, and nothing is done twice. */
export function PendingCard({ state, task }: { state: Workspace; task: Task }) {
  const ask = () => task.write({ kind: 'tool-outcome', payload: {} });
  useKeys(useMemo(() => ({ r: ask }), [state, task])); // oxlint-disable-line react/exhaustive-deps
  const { pending } = state.run;
  if (!pending) {
    return null;
  }
  return (
    <Sheet
      title={say('screen.pending-card.no-answer-from-tool')}
      note={say('screen.pending-card.asked-it-at-whether', {
        person: pending.person,
        pending: pending.says,
        at: clock(pending.at),
      })}
      testId="pending"
    >
      <Box sx={{ display: 'grid', gap: 1, mt: 1.5 }}>
        <Button variant="contained" loading={task.isWriting} onClick={ask}>
          {say('screen.pending-card.ask-what-came-it')} <Key of="R" />
        </Button>
        <Button
          variant="outlined"
          onClick={() => task.write({ kind: 'tool-outcome', payload: { givenUp: true } })}
        >
          {say('screen.pending-card.it-cannot-be-known')}
        </Button>
      </Box>
    </Sheet>
  );
}
