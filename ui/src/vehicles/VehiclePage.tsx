import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { answer, client, Refused } from '../api/client';
import type { FormList } from '../api/forms';
import { vehicleForm } from '../api/forms.generated';
import type { components } from '../api/schema.generated';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';
import { at, numeric, textOf, withValue, type Doc } from '../cards/document';
import { withUnit } from '../cards/labels';
import { finished, rowsOf, withRows } from '../cards/rows';
import { RowsEditor } from '../cards/RowsEditor';
import { useMay } from '../session/usePerson';
import { useKept } from '../sheet/useKept';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { say } from '../words/say';
import { useWords } from '../words/useWords';
import { MergeForm } from './MergeForm';

type Vehicle = components['schemas']['VehiclePage'];
type From = 'measured' | 'document' | 'word';

/** How well places are marked, and what only the drawing needs: seldom touched. */
const SELDOM = [
  'hubHeight',
  'tyreDiameter',
  'tyreWidth',
  'sHub',
  'sMarkAlong',
  'sMarkAcross',
  'sSensor',
  'sSensorHeight',
];
const FIGURES = vehicleForm.values.filter((field) => field.kind === 'number');
const SENSORS = vehicleForm.lists.find((list) => list.pointer === '/sensors') as FormList;

/** A car's sheet: its name, its figures with where they come from, its sensors, its numbers, and its versions. */
export function VehiclePage() {
  const { family = '' } = useParams();
  const page = useQuery({
    queryKey: ['vehicle', family],
    queryFn: () => answer(client.GET('/api/vehicles/{family}', { params: { path: { family } } })),
  });
  return (
    <Page title={page.data?.name ?? say('screen.vehicles.title')}>
      {page.isPending && <Skeleton variant="rectangular" height={280} />}
      {page.isError && <TryAgain message={page.error.message} again={() => void page.refetch()} />}
      {page.data && <Sheet key={page.data.version} vehicle={page.data} />}
    </Page>
  );
}

function Sheet({ vehicle }: { vehicle: Vehicle }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const words = useWords();
  const may = useMay();
  const [kept, setKept, forget] = useKept<{ doc: Doc; vins: string; from: From; said: string }>(
    `vehicle-${vehicle.family}-${vehicle.version}`,
    () => ({
      doc: vehicle.document as Doc,
      vins: vehicle.vins.join(', '),
      from: 'document',
      said: '',
    }),
  );
  const [more, setMore] = useState(false);
  const { doc } = kept;
  const set = (next: Doc) => setKept({ ...kept, doc: next });
  const read = vehicle.mayEdit;
  const save = useMutation({
    mutationFn: () => {
      let made = finished(doc, SENSORS);
      for (const field of FIGURES) {
        made = withValue(made, `/${field.key}`, numeric(made[field.key]));
      }
      return answer(
        client.POST('/api/vehicles/{family}', {
          params: { path: { family: vehicle.family } },
          body: {
            id: uuid7(),
            version: vehicle.version,
            document: made,
            vins: kept.vins
              .split(/[,;\s]+/)
              .map((one) => one.trim())
              .filter((one) => one !== ''),
            from: kept.from,
            ...(kept.said.trim() === '' ? {} : { said: kept.said.trim() }),
          },
        }),
      );
    },
    onSuccess: (saved) => {
      forget();
      queries.setQueryData(['vehicle', vehicle.family], saved);
      void queries.invalidateQueries({ queryKey: ['vehicles'] });
      void queries.invalidateQueries({ queryKey: ['intake'] });
    },
  });
  const problem = save.error instanceof Refused ? save.error.problem : null;
  const wrong = (path: string) => (problem?.path === path ? problem.title : undefined);
  const figure = (key: string, label: string, unit: string) => (
    <TextField
      key={key}
      id={`vehicle-${key}`}
      label={withUnit(label, unit)}
      value={textOf(doc[key])}
      disabled={!read}
      onChange={(event) =>
        set(withValue(doc, `/${key}`, event.target.value === '' ? undefined : event.target.value))
      }
      error={wrong(`/document/${key}`) !== undefined}
      helperText={wrong(`/document/${key}`) ?? originOf(doc, key) ?? ' '}
      slotProps={{
        htmlInput: { inputMode: unit === '' ? 'text' : 'decimal', autoComplete: 'off' },
      }}
    />
  );
  const grid = {
    display: 'grid',
    gap: 1.25,
    gridTemplateColumns: 'repeat(auto-fill, minmax(270px, 1fr))',
  };
  const sensorWrong = /^\/document\/sensors\/(\d+)\/?(\w*)/.exec(problem?.path ?? '');
  return (
    <>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <Box sx={grid}>
          {figure('make', say('screen.new-order.make'), '')}
          {figure('model', say('screen.new-order.model'), '')}
          {figure('years', say('screen.vehicle.years'), '')}
          <TextField
            id="vehicle-vins"
            label={say('screen.vehicle.vins')}
            value={kept.vins}
            disabled={!read}
            onChange={(event) => setKept({ ...kept, vins: event.target.value })}
            error={problem?.path?.startsWith('/vins') === true}
            helperText={
              problem?.path?.startsWith('/vins') === true
                ? problem.title
                : say('screen.vehicle.vins-hint')
            }
          />
        </Box>
        <Typography variant="h2" sx={{ mt: 2, mb: 1 }}>
          {say('screen.vehicle.figures')}
        </Typography>
        <Box sx={grid}>
          {FIGURES.filter((field) => !SELDOM.includes(field.key)).map((field) =>
            figure(field.key, words.of(`figure.${field.key}`), field.unit),
          )}
        </Box>
        {more ? (
          <Box sx={{ ...grid, mt: 1 }}>
            {FIGURES.filter((field) => SELDOM.includes(field.key)).map((field) =>
              figure(field.key, words.of(`vehicle.field.${field.key}`), field.unit),
            )}
          </Box>
        ) : (
          <Button onClick={() => setMore(true)} color="inherit" sx={{ mt: 1 }}>
            {say('screen.vehicle.more')}
          </Button>
        )}
        <Box sx={{ mt: 2 }}>
          <RowsEditor
            of="vehicle"
            spec={SENSORS}
            rows={rowsOf(doc, SENSORS)}
            onChange={(rows) => set(withRows(doc, SENSORS, rows))}
            wrong={
              sensorWrong === null
                ? null
                : {
                    row: Number(sensorWrong[1]),
                    key: sensorWrong[2] ?? '',
                    message: problem?.title ?? '',
                  }
            }
          />
        </Box>
        {read && (
          <>
            {vehicle.grown && (
              <Box sx={{ ...grid, mb: 1.5 }}>
                <TextField
                  id="vehicle-from"
                  select
                  label={say('screen.vehicle.from')}
                  value={kept.from}
                  onChange={(event) => setKept({ ...kept, from: event.target.value as From })}
                >
                  {(['document', 'word', 'measured'] as const).map((from) => (
                    <MenuItem key={from} value={from} sx={{ minHeight: 48 }}>
                      {say(`screen.vehicle.from.${from}`)}
                    </MenuItem>
                  ))}
                </TextField>
                <TextField
                  id="vehicle-said"
                  label={say(`screen.vehicle.said.${kept.from}`)}
                  value={kept.said}
                  required
                  onChange={(event) => setKept({ ...kept, said: event.target.value })}
                  slotProps={{ htmlInput: { maxLength: 200 } }}
                />
              </Box>
            )}
            {save.error && (
              <Alert severity="error" sx={{ mb: 1.5 }}>
                {save.error.message}
              </Alert>
            )}
            <Button
              type="submit"
              variant="contained"
              loading={save.isPending}
              sx={{ minHeight: 56 }}
            >
              {say('screen.vehicle.keep')}
            </Button>
          </>
        )}
      </Box>
      {may('enter-card') && (
        <Box
          component="section"
          aria-label={say('screen.vehicle.cards')}
          sx={{ mt: 3, display: 'flex', gap: 1, flexWrap: 'wrap' }}
        >
          <Typography variant="h2" sx={{ width: '100%' }}>
            {say('screen.vehicle.cards')}
          </Typography>
          {rowsOf(vehicle.document as Doc, SENSORS).map((sensor) => (
            <Button
              key={textOf(sensor['id'])}
              component={Link}
              to={`/vehicles/${vehicle.family}/card/${textOf(sensor['id'])}`}
              variant="outlined"
              sx={{ minHeight: 48 }}
            >
              {textOf(sensor['name'])}
            </Button>
          ))}
        </Box>
      )}
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('screen.vehicle.versions')}
      </Typography>
      <Box component="ol" reversed sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {vehicle.versions.map((version) => (
          <Box
            component="li"
            key={version.id}
            sx={{ borderTop: 1, borderColor: 'divider', py: 1, overflowWrap: 'anywhere' }}
          >
            <b>{version.version}</b>:{' '}
            {[
              version.name,
              [reason(version.reason), version.person].filter((part) => part !== '').join(', '),
              version.orders > 0 ? say('screen.vehicle.orders', { count: version.orders }) : '',
            ]
              .filter((part) => part !== '')
              .join('. ')}
          </Box>
        ))}
      </Box>
      {read && (
        <MergeForm
          family={vehicle.family}
          name={vehicle.name}
          onMerged={(into) => {
            void queries.invalidateQueries();
            void navigate(`/vehicles/${into}`);
          }}
        />
      )}
      <Button component={Link} to="/vehicles" color="inherit" sx={{ mt: 2 }}>
        {say('screen.vehicle.to-register')}
      </Button>
    </>
  );
}

/** Where a figure comes from; nothing of a sheet that stands for all of itself. */
function originOf(doc: Doc, key: string): string | undefined {
  const from = textOf(at(doc, `/origins/${key}/from`));
  const said = textOf(at(doc, `/origins/${key}/said`));
  if (!['measured', 'document', 'word', 'cars', 'unknown'].includes(from)) {
    return undefined;
  }
  const words = say(`screen.vehicle.origin.${from as 'measured'}`);
  return said === '' ? words : `${words}: ${said}`;
}

/** Why there is a version: what the program wrote is worded, what a person did is quoted. */
function reason(code: string): string {
  return ['entered', 'edited', 'merged', 'taught'].includes(code)
    ? say(`screen.vehicle.reason.${code as 'entered'}`)
    : code;
}
