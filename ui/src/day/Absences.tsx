import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, client, Refused } from '../api/client';
import type { DayRules } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { wallHour } from '../words/moments';
import { say } from '../words/say';
import { useRulesChange } from './useRules';

const EMPTY = { person: '', from: '', to: '', why: '' };

/** Who is away, and when. */
export function Absences({ rules }: { rules: DayRules }) {
  const [typed, setTyped] = useState(EMPTY);
  const add = useRulesChange((wanted: typeof EMPTY) =>
    answer(
      client.POST('/api/day/absences', {
        body: {
          id: uuid7(),
          version: 0,
          person: wanted.person,
          from: wanted.from,
          to: wanted.to,
          ...(wanted.why.trim() === '' ? {} : { why: wanted.why }),
        },
      }),
    ),
  );
  const back = useRulesChange((absence: string) =>
    answer(
      client.POST('/api/day/absences/{absence}/back', {
        params: { path: { absence } },
        body: { id: uuid7(), version: 0 },
      }),
    ),
  );
  const problem = add.error instanceof Refused ? add.error.problem : null;
  const wrong = (path: string) => (problem?.path === path ? problem.title : undefined);
  const name = (id: string) => rules.people.find((one) => one.id === id)?.name ?? '';
  return (
    <Box component="section" aria-label={say('screen.hours.absences')}>
      <Typography variant="h2">{say('screen.hours.absences')}</Typography>
      {rules.absences.length === 0 && (
        <Typography color="text.secondary">{say('screen.hours.nobody-away')}</Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mb: 1 }}>
        {rules.absences.map((one) => (
          <Box
            component="li"
            key={one.id}
            sx={{
              display: 'flex',
              gap: 1,
              alignItems: 'center',
              borderBottom: 1,
              borderColor: 'divider',
            }}
          >
            <Box sx={{ flex: 1, py: 0.5, overflowWrap: 'anywhere' }}>
              <b>{name(one.person)}</b>{' '}
              {say('screen.hours.away-from', {
                from: wallHour(one.from).says,
                to: wallHour(one.to).says,
              })}
              {one.why !== '' && `: ${one.why}`}
            </Box>
            {rules.mayNote && (
              <Button
                color="inherit"
                aria-label={say('screen.hours.take-back', {
                  person: name(one.person),
                  from: one.from,
                })}
                onClick={() => back.mutate(one.id)}
              >
                {say('screen.hours.remove')}
              </Button>
            )}
          </Box>
        ))}
      </Box>
      {rules.mayNote && (
        <Box
          component="form"
          aria-label={say('screen.hours.add-absence')}
          sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}
          onSubmit={(event) => {
            event.preventDefault();
            add.mutate(typed, { onSuccess: () => setTyped(EMPTY) });
          }}
        >
          <TextField
            select
            id="away-person"
            label={say('screen.day.who')}
            value={typed.person}
            required
            onChange={(event) => setTyped({ ...typed, person: event.target.value })}
            error={wrong('/person') !== undefined}
            helperText={wrong('/person')}
          >
            {rules.people.map((one) => (
              <MenuItem key={one.id} value={one.id} sx={{ minHeight: 48 }}>
                {one.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            id="away-why"
            label={say('screen.hours.why')}
            value={typed.why}
            onChange={(event) => setTyped({ ...typed, why: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 200 } }}
          />
          {(['from', 'to'] as const).map((end) => (
            <TextField
              key={end}
              id={`away-${end}`}
              type="datetime-local"
              sx={{ gridColumn: '1 / -1' }}
              required
              label={say(end === 'from' ? 'screen.hours.away-begins' : 'screen.hours.away-ends')}
              value={typed[end]}
              onChange={(event) => setTyped({ ...typed, [end]: event.target.value })}
              error={wrong(`/${end}`) !== undefined}
              helperText={wrong(`/${end}`)}
              slotProps={{ inputLabel: { shrink: true } }}
            />
          ))}
          <Button
            type="submit"
            variant="outlined"
            loading={add.isPending}
            sx={{ justifySelf: 'start' }}
          >
            {say('screen.hours.add-absence')}
          </Button>
        </Box>
      )}
    </Box>
  );
}
