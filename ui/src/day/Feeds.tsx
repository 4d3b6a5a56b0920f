import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, client } from '../api/client';
import type { DayRules } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { moment } from '../words/moments';
import { say } from '../words/say';
import { useDay } from './useDay';
import { useRulesChange } from './useRules';

type Kind = DayRules['feeds'][number]['kind'];

/** The plan as a calendar for somebody's own device: of a bay, a person or a car. */
export function Feeds({ rules }: { rules: DayRules }) {
  const plan = useDay().data;
  const [typed, setTyped] = useState({ subject: '', reader: '', days: 30 });
  const subjects: { kind: Kind; id: string; name: string }[] = [
    ...rules.people.map((one) => ({ kind: 'person' as const, ...one })),
    ...rules.bays.map((one) => ({ kind: 'bay' as const, ...one })),
    ...(plan?.cars ?? []).map((one) => ({ kind: 'car' as const, id: one.id, name: one.number })),
  ];
  const chosen = subjects.find((one) => one.id === typed.subject);
  const give = useRulesChange(() =>
    answer(
      client.POST('/api/day/feeds', {
        body: {
          id: uuid7(),
          version: 0,
          kind: chosen?.kind ?? 'person',
          subject: typed.subject,
          reader: typed.reader.trim(),
          days: typed.days,
        },
      }),
    ),
  );
  const revoke = useRulesChange((feed: string) =>
    answer(
      client.POST('/api/day/feeds/{feed}/revoke', {
        params: { path: { feed } },
        body: { id: uuid7(), version: 0 },
      }),
    ),
  );
  const address = give.data?.address;
  if (!rules.mayShare && rules.feeds.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label={say('screen.hours.feeds')} sx={{ mt: 3 }}>
      <Typography variant="h2">{say('screen.hours.feeds')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {say('screen.hours.feeds-note')}
      </Typography>
      {address !== undefined && (
        <Typography
          data-testid="feed-address"
          sx={{ fontWeight: 700, overflowWrap: 'anywhere', mb: 1 }}
        >
          {window.location.origin}
          {address}
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mb: 1 }}>
        {rules.feeds.map((feed) => (
          <Box
            component="li"
            key={feed.id}
            sx={{
              display: 'flex',
              gap: 1,
              alignItems: 'center',
              borderBottom: 1,
              borderColor: 'divider',
              opacity: feed.works ? 1 : 0.7,
            }}
          >
            <Box sx={{ flex: 1, py: 0.5 }}>
              <b>{feed.name}</b> {say('screen.hours.feed-for', { reader: feed.reader })}
              <Box
                component="span"
                sx={{ display: 'block', fontSize: '0.9rem', color: 'text.secondary' }}
              >
                {feed.works
                  ? say('screen.hours.feed-until', { at: moment(feed.expiresAt) })
                  : say('screen.hours.feed-over')}
                {' · '}
                {feed.readAt === null
                  ? say('screen.hours.never-read')
                  : say('screen.hours.read-at', { at: moment(feed.readAt), count: feed.reads })}
              </Box>
            </Box>
            {feed.works && rules.mayShare && (
              <Button
                color="inherit"
                aria-label={say('screen.hours.revoke', { name: feed.name, reader: feed.reader })}
                onClick={() => revoke.mutate(feed.id)}
              >
                {say('screen.hours.take-away')}
              </Button>
            )}
          </Box>
        ))}
      </Box>
      {rules.mayShare && (
        <Box
          component="form"
          aria-label={say('screen.hours.give-feed')}
          sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}
          onSubmit={(event) => {
            event.preventDefault();
            give.mutate(undefined, { onSuccess: () => setTyped({ ...typed, reader: '' }) });
          }}
        >
          <TextField
            select
            id="feed-subject"
            label={say('screen.hours.feed-of')}
            required
            value={chosen ? typed.subject : ''}
            onChange={(event) => setTyped({ ...typed, subject: event.target.value })}
          >
            {subjects.map((one) => (
              <MenuItem key={one.id} value={one.id} sx={{ minHeight: 48 }}>
                {one.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            id="feed-reader"
            label={say('screen.hours.feed-reader')}
            required
            value={typed.reader}
            onChange={(event) => setTyped({ ...typed, reader: event.target.value })}
            slotProps={{ htmlInput: { minLength: 2, maxLength: 120 } }}
          />
          <TextField
            id="feed-days"
            label={say('screen.hours.feed-days')}
            type="number"
            required
            value={typed.days}
            onChange={(event) => setTyped({ ...typed, days: Number(event.target.value) })}
            slotProps={{ htmlInput: { min: 1, max: 366 } }}
          />
          <Button type="submit" variant="outlined" loading={give.isPending} sx={{ minHeight: 56 }}>
            {say('screen.hours.give-feed')}
          </Button>
          {give.isError && (
            <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
              {give.error.message}
            </Typography>
          )}
        </Box>
      )}
    </Box>
  );
}
