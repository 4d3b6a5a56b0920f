import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { Move, Workspace } from '../../api/types';
import {
  degrees,
  expectedReading,
  lengthFigure,
  lengthUnit,
  type LengthDisplay,
} from '../../words/length';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { Key } from '../../sheet/Key';
import { Figure, Sheet } from '../../sheet/Sheet';
import { say, type Code } from '../../words/say';

const VERBS: Record<Move['kind'], Code> = {
  turn: 'screen.turn-stand',
  shift: 'screen.move-sheet.move-stand',
  height: 'screen.move-sheet.move-target',
};

/** What to move, in the order that needs no going back, and what should be read then. */
export function MoveSheet({
  state,
  task,
  display,
}: {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
}) {
  const moved = () =>
    task.write({ kind: 'move', payload: { kinds: state.moves.map((move) => move.kind) } });
  useKeys(useMemo(() => ({ d: moved }), [state, task])); // oxlint-disable-line react/exhaustive-deps
  const single = state.moves.length === 1 && state.moves[0]?.parts.length === 1;
  return (
    <Sheet
      title={
        state.moves.length > 1
          ? say('screen.move-sheet.moves-in-this-order')
          : say(VERBS[state.moves[0]?.kind ?? 'shift'])
      }
      testId="moves"
    >
      {state.moves.map((move, i) => (
        <Box
          key={move.kind}
          data-testid={`move-${move.kind}`}
          sx={{ borderTop: i > 0 ? 1 : 0, borderColor: 'divider', pt: 1, mt: 1 }}
        >
          {state.moves.length > 1 && (
            <Typography sx={{ fontWeight: 700 }}>
              {i + 1}. {say(VERBS[move.kind])}
            </Typography>
          )}
          {move.parts.map((part) => {
            const value =
              part.unit === 'mm' ? lengthFigure(part.amount, display) : degrees(part.amount, 1);
            const unit = part.unit === 'mm' ? lengthUnit(display) : '';
            return single ? (
              <Box key={part.direction}>
                <Figure value={value} unit={unit} />
                <Typography>{part.direction}</Typography>
              </Box>
            ) : (
              <Figure
                key={part.direction}
                compact
                value={value}
                unit={`${unit} ${part.direction}`}
              />
            );
          })}
          {move.then && (
            <Typography color="text.secondary">
              {say('screen.move-sheet.then-reads', { then: move.then.title })}{' '}
              <b style={{ whiteSpace: 'nowrap' }}>
                {expectedReading(move.then.expected, move.then.reads, display)}
              </b>
              {move.then.datum !== null &&
                say('screen.read-sheet.to-the', { heightDatum: move.then.datum })}
            </Typography>
          )}
        </Box>
      ))}
      <Button variant="contained" fullWidth sx={{ mt: 2 }} onClick={moved} loading={task.isWriting}>
        {say('screen.move-sheet.done-measure-again')} <Key of="D" />
      </Button>
    </Sheet>
  );
}
