import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { ExercisePage, Reckoning } from '../../api/types';
import { Page } from '../../shell/Page';
import { amount } from '../../words/amount';
import { degrees } from '../../words/length';
import { say } from '../../words/say';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import { FaultList } from './FaultList';
import { ReadingsWorth } from './ReadingsWorth';
import { ReplayPanel } from './ReplayPanel';
import { Part, Points, Scores } from '../ExerciseScores';
import { TruthPlan } from './TruthPlan';

/** What an exercise came to: method and result, the truth beside what was believed, and where the money was. */
export function ReckoningPage({ page, reckoning }: { page: ExercisePage; reckoning: Reckoning }) {
  const { exercise } = page;
  const [display] = useLengthDisplay();
  const [replay, setReplay] = useState(false);
  return (
    <Page
      title={say('screen.exercise.title', { number: exercise.number, title: exercise.title })}
      tools={
        <>
          <Button variant="outlined" component={Link} to="/practice">
            {say('screen.top-bar.practice')}
          </Button>
          <Button variant="outlined" component={Link} to={`/tasks/${exercise.task}`}>
            {say('screen.reckoning.the-record')}
          </Button>
          <Button variant={replay ? 'contained' : 'outlined'} onClick={() => setReplay(!replay)}>
            {say('screen.reckoning.best-plan')}
          </Button>
        </>
      }
    >
      <Scores exercise={exercise} score={reckoning.score} />
      <Typography sx={{ fontSize: '1.2rem' }} data-testid="truth">
        <b>{reckoning.truth.says}</b> {reckoning.truth.goesBack ?? ''}{' '}
        {say('screen.reckoning.you-said', {
          answer: reckoning.answer.says,
          cause: reckoning.answer.cause === null ? '' : `: ${reckoning.answer.cause}`,
        })}
      </Typography>
      {exercise.lesson === null ? null : (
        <Typography color="text.secondary">{exercise.lesson.aim}</Typography>
      )}
      {replay ? (
        <ReplayPanel run={exercise.id} />
      ) : (
        <Box
          sx={{
            display: 'grid',
            gap: 3,
            mt: 2,
            alignItems: 'start',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' },
          }}
        >
          <Box sx={{ minWidth: 0 }}>
            <Box sx={{ position: 'relative', height: 360 }}>
              <TruthPlan plan={reckoning.plan} places={reckoning.places} />
            </Box>
            <Part title={say('screen.reckoning.figures')}>
              <Figures reckoning={reckoning} display={display} />
            </Part>
            <Part title={say('screen.reckoning.where-the-money-was')}>
              <ReadingsWorth readings={reckoning.readings} words={reckoning.words} />
            </Part>
          </Box>
          <Box sx={{ minWidth: 0 }}>
            <FaultList reckoning={reckoning} display={display} />
            <Points title={say('screen.practice.method')} parts={reckoning.score.methodParts} />
            <Points title={say('screen.practice.result')} parts={reckoning.score.resultParts} />
          </Box>
        </Box>
      )}
    </Page>
  );
}

const TABLE = {
  borderCollapse: 'collapse',
  width: '100%',
  bgcolor: 'background.paper',
  '& td, & th': { p: 1, textAlign: 'left', borderBottom: 1, borderColor: 'divider' },
} as const;

/** The axis and the set-up, true and believed. */
function Figures({ reckoning, display }: { reckoning: Reckoning; display: 'mm' | 'in' }) {
  const rows = [
    ...reckoning.axes
      .filter((axis) => axis.limit !== null)
      .map((axis) => ({
        what: say(axis.axis === 'azimuth' ? 'screen.azimuth' : 'screen.elevation'),
        ...axis,
      })),
    { what: say('screen.reckoning.set-up-adds'), limit: null, ...reckoning.placement },
  ];
  return (
    <Box
      sx={{ overflowX: 'auto' }}
      role="region"
      tabIndex={0}
      aria-label={say('screen.reckoning.figures')}
    >
      <Box component="table" sx={TABLE}>
        <thead>
          <tr>
            <th scope="col">
              <span className="visually-hidden">{say('screen.reckoning.figure')}</span>
            </th>
            <th scope="col">{say('screen.reckoning.true')}</th>
            <th scope="col">{say('screen.reckoning.believed')}</th>
            <th scope="col">{say('screen.reckoning.limit')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.what}>
              <th scope="row">{row.what}</th>
              <td>{amount(row.true, display)}</td>
              <td>
                {row.believed === null
                  ? say('screen.reckoning.not-known')
                  : `${amount(row.believed, display)} ±${degrees(row.uncertainty ?? 0)}`}
              </td>
              <td>{row.limit === null ? '' : degrees(row.limit)}</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
