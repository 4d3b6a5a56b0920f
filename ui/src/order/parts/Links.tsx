import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useQuery } from '../../api/useQuery';
import { answer, client } from '../../api/client';
import type { Links as LinksOf } from '../../api/types';
import { uuid7 } from '../../api/uuid7';
import { useMay } from '../../session/usePerson';
import { REPORTS, type ReportKind } from './ReportView';
import { moment } from '../../words/moments';
import { say } from '../../words/say';

/** Links for outside readers: one report, some days, taken back at any time; each visit is kept. */
export function Links({ order, kind }: { order: string; kind: ReportKind }) {
  const may = useMay();
  const queries = useQueryClient();
  const [reader, setReader] = useState('');
  const [days, setDays] = useState('14');
  const path = { params: { path: { order } } };
  const links = useQuery({
    queryKey: ['links', order],
    queryFn: () => answer(client.GET('/api/repair-orders/{order}/links', path)),
  });
  const took = (found: LinksOf) => queries.setQueryData(['links', order], found);
  const give = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/repair-orders/{order}/links', {
          ...path,
          body: { id: uuid7(), version: 0, kind, reader: reader.trim(), days: Number(days) },
        }),
      ),
    onSuccess: (found) => {
      took(found);
      setReader('');
    },
  });
  const revoke = useMutation({
    mutationFn: (link: string) =>
      answer(
        client.POST('/api/repair-orders/{order}/links/{link}/revoke', {
          params: { path: { order, link } },
          body: { id: uuid7(), version: 0 },
        }),
      ),
    onSuccess: took,
  });
  const address = give.data?.address;
  return (
    <Box
      component="section"
      aria-label={say('screen.links.links-for-outside-readers')}
      sx={{ mb: 3 }}
    >
      <Typography variant="h3" sx={{ mb: 1 }}>
        {say('screen.links.links-for-outside-readers')}
      </Typography>
      {may('share') && (
        <Box
          component="form"
          sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 92px', gap: 1, mb: 1.5 }}
          onSubmit={(event) => {
            event.preventDefault();
            give.mutate();
          }}
        >
          <TextField
            id="link-reader"
            label={say('screen.links.who-read-it')}
            required
            value={reader}
            onChange={(event) => setReader(event.target.value)}
            slotProps={{ htmlInput: { minLength: 2, maxLength: 120 } }}
          />
          <TextField
            id="link-days"
            label={say('screen.links.days')}
            required
            value={days}
            onChange={(event) => setDays(event.target.value)}
            slotProps={{ htmlInput: { inputMode: 'numeric', pattern: '[0-9]{1,3}' } }}
          />
          <Button
            type="submit"
            variant="outlined"
            loading={give.isPending}
            sx={{ gridColumn: '1 / 3' }}
          >
            {say('screen.links.link-s-report', { reader: say(REPORTS[kind]).toLowerCase() })}
          </Button>
        </Box>
      )}
      {address && (
        <Box
          sx={{
            bgcolor: 'background.paper',
            border: 2,
            borderColor: 'primary.main',
            p: 1.5,
            mb: 1,
          }}
          role="status"
        >
          <Typography sx={{ fontWeight: 700 }}>{say('screen.links.told-once-copy-it')}</Typography>
          <Typography data-testid="link-address" sx={{ overflowWrap: 'anywhere', my: 1 }}>
            {window.location.origin + address}
          </Typography>
          <Button
            variant="contained"
            onClick={() => void navigator.clipboard.writeText(window.location.origin + address)}
          >
            {say('screen.links.copy')}
          </Button>
        </Box>
      )}
      {[give.error, revoke.error, links.error].map(
        (error, i) =>
          error && (
            <Typography key={i} role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
              {error.message}
            </Typography>
          ),
      )}
      {links.data?.links.length === 0 && (
        <Typography color="text.secondary">{say('screen.links.none-was-given')}</Typography>
      )}
      {links.data?.links.map((link) => (
        <Box key={link.id} sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
          <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
            <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
              <b>{link.reader}</b>
              {say('screen.links.s-report', { reader: say(REPORTS[link.kind]).toLowerCase() })}
              <Typography variant="body2" color="text.secondary">
                {say('screen.links.given-by', {
                  state: link.revokedAt
                    ? say('screen.links.taken-back-by', {
                        revokedBy: link.revokedBy,
                        revokedAt: moment(link.revokedAt),
                      })
                    : link.works
                      ? say('screen.links.until', { expiresAt: moment(link.expiresAt) })
                      : say('screen.links.ran-out', { expiresAt: moment(link.expiresAt) }),
                  person: link.person,
                  visits:
                    link.visits.length === 0
                      ? say('screen.links.not-opened')
                      : say('screen.links.opened-last-from', {
                          times: link.visits.length,
                          at: moment(link.visits[0]!.at),
                          address: link.visits[0]!.address,
                        }),
                })}
              </Typography>
            </Box>
            {link.works && may('share') && (
              <Button
                color="inherit"
                onClick={() => revoke.mutate(link.id)}
                aria-label={say('screen.links.take-back-link', { reader: link.reader })}
              >
                {say('screen.take-back')}
              </Button>
            )}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
