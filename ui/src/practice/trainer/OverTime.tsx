import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Trainer } from '../../api/types';
import { say } from '../../words/say';

/** So many exercises fit in the drawing. */
const MOST = 24;

const STEP = 26;
const HIGH = 130;
const ROW = 26;
const LEFT = 34;
/** Room for the words of a row, in the drawing's own units. */
const WORDS = 330;

type Score = Trainer['scores'][number];

/** How one person comes on: method and result of each exercise, and which kinds of mistakes were made in it. */
export function OverTime({ trainer }: { trainer: Trainer }) {
  const people = [...new Set(trainer.scores.map((score) => score.person))].sort();
  const [chosen, setChosen] = useState('');
  const person = people.includes(chosen) ? chosen : (people[0] ?? '');
  const scores = trainer.scores
    .filter((score) => score.person === person)
    .slice(0, MOST)
    .reverse();
  if (scores.length === 0) {
    return null;
  }
  const kinds = trainer.mistakes.find((one) => one.person === person)?.kinds ?? [];
  const lost = kinds
    .map((kind) => ({
      ...kind,
      times: scores.filter((score) => score.mistakes.includes(kind.id)).length,
    }))
    .filter((kind) => kind.times > 0);
  return (
    <Box component="section" aria-labelledby="over-time" data-testid="over-time">
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
        <Typography variant="h2" id="over-time">
          {say('screen.trainer.over-time')}
        </Typography>
        <TextField
          select
          id="over-time-person"
          label={say('screen.trainer.whose')}
          value={person}
          onChange={(event) => setChosen(event.target.value)}
          sx={{ minWidth: 220 }}
        >
          {people.map((one) => (
            <MenuItem key={one} value={one} sx={{ minHeight: 48 }}>
              {one}
            </MenuItem>
          ))}
        </TextField>
        <Typography>
          {say('screen.practice.method')} ●—— · {say('screen.practice.result')} ■- -
        </Typography>
      </Box>
      <Box sx={{ overflowX: 'auto', bgcolor: 'background.paper' }}>
        <Drawing person={person} scores={scores} lost={lost} />
      </Box>
      <ul className="visually-hidden">
        {scores.map((score) => (
          <li key={score.id}>
            {say('screen.trainer.curve-line', {
              number: score.number,
              method: score.method,
              result: score.result,
            })}
          </li>
        ))}
        {lost.map((kind) => (
          <li key={kind.id}>
            {say('screen.trainer.lost', {
              kind: kind.says,
              times: kind.times,
              exercises: scores.length,
            })}
          </li>
        ))}
      </ul>
    </Box>
  );
}

function Drawing({
  person,
  scores,
  lost,
}: {
  person: string;
  scores: Score[];
  lost: { id: string; says: string; times: number }[];
}) {
  const width = LEFT + scores.length * STEP + WORDS;
  const height = HIGH + 30 + lost.length * ROW;
  const x = (index: number) => LEFT + index * STEP + STEP / 2;
  const y = (points: number) => 10 + (HIGH - 10) * (1 - Math.max(0, points) / 100);
  const line = (side: 'method' | 'result') =>
    scores.map((score, index) => `${x(index)},${y(score[side])}`).join(' ');
  return (
    <Box
      component="svg"
      role="img"
      aria-label={say('screen.trainer.curve', { person })}
      viewBox={`0 0 ${width} ${height}`}
      sx={{ display: 'block', width, height, color: 'text.primary', '& text': { fontSize: 14 } }}
    >
      {[0, 50, 100].map((points) => (
        <g key={points}>
          <line
            x1={LEFT}
            x2={LEFT + scores.length * STEP}
            y1={y(points)}
            y2={y(points)}
            stroke="currentColor"
            opacity={0.3}
          />
          <text x={LEFT - 6} y={y(points) + 5} textAnchor="end" fill="currentColor">
            {points}
          </text>
        </g>
      ))}
      <polyline points={line('method')} fill="none" stroke="currentColor" strokeWidth={2} />
      <polyline
        points={line('result')}
        fill="none"
        stroke="currentColor"
        strokeWidth={2}
        strokeDasharray="6 4"
      />
      {scores.map((score, index) => (
        <g key={score.id} fill="currentColor">
          <circle cx={x(index)} cy={y(score.method)} r={4.5} />
          <rect x={x(index) - 4} y={y(score.result) - 4} width={8} height={8} />
        </g>
      ))}
      {lost.map((kind, row) => (
        <g key={kind.id} fill="currentColor">
          {scores.map((score, index) => (
            <rect
              key={score.id}
              x={x(index) - 9}
              y={HIGH + 22 + row * ROW}
              width={18}
              height={18}
              fill={score.mistakes.includes(kind.id) ? 'currentColor' : 'none'}
              stroke="currentColor"
              opacity={score.mistakes.includes(kind.id) ? 1 : 0.35}
            />
          ))}
          <text x={LEFT + scores.length * STEP + 8} y={HIGH + 36 + row * ROW}>
            {kind.says}
          </text>
        </g>
      ))}
    </Box>
  );
}
