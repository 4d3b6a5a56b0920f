import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client } from '../../api/client';
import { useQuery } from '../../api/useQuery';
import { say } from '../../words/say';

/** The one thing to do now, for who asks; it is counted, and gone with the next line. */
export function AskAdvice({ run, version }: { run: string; version: number }) {
  const queries = useQueryClient();
  const [asked, setAsked] = useState<number | null>(null);
  const isNow = asked === version;
  const advice = useQuery({
    queryKey: ['advice', run, version],
    enabled: isNow,
    staleTime: Infinity,
    queryFn: async () => {
      const advised = await answer(
        client.POST('/api/practice/runs/{run}/ask', { params: { path: { run } } }),
      );
      void queries.invalidateQueries({ queryKey: ['exercise', run] });
      return advised;
    },
  });
  return (
    <Box sx={{ mb: 2, border: 1, borderColor: 'divider', p: 1.5 }} data-testid="advice">
      {isNow && advice.data ? (
        <>
          <Typography sx={{ fontWeight: 700 }} role="status">
            {advice.data.says}
          </Typography>
          {advice.data.why !== null && <Typography>{advice.data.why}</Typography>}
          <Typography variant="body2" color="text.secondary">
            {say('screen.bench.asked', { times: advice.data.asked })}
          </Typography>
        </>
      ) : (
        <Button
          variant="outlined"
          loading={isNow && advice.isPending}
          onClick={() => setAsked(version)}
        >
          {say('screen.bench.ask')}
        </Button>
      )}
    </Box>
  );
}
