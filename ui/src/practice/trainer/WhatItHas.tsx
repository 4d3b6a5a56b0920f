import Typography from '@mui/material/Typography';
import type { PracticeCar } from '../../api/types';
import { say } from '../../words/say';

/** What is wrong with a car, at its target or in its order. */
export function WhatItHas({ made }: { made: PracticeCar }) {
  const says = made.order ?? made.faults.map((fault) => fault.says);
  return says.length === 0 ? (
    <Typography>{say('screen.trainer.nothing-wrong')}</Typography>
  ) : (
    <ul>
      {says.map((one) => (
        <li key={one}>{one}</li>
      ))}
    </ul>
  );
}
