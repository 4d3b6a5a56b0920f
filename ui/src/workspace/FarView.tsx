import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Workspace } from '../api/types';
import { FloorPlan } from '../floor/FloorPlan';
import type { Stance } from '../floor/view';
import { FarFrame } from '../shell/FarFrame';
import { VerdictMark } from '../shell/VerdictMark';
import { figures } from '../theme/theme';
import type { LengthDisplay } from '../words/length';
import { say } from '../words/say';
import { movesInOrder, presentCall } from './presentCall';

/** The present call alone beside its drawing, its number a fifth of the screen high, to be read from across the car. */
export function FarView({
  state,
  display,
  stance,
  open,
  onClose,
}: {
  state: Workspace;
  display: LengthDisplay;
  stance: Stance;
  open: boolean;
  onClose: () => void;
}) {
  // One move at a time: with other moves to make it begins with the first.
  const moves = state.present.kind === 'move' ? movesInOrder(state) : [];
  const which = JSON.stringify(moves);
  const [at, setAt] = useState({ which, step: 0 });
  const step = at.which === which ? at.step : 0;
  const { title, figure, note } = presentCall(state, display, step);
  const go = (next: number) => setAt({ which, step: next });
  return (
    <FarFrame
      title={title}
      open={open}
      onClose={onClose}
      sketch={<FloorPlan state={state} stance={stance} display={display} floor={false} />}
      foot={
        moves.length > 1 && (
          <>
            <Button
              variant="outlined"
              size="large"
              disabled={step === 0}
              onClick={() => go(step - 1)}
            >
              {say('screen.far-view.move-before')}
            </Button>
            <Button
              variant="outlined"
              size="large"
              disabled={step === moves.length - 1}
              onClick={() => go(step + 1)}
            >
              {say('screen.far-view.next-move')}
            </Button>
          </>
        )
      }
    >
      <Box
        sx={{
          fontFamily: figures,
          fontWeight: 700,
          // As large as its digits fit, beside the drawing or above it.
          fontSize: {
            xs: `min(24vh, ${room(figure, 88)}vw)`,
            md: `min(28vh, ${room(figure, 53)}vw)`,
          },
          whiteSpace: 'nowrap',
          lineHeight: 1,
        }}
      >
        {figure}
      </Box>
      <Box sx={{ fontSize: figure === '' ? 'min(8.5vh, 6vw)' : 'min(6vh, 5vw)', lineHeight: 1.15 }}>
        {note}
      </Box>
      <Box sx={{ display: 'flex', columnGap: 5, rowGap: 1, flexWrap: 'wrap' }}>
        {state.verdicts.map((respect) => (
          <Box key={respect.id}>
            <Box sx={{ fontSize: 'max(2.6vh, 0.9rem)' }}>{respect.title}</Box>
            <VerdictMark verdict={respect.verdict} size={34} />
          </Box>
        ))}
      </Box>
    </FarFrame>
  );
}

/** How high figures may be for this many to fit into a width, both in the same unit: each is 0.62 of its height wide. */
function room(figure: string, width: number): number {
  return Math.floor((10 * width) / (0.62 * Math.max(3, figure.length))) / 10;
}
