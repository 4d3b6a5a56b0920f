import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Practice } from '../api/types';
import { say } from '../words/say';
import { HelpPick } from './HelpPick';
import { useBegin, type Help } from './useBegin';

/** Twelve cars that are the same for everybody, for whoever wants to compare. */
export function ShippedCars({ practice }: { practice: Practice }) {
  const begin = useBegin();
  const [help, setHelp] = useState<Help>('guided');
  return (
    <Box component="section" aria-labelledby="shipped">
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2" id="shipped" sx={{ flex: 1 }}>
          {say('screen.practice.shipped')}
        </Typography>
        <HelpPick id="shipped-help" helps={practice.helps} help={help} onPick={setHelp} />
      </Box>
      {begin.isError && <Typography role="alert">{begin.error.message}</Typography>}
      <Box
        component="ul"
        data-testid="practice-cars"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 0.5 }}
      >
        {practice.cars.map((car) => (
          <Box
            component="li"
            key={car.id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 1,
              bgcolor: 'background.paper',
              border: 1,
              borderColor: 'divider',
              pl: 1.5,
            }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Typography sx={{ fontWeight: 700 }}>
                {say('screen.practice-screen.car', {
                  number: car.id.replace('car-', ''),
                  car: car.car,
                })}
              </Typography>
              <Typography variant="body2" color="text.secondary">
                {say('screen.practice-screen.done-it', { work: car.work.join(', ') })}
              </Typography>
            </Box>
            <Button
              loading={begin.isPending && begin.variables?.scenario === car.id}
              onClick={() => begin.mutate({ scenario: car.id, help })}
            >
              {say('screen.practice-screen.take-this-car')}
              <span className="visually-hidden">: {car.id.replace('car-', '')}</span>
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
