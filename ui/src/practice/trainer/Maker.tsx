import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, client } from '../../api/client';
import type { PracticeCar } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { uuid7 } from '../../api/uuid7';
import { TryAgain } from '../../shell/Opening';
import { Page } from '../../shell/Page';
import { useKept } from '../../sheet/useKept';
import { say } from '../../words/say';
import { DIFFICULTIES, KINDS, MOST_SEED } from '../FreeCar';
import { MakerPlan } from './MakerPlan';
import { WhatItHas } from './WhatItHas';
import { UNITS, withFault, type FaultKind, type Wanted } from './wanted';

interface Draft {
  kind: string;
  seed: number;
  difficulty: number;
  /** Null where the faults are drawn as well. */
  wanted: Wanted[] | null;
  title: string;
  teaches: string;
  schools: string[];
}

/** A car is made: drawn by its number, or by choosing on a drawing what is wrong and how much. */
export function Maker() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [draft, setDraft, done] = useKept<Draft>('practice-car', () => ({
    kind: 'front',
    seed: 1,
    difficulty: 2,
    wanted: [],
    title: '',
    teaches: '',
    schools: [],
  }));
  const [chosen, setChosen] = useState<FaultKind | null>(null);
  const seedWrong = !Number.isInteger(draft.seed) || draft.seed < 0 || draft.seed > MOST_SEED;
  const draw = {
    kind: draft.kind,
    seed: draft.seed,
    difficulty: draft.difficulty,
    ...(draft.wanted === null ? {} : { faults: draft.wanted }),
  };
  const query = useQuery<PracticeCar>({
    queryKey: ['drawn', draw],
    enabled: !seedWrong,
    placeholderData: keepPreviousData,
    queryFn: () => answer(client.POST('/api/practice/trainer/drawn', { body: { draw } })),
  });
  const keep = useMutation({
    mutationFn: (car: Record<string, unknown>) =>
      answer(client.POST('/api/practice/trainer/cars', { body: { id: uuid7(), car } })),
    onSuccess: (page) => {
      done();
      queries.setQueryData(['trainer'], page);
      void navigate('/practice/trainer');
    },
  });
  const made = query.data;
  const wanted = draft.wanted ?? [];
  const want = (next: Wanted[]) => setDraft({ ...draft, wanted: next });
  return (
    <Page
      title={say('screen.trainer.make')}
      tools={
        <Button variant="outlined" component={Link} to="/practice/trainer">
          {say('screen.practice.trainer')}
        </Button>
      }
    >
      {query.isError && (
        <TryAgain message={query.error.message} again={() => void query.refetch()} />
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' },
        }}
      >
        <Box sx={{ minWidth: 0, position: { lg: 'sticky' }, top: { lg: 16 } }}>
          <Box sx={made?.order ? {} : { position: 'relative', height: 420 }}>
            {made && !made.order && (
              <MakerPlan
                made={made}
                wanted={draft.wanted ?? made.faults.map((fault) => ({ kind: fault.kind }))}
                chosen={chosen}
                onChoose={setChosen}
                onWant={want}
              />
            )}
          </Box>
          {made && (
            <Box sx={{ mt: 1 }} data-testid="made-faults" aria-live="polite">
              <Typography variant="h3">{say('screen.maker.what-it-has')}</Typography>
              <WhatItHas made={made} />
            </Box>
          )}
        </Box>
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1.5 }}
          onSubmit={(event) => {
            event.preventDefault();
            if (made && draft.title.trim() !== '') {
              keep.mutate({
                ...made.car,
                title: draft.title.trim(),
                ...(made.order === null
                  ? {
                      schools: draft.schools.filter((id) =>
                        made.schools.some((one) => one.id === id),
                      ),
                    }
                  : {}),
                ...(draft.teaches.trim() === '' ? {} : { teaches: draft.teaches.trim() }),
              });
            }
          }}
        >
          <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr 1fr' }}>
            <TextField
              select
              id="make-kind"
              label={say('screen.practice.sensor')}
              value={draft.kind}
              onChange={(event) => setDraft({ ...draft, kind: event.target.value })}
            >
              {Object.entries(KINDS).map(([kind, words]) => (
                <MenuItem key={kind} value={kind} sx={{ minHeight: 48 }}>
                  {say(words)}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              select
              id="make-difficulty"
              label={say('screen.practice.difficulty')}
              value={draft.difficulty}
              onChange={(event) => setDraft({ ...draft, difficulty: Number(event.target.value) })}
            >
              {Object.entries(DIFFICULTIES).map(([difficulty, words]) => (
                <MenuItem key={difficulty} value={Number(difficulty)} sx={{ minHeight: 48 }}>
                  {say(words)}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              id="make-seed"
              label={say('screen.practice.seed')}
              value={Number.isNaN(draft.seed) ? '' : draft.seed}
              onChange={(event) =>
                setDraft({ ...draft, seed: Number.parseInt(event.target.value, 10) })
              }
              error={seedWrong}
              helperText={seedWrong ? say('screen.practice.seed-wrong') : undefined}
              slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 10 } }}
            />
          </Box>
          <Button
            variant="outlined"
            onClick={() =>
              setDraft({ ...draft, seed: Math.floor(Math.random() * 100_000), wanted: null })
            }
          >
            {say('screen.maker.draw-all')}
          </Button>
          {made?.order && <Typography>{say('screen.maker.order-note')}</Typography>}
          <Box role="group" aria-label={say('screen.maker.faults')} data-testid="wanted">
            {made?.possible.map((fault) => (
              <FaultLine
                key={fault.id}
                kind={fault.id as FaultKind}
                words={fault.says}
                wanted={wanted.find((one) => one.kind === fault.id) ?? null}
                isChosen={chosen === fault.id}
                made={made}
                onWant={(change) => want(withFault(wanted, fault.id as FaultKind, change))}
              />
            ))}
          </Box>
          {made && made.order === null && (
            <TextField
              select
              id="make-schools"
              label={say('screen.maker.schools')}
              value={draft.schools.filter((id) => made.schools.some((one) => one.id === id))}
              onChange={(event) =>
                setDraft({ ...draft, schools: event.target.value as unknown as string[] })
              }
              slotProps={{
                inputLabel: { shrink: true },
                select: {
                  multiple: true,
                  displayEmpty: true,
                  renderValue: (chosen) =>
                    (chosen as string[]).length === 0
                      ? say('screen.maker.schools-any')
                      : made.schools
                          .filter((one) => (chosen as string[]).includes(one.id))
                          .map((one) => one.says)
                          .join(', '),
                },
              }}
            >
              {made.schools.map((one) => (
                <MenuItem key={one.id} value={one.id} sx={{ minHeight: 48 }}>
                  {one.says}
                </MenuItem>
              ))}
            </TextField>
          )}
          <TextField
            id="make-title"
            label={say('screen.maker.title')}
            required
            value={draft.title}
            onChange={(event) => setDraft({ ...draft, title: event.target.value })}
            helperText={say('screen.maker.title-note')}
            slotProps={{ htmlInput: { maxLength: 80 } }}
          />
          <TextField
            id="make-teaches"
            label={say('screen.maker.teaches')}
            multiline
            minRows={2}
            value={draft.teaches}
            onChange={(event) => setDraft({ ...draft, teaches: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 300 } }}
          />
          {keep.isError && (
            <Typography role="alert" color="error">
              {keep.error.message}
            </Typography>
          )}
          <Button
            type="submit"
            variant="contained"
            loading={keep.isPending}
            disabled={!made || draft.title.trim() === ''}
          >
            {say('screen.maker.keep')}
          </Button>
        </Box>
      </Box>
    </Page>
  );
}

function FaultLine({
  kind,
  words,
  wanted,
  isChosen,
  made,
  onWant,
}: {
  kind: FaultKind;
  words: string;
  wanted: Wanted | null;
  isChosen: boolean;
  made: PracticeCar;
  onWant: (change: Partial<Wanted> | null) => void;
}) {
  const unit = UNITS[kind];
  const places =
    kind === 'slip'
      ? made.calls.filter((call) => call.reads !== 'turn').map((call) => [call.id, call.title])
      : kind === 'word'
        ? made.asks
            .filter((ask) => ['load', 'supply', 'zone'].includes(ask.id))
            .map((ask) => [ask.id, ask.question])
        : [];
  return (
    <Box
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'center',
        flexWrap: 'wrap',
        borderTop: 1,
        borderColor: 'divider',
        bgcolor: isChosen ? 'background.paper' : undefined,
      }}
    >
      <FormControlLabel
        sx={{ flex: '1 1 240px', m: 0 }}
        label={words}
        control={
          <Checkbox
            checked={wanted !== null}
            onChange={(event) => onWant(event.target.checked ? {} : null)}
          />
        }
      />
      {wanted !== null && places.length > 0 && (
        <TextField
          select
          size="small"
          id={`at-${kind}`}
          label={say('screen.maker.where')}
          value={wanted.at ?? ''}
          onChange={(event) => onWant({ at: event.target.value })}
          sx={{ minWidth: 180, '& .MuiInputBase-root': { minHeight: 48 } }}
        >
          {places.map(([id, title]) => (
            <MenuItem key={id} value={id} sx={{ minHeight: 48, whiteSpace: 'normal' }}>
              {title}
            </MenuItem>
          ))}
        </TextField>
      )}
      {wanted !== null && unit !== undefined && (
        <SizeField
          kind={kind}
          words={say(unit)}
          size={wanted.size}
          onSize={(size) => onWant({ size })}
        />
      )}
    </Box>
  );
}

function SizeField({
  kind,
  words,
  size,
  onSize,
}: {
  kind: FaultKind;
  words: string;
  size: number | undefined;
  onSize: (size: number) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? (size === undefined ? '' : String(size));
  return (
    <TextField
      size="small"
      id={`size-${kind}`}
      label={words}
      value={shown}
      onChange={(event) => {
        setTyped(event.target.value);
        const number = Number(event.target.value.replace('−', '-').replace(',', '.'));
        if (
          event.target.value.trim() !== '' &&
          Number.isFinite(number) &&
          Math.abs(number) <= 200
        ) {
          onSize(number);
        }
      }}
      onBlur={() => setTyped(null)}
      sx={{ width: 150, '& .MuiInputBase-root': { minHeight: 48 } }}
      slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
    />
  );
}
