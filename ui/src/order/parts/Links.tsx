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

const when = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

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
    <Box component="section" aria-label="Links for outside readers" sx={{ mb: 3 }}>
      <Typography variant="h3" sx={{ mb: 1 }}>
        Links for outside readers
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
            label="Who is to read it"
            required
            value={reader}
            onChange={(event) => setReader(event.target.value)}
            slotProps={{ htmlInput: { minLength: 2, maxLength: 120 } }}
          />
          <TextField
            id="link-days"
            label="Days"
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
            Link to the {REPORTS[kind].toLowerCase()}’s report
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
          <Typography sx={{ fontWeight: 700 }}>Told once. Copy it now.</Typography>
          <Typography data-testid="link-address" sx={{ overflowWrap: 'anywhere', my: 1 }}>
            {window.location.origin + address}
          </Typography>
          <Button
            variant="contained"
            onClick={() => void navigator.clipboard.writeText(window.location.origin + address)}
          >
            Copy
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
        <Typography color="text.secondary">None was given.</Typography>
      )}
      {links.data?.links.map((link) => (
        <Box key={link.id} sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
          <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
            <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
              <b>{link.reader}</b>: {REPORTS[link.kind].toLowerCase()}’s report
              <Typography variant="body2" color="text.secondary">
                {link.revokedAt
                  ? `Taken back by ${link.revokedBy}, ${when(link.revokedAt)}`
                  : link.works
                    ? `Until ${when(link.expiresAt)}`
                    : `Ran out ${when(link.expiresAt)}`}
                . Given by {link.person}.{' '}
                {link.visits.length === 0
                  ? 'Not opened.'
                  : `Opened ${link.visits.length === 20 ? '20 times or more' : link.visits.length === 1 ? 'once' : `${link.visits.length} times`}, last ${when(link.visits[0]!.at)} from ${link.visits[0]!.address}.`}
              </Typography>
            </Box>
            {link.works && may('share') && (
              <Button
                color="inherit"
                onClick={() => revoke.mutate(link.id)}
                aria-label={`Take back the link of ${link.reader}`}
              >
                Take back
              </Button>
            )}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
