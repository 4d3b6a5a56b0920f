import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';
import { FileLinks } from '../registers/FileLinks';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { say } from '../words/say';

/** The cars the shop knows: make, model and years as it writes them, and how much of each is known. */
export function VehiclesScreen() {
  const [search, setSearch] = useState('');
  const [page, setPage] = useState(0);
  const list = useQuery({
    queryKey: ['vehicles', search, page],
    queryFn: () =>
      answer(
        client.GET('/api/vehicles', {
          params: { query: { page: String(page), ...(search.trim() === '' ? {} : { search }) } },
        }),
      ),
    placeholderData: keepPreviousData,
  });
  const data = list.data;
  const pages = data ? Math.ceil(data.count / data.page) : 0;
  return (
    <Page title={say('screen.vehicles.title')}>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mb: 2, alignItems: 'center' }}>
        <TextField
          id="search"
          label={say('screen.vehicles.find')}
          type="search"
          value={search}
          onChange={(event) => {
            setSearch(event.target.value);
            setPage(0);
          }}
          sx={{ flex: 1, minWidth: 240, bgcolor: 'background.paper' }}
        />
        <FileLinks register="vehicles" mayEdit={data?.mayEdit === true} />
      </Box>
      {list.isPending && <Skeleton variant="rectangular" height={280} />}
      {list.isError && <TryAgain message={list.error.message} again={() => void list.refetch()} />}
      {data && (
        <Typography color="text.secondary" sx={{ mb: 1.5 }} aria-live="polite">
          {say('screen.vehicles.count', { count: data.count })}
        </Typography>
      )}
      {data?.vehicles.length === 0 && (
        <p>
          {search === ''
            ? say('screen.vehicles.none')
            : say('screen.vehicles.not-found', { search })}
        </p>
      )}
      <Box
        component="ul"
        sx={{ listStyle: 'none', p: 0, m: 0 }}
        aria-label={say('screen.vehicles.title')}
      >
        {data?.vehicles.map((car) => (
          <Box component="li" key={car.family} sx={{ mb: 1 }}>
            <Button
              component={Link}
              to={`/vehicles/${car.family}`}
              color="inherit"
              fullWidth
              sx={{
                justifyContent: 'space-between',
                textAlign: 'left',
                bgcolor: 'background.paper',
                border: 1,
                borderColor: 'divider',
                gap: 2,
                px: 2,
                minHeight: 72,
              }}
            >
              <Box component="span" sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
                <b>{car.name}</b>
                <Box component="span" sx={{ display: 'block', fontWeight: 400 }}>
                  {car.sensors.join(', ')}
                </Box>
              </Box>
              <Box component="span" sx={{ flexShrink: 0, textAlign: 'right', fontWeight: 400 }}>
                {say('screen.vehicles.version', { version: car.version })}
                <Box component="span" sx={{ display: 'block', color: 'text.secondary' }}>
                  {!car.grown
                    ? say('screen.vehicles.whole')
                    : car.unknown === 0
                      ? say('screen.vehicles.all-known')
                      : say('screen.vehicles.unknown', { count: car.unknown })}
                </Box>
              </Box>
            </Button>
          </Box>
        ))}
      </Box>
      {pages > 1 && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <Button disabled={page === 0} onClick={() => setPage(page - 1)} variant="outlined">
            {say('screen.vehicles.before')}
          </Button>
          <Typography>{say('screen.vehicles.page', { page: page + 1, pages })}</Typography>
          <Button disabled={page + 1 >= pages} onClick={() => setPage(page + 1)} variant="outlined">
            {say('screen.vehicles.after')}
          </Button>
        </Box>
      )}
    </Page>
  );
}
