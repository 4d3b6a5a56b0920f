import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { answer, client } from '../../api/client';
import { sendFile } from '../../api/sendFile';
import type { Order, SortedCode } from '../../api/types';
import { uuid7 } from '../../api/uuid7';
import { clock, moment } from '../../words/moments';
import { Sheet } from '../../sheet/Sheet';
import { TypedCodes, type TypedScan } from '../parts/TypedCodes';
import type { OrderFile } from '../parts/useOrder';
import { say, type Code } from '../../words/say';

const SORTS: [SortedCode['sort'], Code][] = [
  ['blocking', 'screen.scan-sheet.bars-run'],
  ['related', 'screen.scan-sheet.related-radar-sensor'],
  ['unsorted', 'screen.scan-sheet.no-rule-speaks-it'],
  ['expected-before', 'screen.scan-sheet.expected-before-calibration'],
  ['unrelated', 'screen.scan-sheet.unrelated'],
];

const TITLES = { pre: 'screen.pre-scan', post: 'screen.post-scan' } as const;

const FATES = [
  ['cleared', 'screen.scan-sheet.cleared-since-pre-scan'],
  ['remain', 'screen.scan-sheet.remain'],
  ['came', 'screen.scan-sheet.came-since-run-or'],
] as const;

/** The pre-scan, or the one after the work against it: read by the connected tool or taken from its file. */
export function ScanSheet({
  order,
  file,
  phase,
  onStay,
}: {
  order: Order;
  file: OrderFile;
  phase: 'pre' | 'post';
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
          body: { id: uuid7(), version: order.version, phase },
        }),
      ),
    onSuccess: took,
  });
  const upload = useMutation({
    mutationFn: (picked: File) =>
      sendFile<Order>(`/api/repair-orders/${order.id}/scans`, picked, {
        id: uuid7(),
        version: String(order.version),
        phase,
        name: picked.name,
      }),
    onSuccess: took,
  });
  const type = useMutation({
    mutationFn: (scan: TypedScan) =>
      sendFile<Order>(
        `/api/repair-orders/${order.id}/scans`,
        new Blob([JSON.stringify(scan)], { type: 'application/json' }),
        { id: uuid7(), version: String(order.version), phase, name: 'typed' },
      ),
    onSuccess: (state) => {
      setTyping(false);
      sessionStorage.removeItem(`lumbro-kept-codes-${order.id}-${phase}`);
      took(state);
    },
  });
  const scan = order.scans.find((known) => known.phase === phase);
  const failure = tool.error ?? upload.error ?? type.error;
  const [asked, setTyping] = useState<boolean | null>(null);
  const typing = asked ?? (!order.codeReader && scan === undefined);
  return (
    <>
      <Sheet
        title={
          scan
            ? say(TITLES[phase])
            : phase === 'pre'
              ? say('screen.scan-sheet.read-trouble-codes-before')
              : say('screen.scan-sheet.read-trouble-codes-again')
        }
        note={
          scan
            ? say('screen.scan-sheet.read-taken-in-by', {
                tool: scan.tool,
                readAt: /^\d{4}-\d\d-\d\dT[\d:.]+Z$/.test(scan.readAt)
                  ? moment(scan.readAt)
                  : scan.readAt,
                origin:
                  scan.origin === 'tool'
                    ? say('screen.scan-sheet.by-connected-tool')
                    : scan.origin === 'typed'
                      ? say('screen.scan-sheet.typed')
                      : say('screen.scan-sheet.from', { origin: scan.origin }),
                person: scan.person,
                at: clock(scan.at),
                voltage:
                  scan.voltage === null
                    ? ''
                    : ` ${say('screen.scan-sheet.supply-v', { voltage: scan.voltage })}`,
              })
            : say('screen.scan-sheet.they-are-kept-as')
        }
        testId="scan"
      >
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1.5 }}>
          {order.codeReader && (
            <Button
              variant={scan ? 'outlined' : 'contained'}
              onClick={() => tool.mutate()}
              loading={tool.isPending}
            >
              {scan ? say('screen.scan-sheet.scan-again') : say('screen.scan-sheet.scan-with-tool')}
            </Button>
          )}
          {!typing && (
            <Button variant="outlined" onClick={() => setTyping(true)}>
              {scan ? say('screen.scan-sheet.type-again') : say('screen.scan-sheet.type')}
            </Button>
          )}
          <Button
            variant="outlined"
            onClick={() => input.current?.click()}
            loading={upload.isPending}
          >
            {say('screen.scan-sheet.from-file-json-or')}
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
      {typing && (
        <TypedCodes
          name={`${order.id}-${phase}`}
          busy={type.isPending}
          onTake={(typed) => type.mutate(typed)}
        />
      )}
      {phase === 'post' && order.comparison && <Compared comparison={order.comparison} />}
      {scan && scan.codes.length === 0 && (
        <Typography>{say('screen.scan-sheet.no-trouble-code-stored')}</Typography>
      )}
      {scan &&
        SORTS.map(([sort, words]) => {
          const codes = scan.codes.filter((code) => code.sort === sort);
          return codes.length === 0 ? null : (
            <Box key={sort} component="section" sx={{ mb: 2 }} data-testid={`codes-${sort}`}>
              <Typography
                variant="h3"
                sx={{ color: sort === 'blocking' ? 'verdict.out' : 'text.primary' }}
              >
                {say(words)}
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

/** What became of the codes. */
function Compared({ comparison }: { comparison: NonNullable<Order['comparison']> }) {
  return (
    <Box sx={{ mb: 2 }} data-testid="comparison">
      {FATES.map(([fate, words]) => (
        <Typography
          key={fate}
          sx={{ color: fate === 'came' && comparison.came.length > 0 ? 'verdict.out' : undefined }}
        >
          <b>{say(words)}:</b>{' '}
          {comparison[fate].length === 0
            ? say('screen.scan-sheet.none')
            : comparison[fate]
                .map((code) => say('screen.scan-sheet.in', { code: code.code, unit: code.unit }))
                .join(', ')}
        </Typography>
      ))}
    </Box>
  );
}
