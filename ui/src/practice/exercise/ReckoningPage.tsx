import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { ExercisePage, Reckoning } from '../../api/types';
import { Page } from '../../shell/Page';
import { figures } from '../../theme/theme';
import { amount } from '../../words/amount';
import { degrees } from '../../words/length';
import { say } from '../../words/say';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import { FaultList } from './FaultList';
import { ReadingsWorth } from './ReadingsWorth';
import { ReplayPanel } from './ReplayPanel';
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
      <Box
        sx={{
          display: 'flex',
          gap: 4,
          flexWrap: 'wrap',
          alignItems: 'baseline',
          mb: 1,
        }}
        data-testid="scores"
      >
        <Score
          words={say('screen.practice.method')}
          points={reckoning.score.method}
          testId="method"
        />
        <Score
          words={say('screen.practice.result')}
          points={reckoning.score.result}
          testId="result"
        />
        <Typography color="text.secondary">
          {say('screen.reckoning.took', {
            minutes: exercise.minutes,
            person: exercise.person,
            help: say(`screen.help.${exercise.help}`),
            asked: exercise.asked,
          })}
        </Typography>
      </Box>
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

function Score({ words, points, testId }: { words: string; points: number; testId: string }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
      <Box
        data-testid={testId}
        sx={{ fontFamily: figures, fontWeight: 700, fontSize: '3.4rem', lineHeight: 1 }}
      >
        {points}
      </Box>
      <Box>{say('screen.reckoning.of-100', { words })}</Box>
    </Box>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Typography variant="h2">{title}</Typography>
      {children}
    </Box>
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
            <th scope="col" aria-label={say('screen.reckoning.figure')} />
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

function Points({ title, parts }: { title: string; parts: Reckoning['score']['methodParts'] }) {
  return (
    <Part title={title}>
      {parts.map((part) => (
        <Box
          key={part.id}
          sx={{ display: 'flex', gap: 2, py: 0.75, borderTop: 1, borderColor: 'divider' }}
        >
          <Box
            sx={{
              fontFamily: figures,
              fontWeight: 700,
              minWidth: 76,
              textAlign: 'right',
              color: part.points < part.most || part.points < 0 ? 'verdict.out' : 'verdict.holds',
            }}
          >
            {part.most === 0
              ? Math.round(part.points)
              : say('screen.reckoning.points', {
                  points: Math.round(part.points),
                  most: part.most,
                })}
          </Box>
          <Box>
            <b>{part.title}</b>
            <Typography variant="body2">{part.why}</Typography>
          </Box>
        </Box>
      ))}
    </Part>
  );
}
