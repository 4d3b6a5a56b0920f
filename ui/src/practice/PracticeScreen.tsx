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
import { say } from '../words/say';

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
    <Page title={say('screen.practice-screen.practice-cars')}>
      <Typography sx={{ maxWidth: 760, mb: 1 }}>
        {say('screen.practice-screen.each-simulated-car-with')}
      </Typography>
      <Button variant="outlined" component={Link} to="/practice/meter" sx={{ mb: 2 }}>
        {say('screen.try-meter')}
      </Button>
      {cars.isPending && <Typography>{say('screen.practice-screen.looking-them-up')}</Typography>}
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
              {say('screen.practice-screen.car', {
                number: car.id.replace('car-', ''),
                car: car.car,
              })}
            </Typography>
            <Typography sx={{ flex: 1 }}>
              {say('screen.practice-screen.done-it', { work: car.work.join(', ') })}
            </Typography>
            <Button
              variant="contained"
              loading={begin.isPending && begin.variables === car.id}
              onClick={() => begin.mutate(car.id)}
              sx={{ alignSelf: 'start' }}
            >
              {say('screen.practice-screen.take-this-car')}
              <span className="visually-hidden">: {car.id.replace('car-', '')}</span>
            </Button>
          </Box>
        ))}
      </Box>
    </Page>
  );
}
