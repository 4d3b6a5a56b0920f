import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { useQuery } from '../api/useQuery';
import { answer, client } from '../api/client';
import { uuid7 } from '../api/uuid7';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';

/** Simulated cars: each hides a fault or none, and is worked on like any other. */
export function PracticeScreen() {
  const navigate = useNavigate();
  const cars = useQuery({
    queryKey: ['practice'],
    queryFn: () => answer(client.GET('/api/practice')),
  });
  const begin = useMutation({
    mutationFn: (scenario: string) =>
      answer(client.POST('/api/practice', { body: { id: uuid7(), scenario } })),
    onSuccess: ({ task }) => navigate(`/tasks/${task}`),
  });
  return (
    <Page title="Practice cars">
      <Typography sx={{ maxWidth: 760, mb: 1 }}>
        Each is a simulated car with a truth that only its readings tell. It is worked on like any
        other, from the preparation to the seal, and marked as practice throughout.
      </Typography>
      <Button variant="outlined" component={Link} to="/practice/meter" sx={{ mb: 2 }}>
        Try a meter
      </Button>
      {cars.isPending && <Typography>Looking them up</Typography>}
      {cars.isError && <TryAgain message={cars.error.message} again={() => void cars.refetch()} />}
      {begin.isError && <Typography role="alert">{begin.error.message}</Typography>}
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(330px, 1fr))',
          gap: 2,
        }}
        data-testid="practice-cars"
      >
        {cars.data?.cars.map((car) => (
          <Box
            component="li"
            key={car.id}
            sx={{
              bgcolor: 'background.paper',
              border: 1,
              borderColor: 'divider',
              p: 2,
              display: 'flex',
              flexDirection: 'column',
              gap: 1,
            }}
          >
            <Typography variant="h3" component="h2">
              {car.id.replace('car-', 'Car ')}: {car.car}
            </Typography>
            <Typography sx={{ flex: 1 }}>Done to it: {car.work.join(', ')}.</Typography>
            <Button
              variant="contained"
              loading={begin.isPending && begin.variables === car.id}
              onClick={() => begin.mutate(car.id)}
              sx={{ alignSelf: 'start' }}
            >
              Take this car<span className="visually-hidden">: {car.id}</span>
            </Button>
          </Box>
        ))}
      </Box>
    </Page>
  );
}
