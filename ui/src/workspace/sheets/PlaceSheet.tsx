import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Workspace } from '../../api/types';
import type { LengthDisplay } from '../../words/length';
import { PhotoButton } from '../../order/parts/PhotoButton';
import { take } from '../../journal/take';
import { nextCall, readHere, useNextCall } from '../task/nextCall';
import { useHeldCalls, useHold } from '../task/useHeld';
import type { Task } from '../task/useTask';
import { BumpedForm } from './BumpedForm';
import { Ledger } from './Ledger';
import { MoveSheet } from './MoveSheet';
import { ReadSheet } from './ReadSheet';
import { Sheet } from '../../sheet/Sheet';
import { SurveySheet } from './SurveySheet';
import { Upcoming } from './Upcoming';
import { say } from '../../words/say';

interface Props {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
  /** What the person opened: a call before the one that is due, or how sure the survey is. */
  open: string | null;
  onOpen: (what: string | null) => void;
}

/** In the place of a call: what the survey says of itself. */
const SURVEY = 'survey';

/** The set-up: the present reading or move, what comes after it, and everything read so far. */
export function PlaceSheet({ state, task, display, open, onOpen }: Props) {
  const queries = useQueryClient();
  const { kind } = state.present;
  const held = useHeldCalls(state.task);
  const others = held.filter(({ own }) => !own);
  const free = useNextCall(state, task, held);
  // Where nothing can be read beside what others are at, it is still shown what is due.
  const next = free ?? nextCall(state, readHere(task), []);
  const chosen = state.calls.some((known) => known.id === open) ? open : null;
  const wanted = chosen ?? next?.id ?? null;
  useHold(state.task, state.seal === null ? wanted : null, others.length > 0);
  const reading = state.calls.find((known) => known.id === wanted);
  const sealed = state.seal !== null;
  if (open === SURVEY) {
    return (
      <SurveySheet state={state} display={display} onChoose={onOpen} onLeave={() => onOpen(null)} />
    );
  }
  return (
    <>
      {state.failure !== null && (
        <Sheet title={say('screen.place-sheet.these-readings-cannot-be')} note={state.failure} />
      )}
      {!sealed && reading && (
        <ReadSheet
          key={reading.id}
          call={reading}
          state={state}
          task={task}
          display={display}
          onDone={() => onOpen(null)}
          onLeave={chosen === null ? null : () => onOpen(null)}
        />
      )}
      {!sealed && !reading && kind === 'move' && (
        <MoveSheet state={state} task={task} display={display} />
      )}
      {!sealed && !reading && kind === 'improve' && <Improve state={state} />}
      {(sealed || (!reading && !['move', 'improve'].includes(kind))) && (
        <Sheet
          title={
            state.bars.length === 0
              ? say('screen.place-sheet.placement-holds')
              : say('screen.place-sheet.not-at-this-stage')
          }
          note={
            sealed
              ? say('screen.place-sheet.record-sealed')
              : state.bars.length === 0
                ? say('screen.place-sheet.run-may-start')
                : say('screen.place-sheet.tap-reading-below-take')
          }
        />
      )}
      {state.setAside.length > 0 && (
        <Typography role="status" data-testid="set-aside" sx={{ mb: 1.5 }}>
          {say('screen.place-sheet.set-aside', { figures: state.setAside.join(', ') })}
        </Typography>
      )}
      <Upcoming
        state={state}
        display={display}
        wanted={wanted}
        others={others}
        onChoose={onOpen}
        sealed={sealed}
      />
      <Box sx={{ display: 'grid', gap: 1, mb: 2 }}>
        <Button variant="outlined" onClick={() => onOpen(SURVEY)}>
          {say('screen.how-sure-this')}
        </Button>
        <Button variant="outlined" component={Link} to={`/tasks/${state.task}/stake-out`}>
          {say('screen.place-sheet.stake-out-sheet')}
        </Button>
      </Box>
      <BumpedForm state={state} task={task} />
      <Ledger state={state} task={task} sealed={sealed} />
      {!sealed && reading && (
        <Box sx={{ mt: 2 }}>
          <PhotoButton
            key={reading.id}
            quiet
            order={state.order.id}
            about={reading.id}
            sensor={state.sensor}
            onSent={(order) => order !== null && take(queries, ['order', order.id], order)}
          />
        </Box>
      )}
    </>
  );
}

function Improve({ state }: { state: Workspace }) {
  const vague = state.verdicts.find((respect) => respect.verdict === 'unproven');
  const worst = vague?.contributions?.[0];
  return (
    <Sheet
      title={say('screen.place-sheet.unproven-measure-better')}
      note={
        state.present.why ??
        (worst
          ? say('screen.place-sheet.its-uncertainty-comes-from', {
              respect: vague.title,
              percent: Math.round(worst.share * 100),
              worst: worst.says,
              bestCheck: vague.bestCheck
                ? ` ${say('screen.place-sheet.one-more-reading-would', { bestCheck: vague.bestCheck.says })}`
                : '',
            })
          : say('screen.place-sheet.more-exact-reading-needed'))
      }
    />
  );
}
