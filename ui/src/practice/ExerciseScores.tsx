import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { Exercise, ExerciseScore } from '../api/types';
import { figures } from '../theme/theme';
import { say } from '../words/say';

/** Method and result in large figures, and the time beside them. */
export function Scores({ exercise, score }: { exercise: Exercise; score: ExerciseScore }) {
  return (
    <Box
      sx={{ display: 'flex', gap: 4, flexWrap: 'wrap', alignItems: 'baseline', mb: 1 }}
      data-testid="scores"
    >
      <Score words={say('screen.practice.method')} points={score.method} testId="method" />
      <Score words={say('screen.practice.result')} points={score.result} testId="result" />
      <Typography color="text.secondary">
        {say('screen.reckoning.took', {
          minutes: exercise.minutes,
          person: exercise.person,
          help: say(`screen.help.${exercise.help}`),
          asked: exercise.asked,
        })}
      </Typography>
    </Box>
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

/** A titled part of a reckoning. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Typography variant="h2">{title}</Typography>
      {children}
    </Box>
  );
}

/** What one side was scored by, part by part. */
export function Points({ title, parts }: { title: string; parts: ExerciseScore['methodParts'] }) {
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
