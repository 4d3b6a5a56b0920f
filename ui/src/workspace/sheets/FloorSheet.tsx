import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { answer, client, Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { degrees, length, lengthFigure, type LengthDisplay } from '../../words/length';
import { useBurst } from '../../sheet/useBurst';
import { useMeterReading } from '../../tablet/meter/meter';
import { useDraft } from '../../sheet/useDraft';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { Key } from '../../sheet/Key';
import { Figure, Sheet } from '../../sheet/Sheet';
import { say } from '../../words/say';

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
    floor.places.find(
      (place) => state.present.kind === 'survey-floor' && place.id === state.present.call,
    ) ??
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
        <Sheet
          title={
            floor.from === 'readings'
              ? say('screen.floor-sheet.floor-surveyed')
              : say('screen.floor-sheet.floor-not-surveyed')
          }
        />
      )}
      {state.present.kind === 'survey-floor' && state.present.why && !sealed && (
        <Typography sx={{ mb: 1 }}>{state.present.why}</Typography>
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
              <span data-quoted>{place.typed ?? '—'}</span>
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
          <Typography>
            {say('screen.floor-sheet.target-height-here', { heightDatum: state.card.heightDatum })}
          </Typography>
          <Figure
            compact
            value={lengthFigure(floor.required, display)}
            unit={display}
            testId="required-height"
          />
          <Typography>
            {say('screen.floor-sheet.card-says-floor-at', {
              card: length(floor.card, display),
              by: length(floor.below, display, 1),
              under: floor.below >= 0,
              s: length(floor.s, display, 1),
            })}
          </Typography>
        </>
      ) : (
        <Typography>
          {say('screen.floor-sheet.until-then-allowed-for', {
            left,
            none: left === floor.places.length,
            s: length(floor.s, display, 1),
          })}
        </Typography>
      )}
      {floor.slopes && (
        <Typography sx={{ mt: 1 }}>
          {say('screen.floor-sheet.car-stands-on-and', {
            pitch: `${degrees(floor.slopes.pitch.amount)} ${floor.slopes.pitch.direction}`,
            roll: `${degrees(floor.slopes.roll.amount)} ${floor.slopes.roll.direction}`,
            uncertainty: degrees(floor.slopes.pitch.uncertainty),
            warped: floor.slopes.warped,
            warp: length(floor.slopes.warp ?? 0, display, 1),
          })}
        </Typography>
      )}
      {floor.plate && (
        <Typography sx={{ mt: 1 }}>
          {say('screen.floor-sheet.flat-plate-that-level', {
            plate: degrees(floor.plate.amount),
            direction: floor.plate.direction,
          })}
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
  useMeterReading(setTyped);
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
  useKeys(useMemo(() => ({ m: meter }), [at, place.id, simulated])); // oxlint-disable-line react/exhaustive-deps
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
      note={say('screen.floor-sheet.staff-on-floor-under')}
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
          label={
            place.typed === null
              ? say('screen.reads')
              : say('screen.floor-sheet.reads-instead', { typed: place.typed })
          }
          fullWidth
          autoFocus
          autoComplete="off"
          margin="dense"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          error={refused !== null && !asks}
          helperText={
            refused !== null && !asks
              ? refused.message
              : say('screen.floor-sheet.in-any-unit-enter')
          }
          slotProps={{
            htmlInput: { maxLength: 60, 'data-reading': place.id, style: { fontSize: '1.6rem' } },
          }}
        />
        {asks && (
          <Box sx={{ mt: 1, pl: 1.5, borderLeft: 4, borderColor: 'verdict.unproven' }}>
            <Typography role="status" data-testid="asked" sx={{ fontWeight: 600, mb: 1 }}>
              {refused.message}
            </Typography>
            <Button variant="outlined" loading={task.isWriting} onClick={() => record(true)}>
              {say('screen.it-does-show-take', { trim: typed.trim() })}
            </Button>
          </Box>
        )}
        <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
          <Button type="submit" variant="contained" loading={task.isWriting}>
            {say('screen.take-it')}
          </Button>
          {simulated && (
            <Button variant="outlined" loading={staff.isPending} onClick={meter}>
              {say('screen.floor-sheet.simulated-staff')} <Key of="M" />
            </Button>
          )}
          {place.typed !== null && (
            <Button
              color="inherit"
              onClick={() => task.write({ kind: 'floor', payload: { place: place.id } }, onDone)}
            >
              {say('screen.floor-sheet.take-back', { typed: place.typed })}
            </Button>
          )}
        </Box>
      </Box>
    </Sheet>
  );
}
