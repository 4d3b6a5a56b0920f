import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';
import { say } from '../words/say';

/** Two sheets that are one car: this one goes into another, and its orders keep the version they have. */
export function MergeForm({
  family,
  name,
  onMerged,
}: {
  family: string;
  name: string;
  onMerged: (into: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const [search, setSearch] = useState('');
  const found = useQuery({
    queryKey: ['vehicles', search, 0],
    queryFn: () =>
      answer(client.GET('/api/vehicles', { params: { query: { search, page: '0' } } })),
    enabled: open && search.trim().length > 1,
  });
  const merge = useMutation({
    mutationFn: (into: string) =>
      answer(
        client.POST('/api/vehicles/{family}/merge', {
          params: { path: { family } },
          body: { id: uuid7(), version: 0, into },
        }),
      ),
    onSuccess: (page) => onMerged(page.family),
  });
  if (!open) {
    return (
      <Button
        variant="outlined"
        color="inherit"
        onClick={() => setOpen(true)}
        sx={{ mt: 2, mr: 1 }}
      >
        {say('screen.vehicle.merge')}
      </Button>
    );
  }
  return (
    <Box component="section" sx={{ mt: 2, border: 1, borderColor: 'divider', p: 2 }}>
      <Typography variant="h3">{say('screen.vehicle.merge-into', { name })}</Typography>
      <TextField
        id="merge-search"
        label={say('screen.vehicles.find')}
        value={search}
        fullWidth
        autoFocus
        margin="dense"
        onChange={(event) => setSearch(event.target.value)}
      />
      {found.data?.vehicles
        .filter((car) => car.family !== family)
        .map((car) => (
          <Button
            key={car.family}
            variant="outlined"
            fullWidth
            loading={merge.isPending}
            onClick={() => merge.mutate(car.family)}
            sx={{ mt: 1, minHeight: 48 }}
          >
            {say('screen.vehicle.into', { name: car.name })}
          </Button>
        ))}
      {merge.error && <Alert severity="error">{merge.error.message}</Alert>}
      <Button color="inherit" onClick={() => setOpen(false)} sx={{ mt: 1 }}>
        {say('screen.leave-it')}
      </Button>
    </Box>
  );
}
