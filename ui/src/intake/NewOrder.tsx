import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { useQuery } from '../api/useQuery';
import { answer, client, Refused } from '../api/client';
import { uuid7 } from '../api/uuid7';
import { choices, OperationPicker, type Choice } from '../order/parts/OperationPicker';
import { useIntake } from '../order/parts/useIntake';
import { Page } from '../shell/Page';
import { useKept } from '../sheet/useKept';
import { sentence } from '../words/sentence';
import { CameraButton } from '../tablet/camera/CameraButton';
import { vinIn } from '../tablet/camera/detector';
import { say } from '../words/say';
import { CarPlaces, type PlaceId } from './CarPlaces';

/** In the place of a sheet: a car that stands in no list. */
const OWN = 'own';

interface Typed {
  /** Made once, so that the same order sent twice is one. */
  id: string;
  number: string;
  find: string;
  vehicle: string;
  plate: string;
  vin: string;
  sheet: string;
  bay: string;
  make: string;
  model: string;
  years: string;
  places: PlaceId[];
  operations: Choice[];
}

const EMPTY: Omit<Typed, 'id'> = {
  number: '',
  find: '',
  vehicle: '',
  plate: '',
  vin: '',
  sheet: '',
  bay: '',
  make: '',
  model: '',
  years: '',
  places: [],
  operations: [],
};

/** A car comes in: found by plate, number or name where it was here before, or typed in. */
export function NewOrder() {
  const navigate = useNavigate();
  const intake = useIntake();
  const [typed, setTyped, forget] = useKept<Typed>('new-order', () => ({ ...EMPTY, id: uuid7() }));
  const set = (change: Partial<Typed>) => setTyped({ ...typed, ...change });
  // A whole number may fit a pattern that the shop put to a sheet.
  const vin = typed.vin.replace(/[\s-]/g, '');
  const byVin = useQuery({
    queryKey: ['sheet-by-vin', vin],
    queryFn: () => answer(client.GET('/api/cars', { params: { query: { search: vin } } })),
    enabled: vin.length === 17 && typed.sheet === '',
  });
  const fits = intake.data?.sheets.find((known) => known.id === byVin.data?.sheet);
  const chosen = typed.sheet === '' ? (fits?.id ?? '') : typed.sheet;
  const own =
    typed.sheet === OWN ||
    (typed.sheet === '' && intake.data !== undefined && intake.data.sheets.length === 0);
  // Where there is one bay, that is the one.
  const only = intake.data?.bays.length === 1 ? (intake.data.bays[0]?.id ?? '') : '';
  const bay = typed.bay === '' ? only : typed.bay;
  const open = useMutation({
    mutationFn: (confirmed: boolean) =>
      answer(
        client.POST('/api/repair-orders', {
          body: {
            id: typed.id,
            version: 0,
            vehicle: own
              ? `${typed.make.trim()} ${typed.model.trim()}`
              : typed.vehicle.trim() || (fits?.name ?? ''),
            ...(own
              ? {
                  car: {
                    make: typed.make.trim(),
                    model: typed.model.trim(),
                    sensors: typed.places,
                    ...(typed.years.trim() === '' ? {} : { years: typed.years.trim() }),
                  },
                }
              : { sheet: chosen }),
            operations: typed.operations.map((operation) => operation.code),
            ...(typed.number.trim() === '' ? {} : { number: typed.number.trim() }),
            ...(typed.plate.trim() === '' ? {} : { plate: typed.plate.trim() }),
            ...(typed.vin.trim() === '' ? {} : { vin: typed.vin.trim() }),
            ...(bay === '' ? {} : { bay }),
            ...(confirmed ? { confirmed: true } : {}),
          },
        }),
      ),
    onSuccess: (order) => {
      forget();
      void navigate(`/orders/${order.id}`);
    },
  });
  const problem = open.error instanceof Refused ? open.error.problem : null;
  const asks = problem?.code === 'asks-once';
  const wrong = (field: string) =>
    problem?.path === `/${field}` && !asks ? problem.title : undefined;
  const sheet = intake.data?.sheets.find((known) => known.id === chosen);
  const sensors = own
    ? (intake.data?.places ?? [])
        .filter((place) => typed.places.includes(place.id))
        .map((place) => ({ id: place.id, name: sentence(place.says) }))
    : (sheet?.sensors ?? []);
  const options = choices(intake.data?.operations ?? [], sensors).filter(
    (choice) => !typed.operations.some((operation) => operation.code === choice.code),
  );
  return (
    <Page title={say('screen.new-repair-order')}>
      <Box
        component="form"
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
          maxWidth: 1000,
        }}
        onSubmit={(event) => {
          event.preventDefault();
          open.mutate(false);
        }}
      >
        <Box sx={{ gridColumn: '1 / -1' }}>
          <FindCar
            typed={typed.find}
            onType={(find) => set({ find })}
            onPick={(car) =>
              set({
                find: '',
                vehicle: car.vehicle,
                plate: car.plate,
                vin: car.vin ?? '',
                sheet: car.sheet,
              })
            }
          />
        </Box>
        <TextField
          id="vin"
          label={say('screen.new-order.vehicle-identification-number-typed')}
          value={typed.vin}
          autoFocus
          onChange={(event) => set({ vin: event.target.value })}
          // A reader in keyboard mode ends with Enter: that must not open the order half filled.
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.preventDefault();
              document.getElementById('plate')?.focus();
            }
          }}
          error={wrong('vin') !== undefined || asks}
          helperText={wrong('vin')}
          slotProps={{ htmlInput: { maxLength: 40, autoComplete: 'off' } }}
        />
        <CameraButton find={vinIn} onTake={(vin) => set({ vin })} />
        <TextField
          id="plate"
          label={say('screen.plate')}
          value={typed.plate}
          onChange={(event) => set({ plate: event.target.value })}
          error={wrong('plate') !== undefined}
          helperText={wrong('plate')}
          slotProps={{ htmlInput: { maxLength: 20, autoComplete: 'off' } }}
        />
        <TextField
          id="sheet"
          select
          required
          label={say('screen.new-order.vehicle-sheet')}
          value={intake.data ? (own ? OWN : chosen) : ''}
          onChange={(event) => {
            const picked = intake.data?.sheets.find((known) => known.id === event.target.value);
            set({
              sheet: event.target.value,
              ...(typed.vehicle === '' && picked ? { vehicle: picked.name } : {}),
              operations: typed.operations.filter((operation) => !operation.code.includes('@')),
            });
          }}
          error={wrong('sheet') !== undefined}
          helperText={
            wrong('sheet') ??
            (sheet
              ? sheet.sensors.map((sensor) => sensor.name).join(', ')
              : own
                ? undefined
                : say('screen.new-order.says-which-sensors-car'))
          }
        >
          <MenuItem value={OWN} sx={{ minHeight: 48 }}>
            {say('screen.new-order.in-no-list')}
          </MenuItem>
          {(intake.data?.sheets ?? []).map((known) => (
            <MenuItem key={known.id} value={known.id} sx={{ minHeight: 48 }}>
              {known.years === null ? known.name : `${known.name}, ${known.years}`}
            </MenuItem>
          ))}
        </TextField>
        {own && (
          <>
            {(
              [
                ['make', 'screen.new-order.make', true],
                ['model', 'screen.new-order.model', true],
                ['years', 'screen.new-order.years', false],
              ] as const
            ).map(([field, label, required]) => (
              <TextField
                key={field}
                id={field}
                label={say(label)}
                required={required}
                value={typed[field]}
                onChange={(event) => set({ [field]: event.target.value })}
                error={wrong(`car/${field}`) !== undefined}
                helperText={wrong(`car/${field}`)}
                slotProps={{ htmlInput: { maxLength: 60, autoComplete: 'off' } }}
              />
            ))}
            <Box sx={{ gridColumn: '1 / -1' }}>
              <CarPlaces
                places={intake.data?.places ?? []}
                chosen={typed.places}
                onChange={(places) =>
                  set({
                    places,
                    operations: typed.operations.filter(
                      (operation) =>
                        !operation.code.includes('@') ||
                        places.some((place) => operation.code.endsWith(`@${place}`)),
                    ),
                  })
                }
              />
            </Box>
          </>
        )}
        {!own && (
          <TextField
            id="vehicle"
            label={say('screen.new-order.vehicle-as-it-called')}
            required
            value={typed.vehicle === '' ? (fits?.name ?? '') : typed.vehicle}
            onChange={(event) => set({ vehicle: event.target.value })}
            error={wrong('vehicle') !== undefined}
            helperText={wrong('vehicle')}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
        )}
        <TextField
          id="number"
          label={say('screen.new-order.order-number')}
          placeholder={intake.data?.number ?? ''}
          value={typed.number}
          onChange={(event) => set({ number: event.target.value })}
          error={wrong('number') !== undefined}
          helperText={wrong('number') ?? say('screen.new-order.left-empty-it-next')}
          slotProps={{
            htmlInput: { maxLength: 40, autoComplete: 'off' },
            inputLabel: { shrink: true },
          }}
        />
        <TextField
          id="bay"
          select
          label={say('screen.bay')}
          value={intake.data ? bay : ''}
          onChange={(event) => set({ bay: event.target.value })}
        >
          {(intake.data?.bays ?? []).map((known) => (
            <MenuItem key={known.id} value={known.id} sx={{ minHeight: 48 }}>
              {known.name}
            </MenuItem>
          ))}
        </TextField>
        <Box sx={{ gridColumn: '1 / -1' }}>
          <OperationPicker
            id="operation"
            label={
              sensors.length > 0
                ? say('screen.what-was-done-car')
                : own
                  ? say('screen.new-order.what-was-done-own')
                  : say('screen.new-order.what-was-done-car')
            }
            options={options}
            disabled={sensors.length === 0}
            onPick={(choice) => set({ operations: [...typed.operations, choice] })}
          />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
            {typed.operations.map((operation) => (
              <Chip
                key={operation.code}
                label={operation.words}
                onDelete={() =>
                  set({
                    operations: typed.operations.filter((known) => known.code !== operation.code),
                  })
                }
                sx={{ height: 48, fontSize: '1rem' }}
              />
            ))}
          </Box>
        </Box>
        {open.error && (
          <Typography role="alert" color="error" sx={{ gridColumn: '1 / -1' }}>
            {open.error.message}
          </Typography>
        )}
        <Box sx={{ display: 'flex', gap: 1, gridColumn: '1 / -1', flexWrap: 'wrap' }}>
          <Button type="submit" variant="contained" loading={open.isPending}>
            {say('screen.new-order.open-order')}
          </Button>
          {asks && (
            <Button variant="outlined" onClick={() => open.mutate(true)}>
              {say('screen.new-order.it-so-on-car')}
            </Button>
          )}
          <Button
            color="inherit"
            onClick={() => {
              forget();
              void navigate('/');
            }}
          >
            {say('screen.leave-it')}
          </Button>
        </Box>
      </Box>
    </Page>
  );
}

function FindCar({
  typed,
  onType,
  onPick,
}: {
  typed: string;
  onType: (text: string) => void;
  onPick: (car: { vehicle: string; plate: string; vin: string | null; sheet: string }) => void;
}) {
  const cars = useQuery({
    queryKey: ['cars', typed.trim()],
    queryFn: () => answer(client.GET('/api/cars', { params: { query: { search: typed.trim() } } })),
    enabled: typed.trim().length > 2,
    staleTime: 10_000,
  });
  return (
    <Autocomplete
      id="find-car"
      options={typed.trim().length > 2 ? (cars.data?.cars ?? []) : []}
      filterOptions={(found) => found}
      getOptionLabel={(car) => `${car.vehicle}, ${car.plate}`}
      getOptionKey={(car) => car.number}
      inputValue={typed}
      onInputChange={(_, text, why) => why !== 'reset' && onType(text)}
      value={null}
      onChange={(_, car) => car && onPick(car)}
      openText={say('screen.operation-picker.open')}
      closeText={say('screen.close')}
      noOptionsText={
        typed.trim().length > 2
          ? say('screen.new-order.no-car-like-that')
          : say('screen.new-order.three-characters-find-it')
      }
      renderOption={(props, car) => (
        <Box component="li" {...props} key={car.number} sx={{ minHeight: 48 }}>
          {say('screen.new-order.last-here-with', {
            vehicle: car.vehicle,
            plate: car.plate,
            number: car.number,
          })}
        </Box>
      )}
      renderInput={(props) => (
        <TextField {...props} label={say('screen.new-order.car-that-was-here')} />
      )}
    />
  );
}
