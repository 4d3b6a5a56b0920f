import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { answer, client } from '../api/client';
import type { Practice } from '../api/types';
import { useQuery } from '../api/useQuery';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { say } from '../words/say';
import { FreeCar } from './FreeCar';
import { MyExercises } from './MyExercises';
import { Path } from './Path';
import { RubricTable } from './RubricTable';
import { SetToYou } from './SetToYou';
import { ShippedCars } from './ShippedCars';

/** Where somebody practises: the path, what was set to them, free cars, and how they have done. */
export function PracticeScreen() {
  const query = useQuery<Practice>({
    queryKey: ['practice'],
    queryFn: () => answer(client.GET('/api/practice')),
  });
  const found = query.data;
  return (
    <Page
      title={say('screen.top-bar.practice')}
      tools={
        <>
          {found?.trains && (
            <Button variant="outlined" component={Link} to="/practice/trainer">
              {say('screen.practice.trainer')}
            </Button>
          )}
          <Button variant="outlined" component={Link} to="/practice/meter">
            {say('screen.try-meter')}
          </Button>
        </>
      }
    >
      <Typography sx={{ maxWidth: 860, mb: 2 }}>{say('screen.practice.about')}</Typography>
      {query.isPending && <Skeleton variant="rectangular" height={320} />}
      {query.isError && (
        <TryAgain message={query.error.message} again={() => void query.refetch()} />
      )}
      {found && (
        <Box
          sx={{
            display: 'grid',
            gap: 3,
            alignItems: 'start',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 7fr) minmax(0, 4fr)' },
          }}
        >
          <Path practice={found} />
          <Box sx={{ display: 'grid', gap: 3, minWidth: 0 }}>
            <SetToYou practice={found} />
            <FreeCar practice={found} />
            <MyExercises runs={found.runs} />
            <RubricTable practice={found} />
            <ShippedCars practice={found} />
          </Box>
        </Box>
      )}
    </Page>
  );
}
