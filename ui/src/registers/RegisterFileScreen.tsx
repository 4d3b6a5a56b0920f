import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { answer, client } from '../api/client';
import type { components } from '../api/schema.generated';
import { sendFile } from '../api/sendFile';
import { uuid7 } from '../api/uuid7';
import { FileButton } from '../shell/FileButton';
import { Page } from '../shell/Page';
import { say, type Code } from '../words/say';
import { useWords } from '../words/useWords';
import { ColumnMap } from './ColumnMap';
import { FileRow } from './FileRow';
import type { Cells } from './cells';
import { cellsOf } from './cells';

type File = components['schemas']['RegisterFile'];
type Told = components['schemas']['RegisterRows'];

const TITLES: Record<string, { title: Code; back: string }> = {
  vehicles: { title: 'screen.register-file.vehicles', back: '/vehicles' },
  kit: { title: 'screen.register-file.kit', back: '/kit' },
  bays: { title: 'screen.register-file.bays', back: '/bays' },
  cards: { title: 'screen.register-file.cards', back: '/cards' },
  'rules-conditions': { title: 'screen.register-file.rules-conditions', back: '/rules' },
  'rules-owed': { title: 'screen.register-file.rules-owed', back: '/rules' },
  'rules-capture': { title: 'screen.register-file.rules-capture', back: '/rules' },
  'rules-codes': { title: 'screen.register-file.rules-codes', back: '/rules' },
};

/** A register filled from a file of whatever columns: put to ours, looked at row by row, mended here, and taken in whole. */
export function RegisterFileScreen() {
  const { register = '' } = useParams();
  const known = TITLES[register];
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [read, setFile] = useState<File | null>(null);
  const [map, setMap] = useState<Record<string, number>>({});
  const [mended, setMended] = useState<Record<number, Cells>>({});
  const [aside, setAside] = useState<number[]>([]);
  const [answered, setTold] = useState<Told | null>(null);
  const { worded } = useWords();
  const file = read === null ? null : worded(read);
  const told = answered === null ? null : worded(answered);

  const open = useMutation({
    mutationFn: (picked: globalThis.File) =>
      sendFile<File>(`/api/registers/${register}/files`, picked, {}),
    onSuccess: (table, picked) => {
      setName(picked.name);
      setFile(table);
      setMap(table.guess);
      setMended({});
      setAside([]);
      setTold(null);
    },
  });
  const rows = file === null ? [] : file.rows.map((_, i) => i).filter((i) => !aside.includes(i));
  const look = useMutation({
    mutationFn: (take: boolean) =>
      answer(
        client.POST('/api/registers/{register}/rows', {
          params: { path: { register } },
          body: {
            id: uuid7(),
            version: 0,
            source: name,
            take,
            rows: rows.map((i) =>
              file?.items
                ? { document: file.items[i] ?? {} }
                : { cells: mended[i] ?? cellsOf(file?.rows[i] ?? [], map) },
            ),
          },
        }),
      ),
    onSuccess: (looked) => {
      setTold(looked);
      if (looked.taken !== null) {
        void queries.invalidateQueries();
      }
    },
  });
  const needed = file?.columns.filter((column) => column.required && map[column.id] === undefined);
  const bad = told?.rows.filter((row) => row.says !== null).length ?? 0;
  const changed = () => setTold(null);
  if (known === undefined) {
    return <Page title={say('screen.register-file.none')}>{null}</Page>;
  }
  return (
    <Page title={say(known.title)}>
      {told?.taken != null ? (
        <Box role="status" data-testid="taken">
          <Typography variant="h2" sx={{ mb: 2 }}>
            {say('screen.register-file.taken', { count: told.taken })}
          </Typography>
          <Button component={Link} to={known.back} variant="contained" sx={{ minHeight: 56 }}>
            {say('screen.done')}
          </Button>
        </Box>
      ) : (
        <>
          <Typography color="text.secondary" sx={{ mb: 2 }}>
            {say('screen.register-file.hint')}
          </Typography>
          <FileButton
            accept=".csv,.json,text/csv,application/json"
            busy={open.isPending}
            onFile={(picked) => open.mutate(picked)}
            testId="register-input"
          >
            {say(file === null ? 'screen.register-file.choose' : 'screen.register-file.another')}
          </FileButton>
          {open.error && (
            <Alert severity="error" sx={{ mt: 2 }}>
              {open.error.message}
            </Alert>
          )}
        </>
      )}
      {file && told?.taken == null && (
        <>
          {file.items === null ? (
            <ColumnMap
              file={file}
              map={map}
              onMap={(next) => {
                setMap(next);
                setMended({});
                changed();
              }}
            />
          ) : (
            <Typography sx={{ my: 2 }}>{say('screen.register-file.ours')}</Typography>
          )}
          {needed && needed.length > 0 && file.items === null && (
            <Alert severity="warning" sx={{ my: 2 }} data-testid="needed">
              {say('screen.register-file.needed', {
                columns: needed.map((column) => column.label).join(', '),
              })}
            </Alert>
          )}
          <Box
            sx={{
              display: 'flex',
              gap: 2,
              alignItems: 'center',
              flexWrap: 'wrap',
              position: 'sticky',
              top: 0,
              zIndex: 1,
              bgcolor: 'background.default',
              py: 1.5,
            }}
          >
            <Button
              variant={told !== null && bad === 0 ? 'outlined' : 'contained'}
              loading={look.isPending}
              onClick={() => look.mutate(false)}
              sx={{ minHeight: 56 }}
            >
              {say('screen.register-file.look')}
            </Button>
            <Button
              variant={told !== null && bad === 0 ? 'contained' : 'outlined'}
              loading={look.isPending}
              disabled={told === null || bad > 0 || rows.length === 0}
              onClick={() => look.mutate(true)}
              sx={{ minHeight: 56 }}
            >
              {say('screen.register-file.take', { count: rows.length })}
            </Button>
            <Typography aria-live="polite" data-testid="told">
              {told === null
                ? say('screen.register-file.rows', { count: rows.length })
                : bad > 0
                  ? say('screen.register-file.bad', { bad, count: rows.length })
                  : say('screen.register-file.good', { count: rows.length })}
              {aside.length > 0 && ` ${say('screen.register-file.aside', { count: aside.length })}`}
            </Typography>
          </Box>
          {look.error && (
            <Alert severity="error" sx={{ mb: 2 }}>
              {look.error.message}
            </Alert>
          )}
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {file.rows.map((row, i) => (
              <FileRow
                key={i}
                number={i + 1}
                file={file}
                cells={mended[i] ?? cellsOf(row, map)}
                told={aside.includes(i) ? null : (told?.rows[rows.indexOf(i)] ?? null)}
                aside={aside.includes(i)}
                onAside={(off) => {
                  setAside(off ? [...aside, i] : aside.filter((other) => other !== i));
                  changed();
                }}
                onMend={(cells) => {
                  setMended({ ...mended, [i]: cells });
                }}
              />
            ))}
          </Box>
        </>
      )}
    </Page>
  );
}
