import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, useParams } from 'react-router';
import { answer, client } from '../../api/client';
import type { PracticeCar } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { Opening } from '../../shell/Opening';
import { Page } from '../../shell/Page';
import { say } from '../../words/say';
import { TruthPlan } from '../exercise/TruthPlan';
import { Maker } from './Maker';
import { WhatItHas } from './WhatItHas';

/** A car that is being made, or one of the shop's with its truth. */
export function CarScreen() {
  const { car = '' } = useParams();
  return car === 'new' ? <Maker /> : <Made car={car} />;
}

function Made({ car }: { car: string }) {
  const query = useQuery<PracticeCar>({
    queryKey: ['practice-car', car],
    queryFn: () =>
      answer(client.GET('/api/practice/trainer/cars/{car}', { params: { path: { car } } })),
  });
  if (!query.data) {
    return <Opening query={query} what={say('screen.maker.car')} />;
  }
  const made = query.data;
  const title = typeof made.car['title'] === 'string' ? made.car['title'] : '';
  const teaches = typeof made.car['teaches'] === 'string' ? made.car['teaches'] : '';
  return (
    <Page
      title={title}
      tools={
        <>
          <Button variant="outlined" component={Link} to="/practice/trainer">
            {say('screen.practice.trainer')}
          </Button>
          {made.order === null && (
            <Button variant="outlined" component={Link} to={`/practice/trainer/cars/${car}/sheet`}>
              {say('screen.trainer.bay-sheet')}
            </Button>
          )}
        </>
      }
    >
      <Typography sx={{ mb: 1 }}>{teaches}</Typography>
      {made.order === null && (
        <Box sx={{ position: 'relative', height: 380, mb: 2 }}>
          <TruthPlan plan={made.plan} places={made.places} />
        </Box>
      )}
      <Typography variant="h2">{say('screen.reckoning.what-was-wrong')}</Typography>
      <WhatItHas made={made} />
    </Page>
  );
}
