import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { components } from '../../api/schema.generated';
import { length } from '../../words/length';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import { TryAgain } from '../../shell/Opening';
import { Sheet } from '../../sheet/Sheet';
import type { Placed, StanceFile } from '../parts/useStance';

type Stance = components['schemas']['Stance'];

/** Where the car stands in its bay, what fits there, what binds, and where it had better stand. */
export function StanceSheet({ file }: { file: StanceFile }) {
  const [display] = useLengthDisplay();
  const { page, search, placed, setPlaced, keep, isKeeping, goTo } = file;
  if (!page.data) {
    return page.isError ? (
      <TryAgain message={page.error.message} again={() => void page.refetch()} />
    ) : (
      <Typography>Looking at the bay</Typography>
    );
  }
  const { data } = page;
  const out = data.now.fits.filter((fit) => !fit.holds);
  const moved =
    placed !== null &&
    (placed.x !== data.now.x || placed.y !== data.now.y || placed.heading !== data.now.heading);
  const suggested = search.data?.suggested ?? [];
  return (
    <>
      <Sheet
        title={
          moved
            ? 'Moved on the plan, not kept yet'
            : out.length === 0
              ? 'Everything fits as it stands'
              : `${out.length} of ${data.now.fits.length} do not fit as it stands`
        }
        note={
          data.said
            ? `Put here by ${data.said}.`
            : 'Nobody has said where the car stands: taken as usual for this bay.'
        }
        testId="stance"
      >
        <Fits stance={data.now} />
        {data.without.length > 0 && (
          <Typography sx={{ mt: 1 }}>
            Without a card, and so without a need: {data.without.join(', ')}.
          </Typography>
        )}
        <Numbers
          key={`${data.version}-${JSON.stringify(placed)}`}
          at={placed ?? data.now}
          onPlace={setPlaced}
        />
        {moved && (
          <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
            <Button variant="contained" loading={isKeeping} onClick={() => keep(placed)}>
              It stands there
            </Button>
            <Button color="inherit" onClick={() => setPlaced(null)}>
              Leave it as it was
            </Button>
          </Box>
        )}
      </Sheet>
      {data.bays.length > 1 && (
        <TextField
          id="bay"
          select
          fullWidth
          label="The car’s bay"
          helperText="In another bay, readings of floor and stand are taken again."
          value={data.bays.find((bay) => bay.here)?.id ?? ''}
          disabled={isKeeping}
          onChange={(event) => {
            const bay = data.bays.find((known) => known.id === event.target.value);
            if (bay) {
              goTo(bay);
            }
          }}
          sx={{ mb: 2 }}
        >
          {data.bays.map((bay) => (
            <MenuItem key={bay.id} value={bay.id} sx={{ minHeight: 48 }}>
              {bay.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Button
        fullWidth
        variant="outlined"
        loading={search.isFetching}
        onClick={() => void search.refetch()}
      >
        Where had it better stand?
      </Button>
      {search.isError && <Typography role="alert">{search.error.message}</Typography>}
      {search.data && (
        <Box sx={{ mt: 2 }} data-testid="suggested">
          {suggested.length === 0 && (
            <Typography sx={{ fontWeight: 700 }}>No stance serves any of them here.</Typography>
          )}
          {suggested.length > 1 && (
            <Typography sx={{ mb: 1 }}>
              No one stance serves all: {suggested.length} are the fewest.
            </Typography>
          )}
          {suggested.map((stance, i) => (
            <Box key={i} sx={{ borderBottom: 1, borderColor: 'divider', py: 1 }}>
              <Typography sx={{ fontWeight: 700 }}>
                {where(stance, display)}, for{' '}
                {stance.fits
                  .filter((fit) => fit.id !== 'car')
                  .map((fit) => fit.name)
                  .join(', ')}
              </Typography>
              <Typography>
                {length(stance.clearance ?? 0, display)} to spare. {stance.fits[0]?.says}
              </Typography>
              <Button
                variant="outlined"
                onClick={() => setPlaced({ x: stance.x, y: stance.y, heading: stance.heading })}
              >
                Show it on the plan
              </Button>
            </Box>
          ))}
          {search.data.unserved.map((need) => (
            <Typography key={need.id} sx={{ mt: 1 }}>
              <b>{need.name} fits nowhere here.</b> {need.says}
            </Typography>
          ))}
        </Box>
      )}
    </>
  );
}

function Fits({ stance }: { stance: Stance }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, my: 1 }}>
      {stance.fits.map((fit) => (
        <li key={fit.id}>
          <Box
            component="span"
            sx={{ fontWeight: 700, color: fit.holds ? 'verdict.holds' : 'verdict.out' }}
          >
            {fit.holds ? '■ fits' : '◆ does not fit'}
          </Box>{' '}
          {fit.says}
        </li>
      ))}
    </Box>
  );
}

function where(stance: Stance, display: 'mm' | 'in'): string {
  const facing = Math.abs(((stance.heading % 360) + 360) % 360) < 90 ? 'as usual' : 'turned round';
  return `Facing ${facing}, rear hubs at ${signed(stance.x, display)}, ${signed(stance.y, display)}`;
}

function signed(value: number, display: 'mm' | 'in'): string {
  return `${value < 0 ? '−' : ''}${length(value, display)}`;
}

/** The stance as numbers. */
function Numbers({ at, onPlace }: { at: Placed; onPlace: (at: Placed) => void }) {
  const [typed, setTyped] = useState({
    x: String(Math.round(at.x)),
    y: String(Math.round(at.y)),
    heading: String(at.heading),
  });
  const numbers = [typed.x, typed.y, typed.heading].map((text) => Number(text.replace('−', '-')));
  const wrong = numbers.some((number) => !Number.isFinite(number));
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1, mt: 1 }}
      onSubmit={(event) => {
        event.preventDefault();
        if (!wrong) {
          onPlace({ x: numbers[0] ?? 0, y: numbers[1] ?? 0, heading: numbers[2] ?? 0 });
        }
      }}
    >
      {(
        [
          ['x', 'Rear hubs x, mm'],
          ['y', 'Rear hubs y, mm'],
          ['heading', 'Turned, °'],
        ] as const
      ).map(([field, label]) => (
        <TextField
          key={field}
          id={`stance-${field}`}
          label={label}
          value={typed[field]}
          error={!Number.isFinite(Number(typed[field].replace('−', '-')))}
          onChange={(event) => setTyped((old) => ({ ...old, [field]: event.target.value }))}
        />
      ))}
      <Button type="submit" variant="outlined" disabled={wrong} sx={{ gridColumn: '1 / 4' }}>
        Show it on the plan
      </Button>
    </Box>
  );
}
