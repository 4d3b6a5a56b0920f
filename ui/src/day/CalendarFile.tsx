import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client } from '../api/client';
import { sendFile } from '../api/sendFile';
import type { CalendarLook } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { FileButton } from '../shell/FileButton';
import { wallHour } from '../words/moments';
import { say } from '../words/say';
import { useRulesChange } from './useRules';

type Entry = CalendarLook['entries'][number];

/** Absences and promised hours out of a calendar or a table: looked at, put right, then taken. */
export function CalendarFile() {
  const [found, setFound] = useState<CalendarLook | null>(null);
  const [taken, setTaken] = useState<number | null>(null);
  const look = useMutation({
    mutationFn: (file: File) => sendFile<CalendarLook>('/api/day/calendar', file, {}),
    onSuccess: (read) => {
      setFound(read);
      setTaken(null);
    },
  });
  const take = useRulesChange((entries: Entry[]) =>
    answer(
      client.POST('/api/day/calendar/take', {
        body: {
          id: uuid7(),
          version: 0,
          entries: entries.flatMap(({ kind, subject, from, to, why, source }) =>
            kind === null || subject === null
              ? []
              : [
                  {
                    kind,
                    subject,
                    from,
                    to,
                    ...(why === '' ? {} : { why }),
                    ...(source === null ? {} : { source }),
                  },
                ],
          ),
        },
      }),
    ),
  );
  const ready = found?.entries.filter((one) => one.subject !== null) ?? [];
  return (
    <Box component="section" aria-label={say('screen.hours.calendar')} sx={{ mt: 3 }}>
      <Typography variant="h2">{say('screen.hours.calendar')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {say('screen.hours.calendar-note')}
      </Typography>
      <FileButton
        accept=".ics,.csv,text/calendar,text/csv"
        testId="calendar-file"
        busy={look.isPending}
        onFile={(file) => look.mutate(file)}
      >
        {say('screen.hours.choose-file')}
      </FileButton>
      {[look.error, take.error].map(
        (error, i) =>
          error && (
            <Typography key={i} role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mt: 1 }}>
              {error.message}
            </Typography>
          ),
      )}
      {taken !== null && (
        <Typography role="status">{say('screen.hours.taken', { count: taken })}</Typography>
      )}
      {found && (
        <>
          {found.entries.length === 0 && (
            <Typography sx={{ mt: 1 }}>{say('screen.hours.nothing-ahead')}</Typography>
          )}
          <Box
            component="ul"
            sx={{ listStyle: 'none', p: 0, my: 1, maxHeight: 360, overflowY: 'auto' }}
          >
            {found.entries.map((entry, i) => (
              <Box component="li" key={i} sx={{ py: 1, borderBottom: 1, borderColor: 'divider' }}>
                <Box sx={{ overflowWrap: 'anywhere' }}>
                  <b>{entry.title}</b>{' '}
                  {entry.kind === 'promise'
                    ? say('screen.hours.promised', { at: wallHour(entry.from).says })
                    : say('screen.hours.away-from', {
                        from: wallHour(entry.from).says,
                        to: wallHour(entry.to).says,
                      })}
                </Box>
                <TextField
                  select
                  fullWidth
                  size="small"
                  value={entry.subject ?? ''}
                  label={say('screen.hours.is-about')}
                  onChange={(event) => {
                    const subject = event.target.value;
                    const kind =
                      subject === ''
                        ? null
                        : found.orders.some((one) => one.id === subject)
                          ? 'promise'
                          : 'absence';
                    setFound({
                      ...found,
                      entries: found.entries.map((one, j) =>
                        j === i ? { ...one, subject: subject === '' ? null : subject, kind } : one,
                      ),
                    });
                  }}
                  slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
                  sx={{ mt: 1 }}
                >
                  <MenuItem value="" sx={{ minHeight: 48 }}>
                    {say('screen.hours.leave-out')}
                  </MenuItem>
                  {[...found.people, ...found.orders].map((one) => (
                    <MenuItem key={one.id} value={one.id} sx={{ minHeight: 48 }}>
                      {one.name}
                    </MenuItem>
                  ))}
                </TextField>
              </Box>
            ))}
          </Box>
          {found.entries.length > 0 && (
            <Button
              variant="contained"
              loading={take.isPending}
              disabled={ready.length === 0}
              onClick={() =>
                take.mutate(ready, {
                  onSuccess: () => {
                    setTaken(ready.length);
                    setFound(null);
                  },
                })
              }
            >
              {say('screen.hours.take', { count: ready.length })}
            </Button>
          )}
        </>
      )}
    </Box>
  );
}
