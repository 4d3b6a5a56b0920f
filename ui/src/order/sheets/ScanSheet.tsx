import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useRef } from 'react';
import { answer, client } from '../../api/client';
import { sendFile } from '../../api/sendFile';
import type { Order, SortedCode } from '../../api/types';
import { uuid7 } from '../../api/uuid7';
import { clock } from '../../format/length';
import { Sheet } from '../../workspace/sheets/Sheet';
import type { OrderFile } from '../useOrder';

const SORTS: [SortedCode['sort'], string][] = [
  ['blocking', 'Bars the run'],
  ['related', 'Related to a radar sensor'],
  ['unsorted', 'No rule speaks of it: look it up'],
  ['expected-before', 'Expected before a calibration'],
  ['unrelated', 'Unrelated'],
];

/** The pre-scan: read by the connected tool or taken from its file, and sorted by the shop's rules. */
export function ScanSheet({
  order,
  file,
  onStay,
}: {
  order: Order;
  file: OrderFile;
  /** What was read is looked at before the work goes on. */
  onStay: () => void;
}) {
  const took = (state: Order) => {
    onStay();
    file.took(state);
  };
  const input = useRef<HTMLInputElement>(null);
  const tool = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/repair-orders/{order}/tool-scans', {
          params: { path: { order: order.id } },
          body: { id: uuid7(), version: order.version, phase: 'pre' },
        }),
      ),
    onSuccess: took,
  });
  const upload = useMutation({
    mutationFn: (picked: File) =>
      sendFile<Order>(`/api/repair-orders/${order.id}/scans`, picked, {
        id: uuid7(),
        version: String(order.version),
        phase: 'pre',
        name: picked.name,
      }),
    onSuccess: took,
  });
  const scan = order.scans.find((known) => known.phase === 'pre');
  const failure = tool.error ?? upload.error;
  return (
    <>
      <Sheet
        title={scan ? 'Pre-scan' : 'Read the trouble codes before anything is cleared'}
        note={
          scan
            ? `${scan.tool}, read ${scan.readAt}, ${scan.origin === 'tool' ? 'by the connected tool' : `from ${scan.origin}`}. Taken in by ${scan.person}, ${clock(scan.at)}.${scan.voltage === null ? '' : ` Supply ${scan.voltage} V.`}`
            : 'They are kept as the tool gives them.'
        }
        testId="scan"
      >
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1.5 }}>
          <Button
            variant={scan ? 'outlined' : 'contained'}
            onClick={() => tool.mutate()}
            loading={tool.isPending}
          >
            {scan ? 'Scan again' : 'Scan with the tool'}
          </Button>
          <Button
            variant="outlined"
            onClick={() => input.current?.click()}
            loading={upload.isPending}
          >
            From a file (JSON or CSV)
          </Button>
          <input
            ref={input}
            type="file"
            accept=".json,.csv,text/csv,application/json"
            hidden
            data-testid="scan-input"
            onChange={(event) => {
              const picked = event.target.files?.[0];
              if (picked) {
                upload.mutate(picked);
              }
              event.target.value = '';
            }}
          />
        </Box>
        {failure && (
          <Typography role="alert" color="error" sx={{ mt: 1 }}>
            {failure.message}
          </Typography>
        )}
      </Sheet>
      {scan && scan.codes.length === 0 && <Typography>No trouble code is stored.</Typography>}
      {scan &&
        SORTS.map(([sort, words]) => {
          const codes = scan.codes.filter((code) => code.sort === sort);
          return codes.length === 0 ? null : (
            <Box key={sort} component="section" sx={{ mb: 2 }} data-testid={`codes-${sort}`}>
              <Typography
                variant="h3"
                sx={{ color: sort === 'blocking' ? 'verdict.out' : 'text.primary' }}
              >
                {words}
              </Typography>
              {codes.map((code, i) => (
                <Box
                  key={i}
                  sx={{
                    borderBottom: 1,
                    borderColor: 'divider',
                    py: 0.75,
                    overflowWrap: 'anywhere',
                  }}
                >
                  <b>{code.code}</b> {code.unit}
                  {code.text !== '' && `: ${code.text}`}
                  {code.status !== '' && ` (${code.status})`}
                  <Typography variant="body2" color="text.secondary">
                    {code.why}
                  </Typography>
                </Box>
              ))}
            </Box>
          );
        })}
    </>
  );
}
