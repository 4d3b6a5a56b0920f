import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { Workspace } from '../../api/types';
import { Key } from '../../sheet/Key';
import { Figure, Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import { say } from '../../words/say';
import { lengthFigure, lengthUnit, type LengthDisplay } from '../../words/length';
import type { Task } from '../task/useTask';

/** The walk: how far to nudge the stand along the range before the axis is read again; and back at the end. */
export function NudgeCard({
  state,
  task,
  display,
}: {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
}) {
  const { nudge } = state.run;
  const done = () => {
    if (nudge !== null && state.mayRun) {
      task.write({ kind: 'nudged', payload: { away: nudge.to } });
    }
  };
  useKeys(useMemo(() => ({ d: done }), [state, task])); // oxlint-disable-line react/exhaustive-deps
  if (nudge === null) {
    return null;
  }
  const back = nudge.to === 0;
  return (
    <Sheet
      title={back ? say('screen.nudge-card.back') : say('screen.nudge-card.title')}
      note={state.present.why ?? undefined}
      testId="nudge"
    >
      <Figure
        compact
        value={lengthFigure(nudge.by, display, 1)}
        unit={`${lengthUnit(display)} ${nudge.away ? say('screen.nudge-card.away') : say('screen.nudge-card.towards')}`}
      />
      {!back && (
        <>
          <Typography>{say('screen.nudge-card.how')}</Typography>
          <Typography sx={{ fontWeight: 700 }}>
            {say('screen.nudge-card.reading-of', { reading: nudge.reading, of: nudge.of })}
          </Typography>
        </>
      )}
      <Box sx={{ display: 'grid', mt: 1.5 }}>
        <Button
          variant="contained"
          loading={task.isWriting}
          disabled={!state.mayRun}
          onClick={done}
        >
          {back ? say('screen.nudge-card.it-is-back') : say('screen.nudge-card.nudged')}{' '}
          <Key of="D" />
        </Button>
      </Box>
    </Sheet>
  );
}
