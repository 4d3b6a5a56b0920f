import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, client } from '../../api/client';
import type { Trainer } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { uuid7 } from '../../api/uuid7';
import { FileButton } from '../../shell/FileButton';
import { TryAgain } from '../../shell/Opening';
import { Page } from '../../shell/Page';
import { say } from '../../words/say';
import { Cars } from './Cars';
import { OverTime } from './OverTime';
import { Mistakes } from './Mistakes';
import { Scores } from './Scores';
import { Watched } from './Watched';

/** The trainer's side: who is at which call, the shop's own cars and to whom they are set, and how people come on. */
export function TrainerScreen() {
  const queries = useQueryClient();
  const query = useQuery<Trainer>({
    queryKey: ['trainer'],
    queryFn: () => answer(client.GET('/api/practice/trainer')),
    refetchInterval: 5_000,
  });
  const take = useMutation({
    mutationFn: async (file: File) =>
      answer(
        client.POST('/api/practice/trainer/cars', {
          body: { id: uuid7(), car: JSON.parse(await file.text()) as Record<string, unknown> },
        }),
      ),
    onSuccess: (page) => queries.setQueryData(['trainer'], page),
  });
  const found = query.data;
  return (
    <Page
      title={say('screen.practice.trainer')}
      tools={
        <>
          <Button variant="contained" component={Link} to="/practice/trainer/cars/new">
            {say('screen.trainer.make')}
          </Button>
          <FileButton
            accept="application/json,.json"
            testId="car-file"
            busy={take.isPending}
            onFile={(file) => take.mutate(file)}
          >
            {say('screen.trainer.take-in')}
          </FileButton>
          <Button variant="outlined" component={Link} to="/practice">
            {say('screen.top-bar.practice')}
          </Button>
        </>
      }
    >
      {take.isError && (
        <Typography role="alert" color="error">
          {take.error instanceof SyntaxError ? say('screen.trainer.no-json') : take.error.message}
        </Typography>
      )}
      {query.isPending && <Skeleton variant="rectangular" height={320} />}
      {query.isError && (
        <TryAgain message={query.error.message} again={() => void query.refetch()} />
      )}
      {found && (
        <Box sx={{ display: 'grid', gap: 3 }}>
          <Watched trainer={found} />
          <Cars trainer={found} />
          <OverTime trainer={found} />
          <Box
            sx={{
              display: 'grid',
              gap: 3,
              alignItems: 'start',
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' },
            }}
          >
            <Scores trainer={found} />
            <Mistakes trainer={found} />
          </Box>
        </Box>
      )}
    </Page>
  );
}
