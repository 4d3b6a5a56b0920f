import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { answer, client, Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { degrees, length, type LengthDisplay } from '../../words/length';
import { useBurst } from '../../sheet/useBurst';
import { useDraft } from '../../sheet/useDraft';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { Key } from '../../sheet/AnswerButtons';
import { Figure, Sheet } from '../../sheet/Sheet';

type Place = Workspace['floor']['places'][number];

interface Props {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
  sealed: boolean;
}

/** Staff readings at the wheels and at the spot, one after the other, and what they do to the target's height. */
export function FloorSheet({ state, task, display, sealed }: Props) {
  const { floor } = state;
  const [chosen, setChosen] = useState<string | null>(null);
  const present =
    floor.places.find((place) => place.id === chosen) ??
    floor.places.find((place) => place.value === null);
  return (
    <>
      {present && !sealed ? (
        <ReadFloor
          key={present.id}
          place={present}
          at={state.task}
          simulated={state.simulated}
          task={task}
          onDone={() => setChosen(null)}
        />
      ) : (
        <Sheet title={floor.from === 'readings' ? 'Floor surveyed' : 'Floor not surveyed'} />
      )}
      <Result state={state} display={display} />
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }} data-testid="floor-places">
        {floor.places.map((place) => (
          <Box component="li" key={place.id} sx={{ borderBottom: 1, borderColor: 'divider' }}>
            <Button
              color="inherit"
              fullWidth
              disabled={sealed}
              onClick={() => setChosen(place.id)}
              sx={{
                justifyContent: 'space-between',
                fontWeight: place.id === present?.id ? 700 : 400,
                px: 1,
                '&.Mui-disabled': { color: 'text.primary' },
              }}
            >
              <span>{place.says}</span>
              <span>{place.typed ?? '—'}</span>
            </Button>
          </Box>
        ))}
      </Box>
    </>
  );
}

/** What the floor does to this sensor's target. */
function Result({ state, display }: { state: Workspace; display: LengthDisplay }) {
  const { floor } = state;
  const left = floor.places.filter((place) => place.value === null).length;
  return (
    <Box sx={{ mb: 2 }} data-testid="floor-result">
      {floor.from === 'readings' ? (
        <>
          <Typography>Target height here, to the {state.card.heightDatum}</Typography>
          <Figure
            compact
            value={length(floor.required, display).split(' ')[0] ?? ''}
            unit={display}
            testId="required-height"
          />
          <Typography>
            The card says {length(floor.card, display)}; the floor at the spot lies{' '}
            {length(floor.below, display, 1)} {floor.below >= 0 ? 'under' : 'over'} the plane the
            car stands on, ±{length(floor.s, display, 1)}.
          </Typography>
        </>
      ) : (
        <Typography>
          {left === floor.places.length ? 'Not surveyed' : `${left} still to read`}: until then ±
          {length(floor.s, display, 1)} is allowed for the floor in every height. It is never taken
          as level.
        </Typography>
      )}
      {floor.slopes && (
        <Typography sx={{ mt: 1 }}>
          The car stands on {degrees(floor.slopes.pitch.amount)} {floor.slopes.pitch.direction} and{' '}
          {degrees(floor.slopes.roll.amount)} {floor.slopes.roll.direction}, each ±
          {degrees(floor.slopes.pitch.uncertainty)}.
          {floor.slopes.warped &&
            ` The floor is warped: the wheels are up to ${length(floor.slopes.warp ?? 0, display, 1)} off one plane.`}
        </Typography>
      )}
      {floor.plate && (
        <Typography sx={{ mt: 1 }}>
          A flat plate that is level by its bubble must be pitched {degrees(floor.plate.amount)},{' '}
          {floor.plate.direction}, to stand square to this car.
        </Typography>
      )}
    </Box>
  );
}

function ReadFloor({
  place,
  at,
  simulated,
  task,
  onDone,
}: {
  place: Place;
  at: string;
  simulated: boolean;
  task: Task;
  onDone: () => void;
}) {
  const [typed, setTyped] = useDraft(`${at}-floor-${place.id}`);
  useBurst('floor-reading');
  const staff = useMutation({
    mutationFn: () =>
      answer(
        client.GET('/api/tasks/{task}/meter/{call}', {
          params: { path: { task: at, call: `floor-${place.id}` } },
        }),
      ),
    onSuccess: (read) => setTyped(read.typed),
  });
  const meter = () => simulated && staff.mutate();
  useKeys(useMemo(() => ({ m: meter }), [at, place.id, simulated])); // eslint-disable-line react-hooks/exhaustive-deps
  const sent = task.failed?.kind === 'floor' ? task.failed.payload : null;
  const refused = sent !== null && task.failure instanceof Refused ? task.failure : null;
  const asks = refused?.problem.code === 'asks-once' && sent?.typed === typed;
  const record = (confirmed = false) =>
    task.write(
      {
        kind: 'floor',
        payload: { place: place.id, typed },
        ...(confirmed ? { confirmed } : {}),
      },
      () => {
        setTyped('');
        onDone();
      },
    );
  return (
    <Sheet
      title={place.says}
      note="Staff on the floor under the level laser plane: what it reads at the beam. A larger reading is a lower floor."
      testId="floor-read"
    >
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          record();
        }}
      >
        <TextField
          id="floor-reading"
          label={place.typed === null ? 'Reads' : `Reads, instead of ${place.typed}`}
          fullWidth
          autoFocus
          autoComplete="off"
          margin="dense"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          error={refused !== null && !asks}
          helperText={refused !== null && !asks ? refused.message : 'In any unit. Enter takes it.'}
          slotProps={{
            htmlInput: { maxLength: 60, 'data-reading': place.id, style: { fontSize: '1.6rem' } },
          }}
        />
        {asks && (
          <Box sx={{ mt: 1, pl: 1.5, borderLeft: 4, borderColor: 'verdict.unproven' }}>
            <Typography role="status" sx={{ fontWeight: 600, mb: 1 }}>
              {refused.message}
            </Typography>
            <Button variant="outlined" loading={task.isWriting} onClick={() => record(true)}>
              It does show {typed.trim()}: take it
            </Button>
          </Box>
        )}
        <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
          <Button type="submit" variant="contained" loading={task.isWriting}>
            Take it
          </Button>
          {simulated && (
            <Button variant="outlined" loading={staff.isPending} onClick={meter}>
              Simulated staff <Key of="M" />
            </Button>
          )}
          {place.typed !== null && (
            <Button
              color="inherit"
              onClick={() => task.write({ kind: 'floor', payload: { place: place.id } }, onDone)}
            >
              Take {place.typed} back
            </Button>
          )}
        </Box>
      </Box>
    </Sheet>
  );
}
