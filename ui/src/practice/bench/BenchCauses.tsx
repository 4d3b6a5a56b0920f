import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { answer, client } from '../../api/client';
import type { Bench, CauseId } from '../../api/types';
import { say } from '../../words/say';
import type { BenchFile } from './useBench';

/** What a failed run or an odd reading may come from; any of it can be looked into at any time. */
export function BenchCauses({ bench, file, run }: { bench: Bench; file: BenchFile; run: string }) {
  const look = useMutation({
    mutationFn: async (cause: CauseId) => ({
      cause,
      ...(await answer(
        client.GET('/api/practice/runs/{run}/look/{cause}', { params: { path: { run, cause } } }),
      )),
    }),
    onSuccess: ({ cause, found }) =>
      file.write({
        kind: 'check',
        payload: { cause, found, ...(found ? { note: say('screen.bench.found-note') } : {}) },
      }),
  });
  return (
    <Box data-testid="bench-causes">
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {say('screen.bench.causes-note')}
      </Typography>
      {bench.causes.map((cause) => (
        <Box
          key={cause.id}
          data-testid={`cause-${cause.id}`}
          sx={{
            display: 'flex',
            gap: 1,
            alignItems: 'center',
            justifyContent: 'space-between',
            borderTop: 1,
            borderColor: 'divider',
            minHeight: 52,
          }}
        >
          <Box>
            <Typography>{cause.title}</Typography>
            <Typography variant="body2" sx={{ fontWeight: 700 }} role="status">
              {cause.found === null
                ? ''
                : cause.found
                  ? say('screen.bench.found')
                  : say('screen.bench.not-found')}
            </Typography>
          </Box>
          <Button
            variant="outlined"
            disabled={file.isWriting}
            loading={look.isPending && look.variables === cause.id}
            onClick={() => look.mutate(cause.id as CauseId)}
            sx={{ flexShrink: 0 }}
          >
            {say('screen.bench.look')}
            <span className="visually-hidden">: {cause.title}</span>
          </Button>
        </Box>
      ))}
    </Box>
  );
}
