import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useNavigate, useParams } from 'react-router';
import { answer, client, Refused } from '../api/client';
import { cardLists } from '../api/forms.generated';
import { sendFile } from '../api/sendFile';
import type { MakerPage } from '../api/types';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';
import { usePerson } from '../session/usePerson';
import { LengthField } from '../sheet/LengthField';
import { Pick } from '../sheet/Pick';
import { useKept } from '../sheet/useKept';
import { FileButton } from '../shell/FileButton';
import { Opening } from '../shell/Opening';
import { Page } from '../shell/Page';
import { say, sayOr, type Code } from '../words/say';
import { textOf, type Doc } from './document';
import { MakerPages } from './MakerPages';
import { finished } from './rows';
import { RowsEditor } from './RowsEditor';
import { documentOf, shortFields, type KitTarget, type Start, type Typed } from './shortCard';

const DATUMS: readonly [string, Code][] = [
  ['front-mark', 'datum.front-mark'],
  ['rear-mark', 'datum.rear-mark'],
  ['sensor-face', 'datum.sensor-face'],
  ['front-bumper', 'datum.front-bumper'],
  ['rear-bumper', 'datum.rear-bumper'],
  ['front-hub', 'datum.front-hub'],
  ['rear-hub', 'datum.rear-hub'],
];

const SCHOOLS: readonly [string, Code][] = [
  ['plumb-and-line', 'school.plumb-and-line'],
  ['split-from-stand', 'school.split-from-stand'],
  ['hub-marks', 'school.hub-marks'],
  ['squares', 'school.squares'],
  ['wheel-lasers', 'school.wheel-lasers'],
  ['reported-pose', 'school.reported-pose'],
];

/** What the full form has beside, with what is lost without it. */
const MORE: readonly [Code, Code][] = [
  ['card.echo.expected', 'card.echo.expected.lost'],
  ['card.reference', 'card.reference.lost'],
];

/** A card from the maker's page: the page on one side, its figures on the other. */
export function ShortCard() {
  const { task, family = '', sensor = '' } = useParams();
  const start = useQuery({
    queryKey: ['card-start', task ?? `${family}/${sensor}`],
    queryFn: () =>
      task === undefined
        ? answer(
            client.GET('/api/vehicles/{family}/card-start/{sensor}', {
              params: { path: { family, sensor } },
            }),
          )
        : answer(client.GET('/api/card-start/{task}', { params: { path: { task } } })),
    staleTime: Infinity,
  });
  const kit = useQuery({ queryKey: ['kit'], queryFn: () => answer(client.GET('/api/kit')) });
  const person = usePerson();
  if (!start.data || !kit.data || !person.data) {
    return <Opening query={start.isError ? start : kit} what={say('screen.procedure-card')} />;
  }
  const targets = kit.data.items.flatMap(({ document, retired }) => {
    const item = document as Partial<KitTarget> & { sort?: string };
    return item.sort === 'target' && !retired && item.name !== undefined
      ? [{ name: item.name, kind: item.kind ?? '', heights: item.heights ?? {} }]
      : [];
  });
  return (
    <Form
      key={task ?? `${family}-${sensor}`}
      kept={task ?? `${family}-${sensor}`}
      task={task ?? null}
      back={start.data.order === null ? `/vehicles/${family}` : `/orders/${start.data.order}`}
      start={{ ...start.data, document: start.data.document as Doc }}
      ways={start.data.ways}
      targets={targets}
      person={person.data.name}
    />
  );
}

function Form({
  kept,
  task,
  back,
  start,
  ways,
  targets,
  person,
}: {
  /** What the typed card is kept under. */
  kept: string;
  /** The task it is for; null where it is for a car of the register. */
  task: string | null;
  back: string;
  start: Start;
  ways: readonly string[];
  targets: readonly KitTarget[];
  person: string;
}) {
  const { looksBack } = start;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [typed, setTyped, forget] = useKept<Typed>(`short-card-${kept}`, () => ({
    id: uuid7(),
    page: null,
    source: '',
    edition: '',
    dated: '',
    form: looksBack ? 'angle' : 'along',
    datum: looksBack ? 'sensor-face' : 'front-mark',
    target: targets[0]?.name ?? '',
    heightTo: 'centre',
    heightFrom: 'floor',
    angleFrom: looksBack ? 'back' : 'ahead',
    angleSide: 'left',
    way: '',
    reported: '',
    schools: [],
    screws: [],
    steps: '',
    values: {},
    spots: {},
  }));
  const set = (change: Partial<Typed>) => setTyped({ ...typed, ...change });
  const [focused, setFocused] = useState<string | null>(null);
  const [zoom, setZoom] = useState(1);
  const fields = shortFields(typed.form);
  const active = fields.some((one) => one.pointer === focused) ? focused : null;
  const target = targets.find((known) => known.name === typed.target);
  const upload = useMutation({
    mutationFn: (file: File) => sendFile<MakerPage>('/api/card-pages', file, { name: file.name }),
    onSuccess: (page) => set({ page, spots: {} }),
  });
  const screwList = cardLists.find((list) => list.pointer === '/adjustment/screws');
  const enter = useMutation({
    mutationFn: () => {
      const document = documentOf(start, typed, target, person);
      return answer(
        client.POST('/api/cards', {
          body: {
            id: typed.id,
            version: 0,
            document:
              screwList === undefined || typed.way !== 'screws'
                ? document
                : finished(document, screwList),
            ...(task === null ? {} : { task }),
          },
        }),
      );
    },
    onSuccess: (card) => {
      forget();
      queries.setQueryData(['card', card.id], card);
      void queries.invalidateQueries({ queryKey: ['cards'] });
      void queries.invalidateQueries({ queryKey: ['order'] });
      void navigate(`/cards/${card.id}`);
    },
  });
  const problem = enter.error instanceof Refused ? enter.error.problem : null;
  const path = problem?.path?.startsWith('/document') ? problem.path.slice(9) : null;
  const wrong = (...pointers: string[]) =>
    path !== null && pointers.includes(path) ? problem?.title : undefined;
  const number = (pointer: string) => String(fields.findIndex((f) => f.pointer === pointer) + 1);
  return (
    <Page title={textOf(start.document['title'])} fill>
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 420px' },
          gridTemplateRows: { md: '1fr' },
          '& > :first-of-type': { minHeight: { xs: '45vh', md: 0 } },
          overflow: { xs: 'auto', md: 'hidden' },
        }}
      >
        {typed.page === null ? (
          <Box
            sx={{
              border: 2,
              borderStyle: 'dashed',
              borderColor: 'divider',
              display: 'grid',
              placeContent: 'center',
              justifyItems: 'center',
              gap: 1.5,
              p: 3,
              textAlign: 'center',
            }}
          >
            <Typography>{say('screen.short-card.page-note')}</Typography>
            <FileButton
              accept=".pdf,.png,.jpg,.jpeg,.webp,application/pdf,image/*"
              busy={upload.isPending}
              testId="page-input"
              onFile={(file) => upload.mutate(file)}
            >
              {say('screen.short-card.give-page')}
            </FileButton>
            {upload.error && (
              <Typography role="alert" color="error">
                {upload.error.message}
              </Typography>
            )}
          </Box>
        ) : (
          <MakerPages
            shown={typed.page}
            zoom={zoom}
            onZoom={setZoom}
            marks={fields.flatMap((one) => {
              const spot = typed.spots[one.pointer];
              return spot === undefined
                ? []
                : [{ ...spot, label: number(one.pointer), on: one.pointer === active }];
            })}
            onTap={
              active === null
                ? undefined
                : (spot) => set({ spots: { ...typed.spots, [active]: spot } })
            }
          />
        )}
        <Box
          component="form"
          aria-label={say('screen.short-card.figures')}
          sx={{
            overflow: { md: 'auto' },
            display: 'grid',
            gap: 1.5,
            alignContent: 'start',
            pb: 2,
            pt: 1,
          }}
          onSubmit={(event) => {
            event.preventDefault();
            enter.mutate();
          }}
        >
          <Typography
            aria-live="polite"
            sx={{
              position: { md: 'sticky' },
              top: 0,
              zIndex: 2,
              py: 1,
              bgcolor: 'background.default',
              fontWeight: active === null ? 400 : 700,
            }}
          >
            {active === null
              ? say('screen.short-card.how')
              : typed.page === null
                ? say('screen.short-card.no-page')
                : say('screen.short-card.tap', {
                    label: say(fields.find((f) => f.pointer === active)?.label ?? 'screen.name'),
                  })}
          </Typography>
          <Plain
            id="source"
            label={say('screen.short-card.source')}
            value={typed.source}
            onChange={(source) => set({ source })}
            wrong={wrong('/source')}
          />
          <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
            <Plain
              id="edition"
              label={say('screen.card-edit.edition')}
              value={typed.edition}
              onChange={(edition) => set({ edition })}
              wrong={wrong('/edition')}
            />
            <Plain
              id="dated"
              type="date"
              label={say('screen.card-edit.dated')}
              value={typed.dated}
              onChange={(dated) => set({ dated })}
              wrong={wrong('/dated')}
            />
          </Box>
          <Select
            id="target"
            label={say('screen.short-card.target')}
            value={typed.target}
            options={targets.map((known) => [known.name, known.name])}
            onChange={(name) => set({ target: name })}
            wrong={
              wrong('/target/name', '/target/heights') ??
              (targets.length === 0 ? say('screen.short-card.no-target') : undefined)
            }
          />
          <Pick
            label={say('screen.short-card.form')}
            value={typed.form}
            options={[
              ['along', say('screen.short-card.by-distance')],
              ['angle', say('screen.short-card.by-angle')],
            ]}
            onChange={(form) => set({ form })}
          />
          <Select
            id="datum"
            label={say('card.spot.datum')}
            value={typed.datum}
            options={DATUMS.map(([id, code]) => [id, say(code)])}
            onChange={(datum) => set({ datum })}
            wrong={wrong('/spot/datum')}
          />
          {typed.form === 'angle' && (
            <>
              <Pick
                label={say('screen.short-card.angle-from')}
                value={typed.angleFrom}
                options={[
                  ['ahead', say('screen.short-card.ahead')],
                  ['back', say('screen.short-card.back')],
                ]}
                onChange={(angleFrom) => set({ angleFrom })}
              />
              <Pick
                label={say('screen.short-card.angle-side')}
                value={typed.angleSide}
                options={[
                  ['left', say('screen.car-places.left-side')],
                  ['right', say('screen.car-places.right-side')],
                ]}
                onChange={(angleSide) => set({ angleSide })}
              />
            </>
          )}
          {fields.map((one, i) => (
            <Box
              key={one.pointer}
              onFocus={() => setFocused(one.pointer)}
              sx={{ display: 'grid', gridTemplateColumns: '32px 1fr', alignItems: 'start' }}
            >
              <Box
                aria-hidden
                sx={{
                  mt: 2,
                  fontWeight: 700,
                  color: typed.spots[one.pointer] ? 'primary.main' : 'text.secondary',
                }}
              >
                {i + 1}
                {typed.spots[one.pointer] ? ' ✓' : ''}
              </Box>
              {one.kind === 'length' ? (
                <LengthField
                  id={`short${one.pointer.replaceAll('/', '-')}`}
                  label={say(one.label)}
                  required={one.required}
                  value={typed.values[one.pointer] ?? ''}
                  onChange={(text) => set({ values: { ...typed.values, [one.pointer]: text } })}
                  wrong={wrong(one.pointer)}
                  hint={one.required ? ' ' : lost(one.pointer)}
                />
              ) : (
                <TextField
                  id={`short${one.pointer.replaceAll('/', '-')}`}
                  label={say(one.label)}
                  required={one.required}
                  value={typed.values[one.pointer] ?? ''}
                  onChange={(event) =>
                    set({ values: { ...typed.values, [one.pointer]: event.target.value } })
                  }
                  error={wrong(one.pointer) !== undefined}
                  helperText={
                    wrong(one.pointer) ??
                    (one.kind === 'sided' ? say('screen.short-card.side-hint') : lost(one.pointer))
                  }
                  slotProps={{ htmlInput: { maxLength: 40, autoComplete: 'off' } }}
                />
              )}
            </Box>
          ))}
          <Pick
            label={say('card.spot.heightFrom')}
            value={typed.heightFrom}
            options={[
              ['floor', say('screen.short-card.from-floor')],
              ['sensor', say('screen.short-card.from-sensor')],
            ]}
            onChange={(heightFrom) => set({ heightFrom })}
          />
          <Select
            id="height-to"
            label={say('card.spot.heightDatum')}
            value={typed.heightTo}
            options={Object.keys(target?.heights ?? { centre: 0 }).map((place) => [place, place])}
            onChange={(heightTo) => set({ heightTo })}
            wrong={wrong('/spot/heightDatum')}
          />
          <Select
            id="reported"
            label={say('card.sensor.reported')}
            value={typed.reported}
            required
            options={[
              ['misalignment', say('screen.short-card.misalignment')],
              ['targetAngle', say('screen.short-card.target-angle')],
            ]}
            onChange={(reported) => set({ reported })}
            wrong={wrong('/sensor/reported')}
          />
          <Select
            id="way"
            label={say('screen.short-card.way')}
            value={typed.way}
            options={[
              ['', say('screen.not-said')],
              ...ways.map((way): [string, string] => [
                way,
                sayOr(`choice.${way.replaceAll(' ', '-')}` as Code, way),
              ]),
            ]}
            onChange={(way) => set({ way })}
            wrong={wrong('/adjustment/way', '/adjustment/screws')}
          />
          {typed.way === 'screws' && screwList && (
            <RowsEditor
              of="card"
              spec={screwList}
              rows={typed.screws}
              onChange={(screws) => set({ screws })}
              wrong={null}
            />
          )}
          <Box role="group" aria-label={say('screen.short-card.schools')}>
            <Typography variant="body2" color="text.secondary">
              {say('screen.short-card.schools')}
            </Typography>
            {SCHOOLS.map(([id, code]) => (
              <FormControlLabel
                key={id}
                sx={{ minHeight: 48 }}
                control={
                  <Checkbox
                    checked={typed.schools.includes(id)}
                    onChange={(event) =>
                      set({
                        schools: event.target.checked
                          ? [...typed.schools, id]
                          : typed.schools.filter((known) => known !== id),
                      })
                    }
                  />
                }
                label={say(code)}
              />
            ))}
          </Box>
          <TextField
            id="steps"
            label={say('screen.short-card.steps')}
            multiline
            minRows={3}
            value={typed.steps}
            onChange={(event) => set({ steps: event.target.value })}
            helperText={say('screen.short-card.steps-hint')}
          />
          <details>
            <Box component="summary" sx={{ minHeight: 48, cursor: 'pointer', fontWeight: 700 }}>
              {say('screen.short-card.more')}
            </Box>
            <Typography color="text.secondary" sx={{ mb: 1 }}>
              {say('screen.short-card.more-note')}
            </Typography>
            {MORE.map(([label, without]) => (
              <Typography key={label} sx={{ mb: 1 }}>
                <b>{say(label)}.</b> {say(without)}
              </Typography>
            ))}
          </details>
          {enter.error && (
            <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
              {enter.error.message}
            </Typography>
          )}
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained" loading={enter.isPending}>
              {say('screen.card-edit.enter-this-card')}
            </Button>
            <Button
              color="inherit"
              onClick={() => {
                forget();
                void navigate(back);
              }}
            >
              {say('screen.leave-it')}
            </Button>
          </Box>
        </Box>
      </Box>
    </Page>
  );
}

/** What cannot be done without a value. */
function lost(pointer: string): string {
  return sayOr(`card.${pointer.slice(1).replaceAll('/', '.')}.lost` as Code, ' ');
}

function Plain({
  id,
  label,
  value,
  onChange,
  wrong,
  type = 'text',
}: {
  id: string;
  label: string;
  value: string;
  onChange: (value: string) => void;
  wrong: string | undefined;
  type?: string;
}) {
  return (
    <TextField
      id={id}
      label={label}
      type={type}
      required
      value={value}
      onChange={(event) => onChange(event.target.value)}
      error={wrong !== undefined}
      helperText={wrong}
      slotProps={{
        htmlInput: { maxLength: 200, autoComplete: 'off' },
        ...(type === 'date' ? { inputLabel: { shrink: true } } : {}),
      }}
    />
  );
}

function Select({
  id,
  label,
  value,
  options,
  onChange,
  wrong,
  required = false,
}: {
  id: string;
  label: string;
  value: string;
  required?: boolean;
  options: readonly (readonly [string, ReactNode])[];
  onChange: (value: string) => void;
  wrong: string | undefined;
}) {
  return (
    <TextField
      id={id}
      select
      required={required}
      label={label}
      value={options.some(([option]) => option === value) ? value : ''}
      onChange={(event) => onChange(event.target.value)}
      error={wrong !== undefined}
      helperText={wrong}
    >
      {options.map(([option, words]) => (
        <MenuItem key={option} value={option} sx={{ minHeight: 48 }}>
          {words}
        </MenuItem>
      ))}
    </TextField>
  );
}
