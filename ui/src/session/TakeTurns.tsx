import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';
import { say } from '../words/say';
import { useArrived } from './usePerson';

/** Those who use this device in turns: a name, a PIN. Nothing where nobody has one here. */
export function TakeTurns() {
  const arrived = useArrived();
  const [chosen, setChosen] = useState<{ id: string; name: string } | null>(null);
  const [pin, setPin] = useState('');
  const people = useQuery({
    queryKey: ['turns'],
    queryFn: () => answer(client.GET('/api/session/turns')),
    staleTime: 0,
  });
  const take = useMutation({
    mutationFn: async (person: string) => {
      await answer(client.GET('/api/csrf'));
      return answer(client.POST('/api/session/turns', { body: { person, pin } }));
    },
    onSuccess: arrived,
    onError: () => {
      setPin('');
      void people.refetch();
    },
  });
  const here = people.data?.people ?? [];
  if (here.length === 0) {
    return null;
  }
  return (
    <Paper
      component="form"
      variant="outlined"
      sx={{ p: 3, display: 'grid', gap: 1.5 }}
      data-testid="turns"
      onSubmit={(event) => {
        event.preventDefault();
        if (chosen) {
          take.mutate(chosen.id);
        }
      }}
    >
      <Typography variant="h2">{say('screen.take-turns.who')}</Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {here.map((person) => (
          <Button
            key={person.id}
            variant={person.id === chosen?.id ? 'contained' : 'outlined'}
            aria-pressed={person.id === chosen?.id}
            onClick={() => {
              setChosen(person);
              take.reset();
            }}
            sx={{ minHeight: 56 }}
          >
            {person.name}
          </Button>
        ))}
      </Box>
      {chosen && (
        <>
          <TextField
            key={chosen.id}
            id="pin"
            label={say('screen.take-turns.pin', { name: chosen.name })}
            type="password"
            autoComplete="off"
            autoFocus
            required
            value={pin}
            onChange={(event) => setPin(event.target.value)}
            error={take.isError}
            helperText={take.error?.message}
            slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 10 } }}
          />
          <Button type="submit" variant="contained" loading={take.isPending}>
            {say('screen.take-turns.take-over')}
          </Button>
        </>
      )}
    </Paper>
  );
}
