import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Workspace } from '../../api/types';
import type { LengthDisplay } from '../../words/length';
import { PhotoButton } from '../../order/parts/PhotoButton';
import type { Task } from '../task/useTask';
import { Ledger } from './Ledger';
import { MoveSheet } from './MoveSheet';
import { ReadSheet } from './ReadSheet';
import { Sheet } from '../../sheet/Sheet';
import { SurveySheet } from './SurveySheet';
import { Upcoming } from './Upcoming';

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
  const { kind, call } = state.present;
  const due = ['read', 'check', 'decide', 'remeasure'].includes(kind) ? call : null;
  // What waits on this device is read already: the next one is due.
  const here = task.queue.flatMap((line) => (line.kind === 'reading' ? [line.payload.call] : []));
  const next =
    due !== null && here.includes(due)
      ? (state.calls.find((known) => known.reading === null && !here.includes(known.id))?.id ??
        null)
      : due;
  const chosen = state.calls.some((known) => known.id === open) ? open : null;
  const wanted = chosen ?? next;
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
        <Sheet title="These readings cannot be placed" note={state.failure} />
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
          title={state.bars.length === 0 ? 'Placement holds' : 'Not at this stage yet'}
          note={
            sealed
              ? 'The record is sealed.'
              : state.bars.length === 0
                ? 'The run may start.'
                : 'Tap a reading below to take it already.'
          }
        />
      )}
      <Upcoming state={state} display={display} wanted={wanted} onChoose={onOpen} sealed={sealed} />
      <Box sx={{ display: 'grid', gap: 1, mb: 2 }}>
        <Button variant="outlined" onClick={() => onOpen(SURVEY)}>
          How sure this is
        </Button>
        <Button variant="outlined" component={Link} to={`/tasks/${state.task}/stake-out`}>
          Stake-out sheet
        </Button>
      </Box>
      <Ledger state={state} task={task} sealed={sealed} />
      {!sealed && reading && (
        <Box sx={{ mt: 2 }}>
          <PhotoButton
            key={reading.id}
            quiet
            order={state.order.id}
            about={reading.id}
            sensor={state.sensor}
            onSent={(order) => queries.setQueryData(['order', order.id], order)}
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
      title="Unproven: measure better"
      note={
        worst
          ? `${vague.title}: ${Math.round(worst.share * 100)} % of its uncertainty comes from ${worst.says}.${vague.bestCheck ? ` One more reading, ${vague.bestCheck.says}, would help most.` : ''}`
          : 'A more exact reading is needed.'
      }
    />
  );
}
