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
import { say } from '../../words/say';

type Stance = components['schemas']['Stance'];

/** Where the car stands in its bay, what fits there, what binds, and where it had better stand. */
export function StanceSheet({ file }: { file: StanceFile }) {
  const [display] = useLengthDisplay();
  const { page, search, placed, setPlaced, keep, isKeeping, goTo } = file;
  if (!page.data) {
    return page.isError ? (
      <TryAgain message={page.error.message} again={() => void page.refetch()} />
    ) : (
      <Typography component="h1">{say('screen.stance-sheet.looking-at-bay')}</Typography>
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
            ? say('screen.stance-sheet.moved-on-plan-not')
            : out.length === 0
              ? say('screen.stance-sheet.everything-fits-as-it')
              : say('screen.stance-sheet.do-not-fit-as', {
                  out: out.length,
                  fits: data.now.fits.length,
                })
        }
        note={
          data.said
            ? say('screen.stance-sheet.put-here-by', { said: data.said })
            : say('screen.stance-sheet.nobody-has-said-where')
        }
        testId="stance"
      >
        <Fits stance={data.now} />
        {data.without.length > 0 && (
          <Typography sx={{ mt: 1 }}>
            {say('screen.stance-sheet.without-card-and-so', { without: data.without.join(', ') })}
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
              {say('screen.stance-sheet.it-stands-there')}
            </Button>
            <Button color="inherit" onClick={() => setPlaced(null)}>
              {say('screen.stance-sheet.leave-it-as-it')}
            </Button>
          </Box>
        )}
      </Sheet>
      {data.bays.length > 1 && (
        <TextField
          id="bay"
          select
          fullWidth
          label={say('screen.stance-sheet.cars-bay')}
          helperText={say('screen.stance-sheet.in-another-bay-readings')}
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
        {say('screen.stance-sheet.where-had-it-better')}
      </Button>
      {search.isError && <Typography role="alert">{search.error.message}</Typography>}
      {search.data && (
        <Box sx={{ mt: 2 }} data-testid="suggested">
          {suggested.length === 0 && (
            <Typography sx={{ fontWeight: 700 }}>
              {say('screen.stance-sheet.no-stance-serves-any')}
            </Typography>
          )}
          {suggested.length > 1 && (
            <Typography sx={{ mb: 1 }}>
              {say('screen.stance-sheet.no-one-stance-serves', { suggested: suggested.length })}
            </Typography>
          )}
          {suggested.map((stance, i) => (
            <Box key={i} sx={{ borderBottom: 1, borderColor: 'divider', py: 1 }}>
              <Typography sx={{ fontWeight: 700 }}>
                {say('screen.stance-sheet.for', {
                  stance: where(stance, display),
                  filter: stance.fits
                    .filter((fit) => fit.id !== 'car')
                    .map((fit) => fit.name)
                    .join(', '),
                })}
              </Typography>
              <Typography>
                {say('screen.stance-sheet.spare', {
                  clearance: length(stance.clearance ?? 0, display),
                  fits: stance.fits[0]?.says,
                })}
              </Typography>
              <Button
                variant="contained"
                loading={isKeeping}
                sx={{ mr: 1 }}
                onClick={() => keep({ x: stance.x, y: stance.y, heading: stance.heading })}
              >
                {say('screen.stance-sheet.it-stands-there')}
              </Button>
              <Button
                variant="outlined"
                onClick={() => setPlaced({ x: stance.x, y: stance.y, heading: stance.heading })}
              >
                {say('screen.stance-sheet.show-it-on-plan')}
              </Button>
            </Box>
          ))}
          {search.data.unserved.map((need) => (
            <Typography key={need.id} sx={{ mt: 1 }}>
              <b>{say('screen.stance-sheet.fits-nowhere-here', { need: need.name })}</b> {need.says}
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
            {fit.holds ? say('screen.stance-sheet.fits') : say('screen.stance-sheet.does-not-fit')}
          </Box>{' '}
          {fit.says}
        </li>
      ))}
    </Box>
  );
}

function where(stance: Stance, display: 'mm' | 'in'): string {
  const facing =
    Math.abs(((stance.heading % 360) + 360) % 360) < 90
      ? say('screen.stance-sheet.as-usual')
      : say('screen.stance-sheet.turned-round');
  return say('screen.stance-sheet.facing-rear-hubs-at', {
    facing,
    x: signed(stance.x, display),
    y: signed(stance.y, display),
  });
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
          ['x', say('screen.stance-sheet.rear-hubs-x-mm')],
          ['y', say('screen.stance-sheet.rear-hubs-y-mm')],
          ['heading', say('screen.stance-sheet.turned')],
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
        {say('screen.stance-sheet.show-it-on-plan')}
      </Button>
    </Box>
  );
}
