import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import type { Workspace } from '../../api/types';
import { clock } from '../../words/length';
import { Key } from '../../sheet/AnswerButtons';
import { Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';

/** The tool was asked something and no answer is on record: what came of it is asked first, and nothing is done twice. */
export function PendingCard({ state, task }: { state: Workspace; task: Task }) {
  const ask = () => task.write({ kind: 'tool-outcome', payload: {} });
  useKeys(useMemo(() => ({ r: ask }), [state, task])); // eslint-disable-line react-hooks/exhaustive-deps
  const { pending } = state.run;
  if (!pending) {
    return null;
  }
  return (
    <Sheet
      title="No answer from the tool"
      note={`${pending.person} asked it to ${pending.says} at ${clock(pending.at)}. Whether it did is not known: look at the tool, mend the connection, and ask what came of it. Nothing is run twice.`}
      testId="pending"
    >
      <Box sx={{ display: 'grid', gap: 1, mt: 1.5 }}>
        <Button variant="contained" loading={task.isWriting} onClick={ask}>
          Ask what came of it <Key of="R" />
        </Button>
        <Button
          variant="outlined"
          onClick={() => task.write({ kind: 'tool-outcome', payload: { givenUp: true } })}
        >
          It cannot be known any more
        </Button>
      </Box>
    </Sheet>
  );
}
