import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
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
  /** A call the person chose, before the one that is due. */
  chosen: string | null;
  onChoose: (call: string | null) => void;
}

/** The set-up: the present reading or move, what comes after it, and everything read so far. */
export function PlaceSheet({ state, task, display, chosen, onChoose }: Props) {
  const queries = useQueryClient();
  const [weighing, setWeighing] = useState(false);
  const { kind, call } = state.present;
  const due = ['read', 'check', 'decide', 'remeasure'].includes(kind) ? call : null;
  // What waits on this device is read already: the next one is due.
  const here = task.queue.flatMap((line) => (line.kind === 'reading' ? [line.payload.call] : []));
  const next =
    due !== null && here.includes(due)
      ? (state.calls.find((known) => known.reading === null && !here.includes(known.id))?.id ??
        null)
      : due;
  const wanted = chosen ?? next;
  const reading = state.calls.find((known) => known.id === wanted);
  const sealed = state.seal !== null;
  if (weighing) {
    return (
      <SurveySheet
        state={state}
        display={display}
        onChoose={(next) => {
          setWeighing(false);
          onChoose(next);
        }}
        onLeave={() => setWeighing(false)}
      />
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
          onDone={() => onChoose(null)}
          onLeave={chosen === null ? null : () => onChoose(null)}
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
      <Upcoming
        state={state}
        display={display}
        wanted={wanted}
        onChoose={onChoose}
        sealed={sealed}
      />
      <Box sx={{ display: 'grid', gap: 1, mb: 2 }}>
        <Button variant="outlined" onClick={() => setWeighing(true)}>
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
