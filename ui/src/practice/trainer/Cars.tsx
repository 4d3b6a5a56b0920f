import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, client } from '../../api/client';
import type { Trainer } from '../../api/types';
import { say } from '../../words/say';
import { HelpPick } from '../HelpPick';
import { TickList } from '../TickList';
import type { Help } from '../useBegin';

/** The shop's own cars: what is wrong with each, and to whom it is set. */
export function Cars({ trainer }: { trainer: Trainer }) {
  return (
    <Box component="section" aria-labelledby="own-cars" data-testid="own-cars">
      <Typography variant="h2" id="own-cars">
        {say('screen.trainer.cars')}
      </Typography>
      {trainer.cars.length === 0 && (
        <Typography color="text.secondary">{say('screen.trainer.no-cars')}</Typography>
      )}
      {trainer.cars.map((car) => (
        <Car key={car.id} car={car} trainer={trainer} />
      ))}
    </Box>
  );
}

function Car({ car, trainer }: { car: Trainer['cars'][number]; trainer: Trainer }) {
  const queries = useQueryClient();
  const [setting, setSetting] = useState(false);
  const away = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/practice/trainer/cars/{car}/put-away', {
          params: { path: { car: car.id } },
        }),
      ),
    onSuccess: (page) => queries.setQueryData(['trainer'], page),
  });
  return (
    <Box sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', p: 1.5, mb: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <Box sx={{ flex: '1 1 320px', minWidth: 0 }}>
          <Typography variant="h3">{car.title}</Typography>
          <Typography variant="body2" color="text.secondary">
            {car.car}
          </Typography>
          <Typography variant="body2">
            {car.faults.length === 0 ? say('screen.trainer.nothing-wrong') : car.faults.join('; ')}
          </Typography>
        </Box>
        <Button variant="contained" onClick={() => setSetting(!setting)} aria-expanded={setting}>
          {say('screen.trainer.set')}
          <span className="visually-hidden">: {car.title}</span>
        </Button>
        <Button variant="outlined" component={Link} to={`/practice/trainer/cars/${car.id}`}>
          {say('screen.trainer.look')}
          <span className="visually-hidden">: {car.title}</span>
        </Button>
        <Button variant="outlined" component={Link} to={`/practice/trainer/cars/${car.id}/sheet`}>
          {say('screen.trainer.bay-sheet')}
          <span className="visually-hidden">: {car.title}</span>
        </Button>
        <Button component="a" href={`/api/practice/trainer/cars/${car.id}/export`} download>
          {say('screen.trainer.give-out')}
          <span className="visually-hidden">: {car.title}</span>
        </Button>
        <Button color="inherit" loading={away.isPending} onClick={() => away.mutate()}>
          {say('screen.trainer.put-away')}
          <span className="visually-hidden">: {car.title}</span>
        </Button>
      </Box>
      {car.set.length > 0 && (
        <Typography variant="body2" sx={{ mt: 1 }}>
          {car.set
            .map((set) =>
              say('screen.trainer.is-set', {
                person: set.person,
                help: say(`screen.help.${set.help}`),
                state: set.state,
              }),
            )
            .join(' · ')}
        </Typography>
      )}
      {away.isError && <Typography role="alert">{away.error.message}</Typography>}
      {setting && <SetForm car={car} trainer={trainer} onDone={() => setSetting(false)} />}
    </Box>
  );
}

function SetForm({
  car,
  trainer,
  onDone,
}: {
  car: Trainer['cars'][number];
  trainer: Trainer;
  onDone: () => void;
}) {
  const queries = useQueryClient();
  const [people, setPeople] = useState<string[]>([]);
  const [help, setHelp] = useState<Help>('guided');
  const set = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/practice/trainer/cars/{car}/set', {
          params: { path: { car: car.id } },
          body: { people, help },
        }),
      ),
    onSuccess: (page) => {
      queries.setQueryData(['trainer'], page);
      onDone();
    },
  });
  return (
    <Box
      component="form"
      sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center', mt: 1 }}
      onSubmit={(event) => {
        event.preventDefault();
        if (people.length > 0) {
          set.mutate();
        }
      }}
    >
      <Box
        role="group"
        aria-label={say('screen.trainer.to-whom')}
        sx={{ display: 'flex', flexWrap: 'wrap' }}
      >
        <TickList
          things={trainer.people.map((person) => ({ id: person.id, says: person.name }))}
          ticked={people}
          onTick={setPeople}
        />
      </Box>
      <HelpPick id={`set-help-${car.id}`} helps={trainer.helps} help={help} onPick={setHelp} />
      <Button
        type="submit"
        variant="contained"
        disabled={people.length === 0}
        loading={set.isPending}
      >
        {say('screen.trainer.set-it')}
      </Button>
      {set.isError && <Typography role="alert">{set.error.message}</Typography>}
    </Box>
  );
}
