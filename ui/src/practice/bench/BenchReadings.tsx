import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { answer, client } from '../../api/client';
import type { Bench } from '../../api/types';
import { Key } from '../../sheet/Key';
import { useKeys } from '../../sheet/useKeys';
import { figures } from '../../theme/theme';
import { say } from '../../words/say';
import type { BenchFile } from './useBench';

interface Props {
  bench: Bench;
  file: BenchFile;
  call: string | null;
  onCall: (call: string | null) => void;
}

/** Every tape, rule, beam and staff that can be laid at this car: which, and how often, is for the learner to say. */
export function BenchReadings({ bench, file, call, onCall }: Props) {
  const chosen = bench.calls.find((known) => known.id === call);
  return (
    <Box data-testid="bench-readings">
      {chosen && <Read key={chosen.id} bench={bench} file={file} call={chosen} onCall={onCall} />}
      {bench.calls.map((known) => (
        <Line key={known.id} call={known} isOpen={known.id === call} file={file} onCall={onCall} />
      ))}
      <Typography variant="h3" sx={{ mt: 2 }}>
        {say('screen.bench.floor')}
      </Typography>
      {bench.floor.map((place) => (
        <Staff key={place.place} bench={bench} file={file} place={place} />
      ))}
    </Box>
  );
}

function Line({
  call,
  isOpen,
  file,
  onCall,
}: {
  call: Bench['calls'][number];
  isOpen: boolean;
  file: BenchFile;
  onCall: (call: string | null) => void;
}) {
  const counting = call.readings.filter((reading) => reading.fate === 'counts');
  const spoiled = call.readings.filter((reading) => reading.fate !== 'counts');
  return (
    <Box
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'center',
        borderTop: 1,
        borderColor: 'divider',
        bgcolor: isOpen ? 'background.paper' : undefined,
      }}
      data-testid={`bench-${call.id}`}
    >
      <Button
        color="inherit"
        onClick={() => onCall(isOpen ? null : call.id)}
        aria-expanded={isOpen}
        sx={{ flex: 1, justifyContent: 'flex-start', textAlign: 'left', minWidth: 0 }}
      >
        {call.title}
      </Button>
      <Box sx={{ fontFamily: figures, textAlign: 'right' }}>
        {counting.map((reading) => (
          <Box key={reading.id} sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
            <Box component="span" sx={{ flex: 1 }}>
              {reading.typed}
            </Box>
            <Button
              disabled={file.isWriting}
              onClick={() => file.write({ kind: 'strike', payload: { reading: reading.id } })}
            >
              {say('screen.bench.strike')}
              <span className="visually-hidden">
                : {call.title} {reading.typed}
              </span>
            </Button>
          </Box>
        ))}
        {spoiled.length > 0 && (
          <Box
            component="s"
            sx={{ color: 'text.secondary', fontSize: '0.85rem', pr: 1 }}
            title={spoiled.map((reading) => reading.typed).join(' · ')}
          >
            {spoiled.at(-1)?.typed}
            {spoiled.length > 1 ? ` +${spoiled.length - 1}` : ''}
          </Box>
        )}
      </Box>
    </Box>
  );
}

function Read({
  bench,
  file,
  call,
  onCall,
}: {
  bench: Bench;
  file: BenchFile;
  call: Bench['calls'][number];
  onCall: (call: string | null) => void;
}) {
  const [typed, setTyped] = useState('');
  const meter = useMutation({
    mutationFn: () =>
      answer(
        client.GET('/api/tasks/{task}/meter/{call}', {
          params: { path: { task: bench.task, call: call.next } },
        }),
      ),
    onSuccess: (read) => {
      setTyped(read.typed);
      document.getElementById('bench-typed')?.focus();
    },
  });
  useKeys(useMemo(() => ({ m: () => meter.mutate() }), [meter]));
  const take = () => {
    const datum = call.datums.length > 0 ? { datum: bench.card.heightDatum } : {};
    file.write({ kind: 'reading', payload: { call: call.next, typed, ...datum } }, () =>
      onCall(null),
    );
  };
  return (
    <Box
      component="form"
      data-testid="bench-read"
      sx={{
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        borderLeft: 8,
        borderLeftColor: 'primary.main',
        p: 2,
        mb: 2,
      }}
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <Typography variant="h2">{call.title}</Typography>
      <Typography color="text.secondary">{call.instruction}</Typography>
      <TextField
        id="bench-typed"
        label={say('screen.reads')}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        fullWidth
        autoFocus
        autoComplete="off"
        margin="dense"
        slotProps={{
          htmlInput: {
            maxLength: 60,
            'data-reading': call.id,
            style: { fontSize: '1.6rem', fontFamily: figures },
          },
        }}
      />
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        <Button type="submit" variant="contained" loading={file.isWriting}>
          {say('screen.take-it')}
        </Button>
        <Button variant="outlined" loading={meter.isPending} onClick={() => meter.mutate()}>
          {say('screen.read-sheet.simulated-meter')} <Key of="M" />
        </Button>
      </Box>
      {meter.isError && <Typography role="alert">{meter.error.message}</Typography>}
    </Box>
  );
}

function Staff({
  bench,
  file,
  place,
}: {
  bench: Bench;
  file: BenchFile;
  place: Bench['floor'][number];
}) {
  const read = useMutation({
    mutationFn: () =>
      answer(
        client.GET('/api/tasks/{task}/meter/{call}', {
          params: { path: { task: bench.task, call: `floor-${place.place}` } },
        }),
      ),
    onSuccess: ({ typed }) =>
      file.write({
        kind: 'floor',
        payload: { place: place.place, typed },
        orderVersion: bench.orderVersion,
      }),
  });
  return (
    <Box
      data-testid={`staff-${place.place}`}
      sx={{ display: 'flex', gap: 1, alignItems: 'center', borderTop: 1, borderColor: 'divider' }}
    >
      <Box sx={{ flex: 1, pl: 1 }}>{place.says}</Box>
      <Box sx={{ fontFamily: figures }}>{place.typed ?? ''}</Box>
      <Button disabled={file.isWriting} loading={read.isPending} onClick={() => read.mutate()}>
        {say('screen.bench.put-staff')}
        <span className="visually-hidden">: {place.says}</span>
      </Button>
    </Box>
  );
}
