import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { Bench, ExercisePage } from '../../api/types';
import { FloorPlan } from '../../floor/FloorPlan';
import { TurnPlan } from '../../floor/TurnPlan';
import { STANCES } from '../../floor/view';
import { Opening } from '../../shell/Opening';
import { TopBar } from '../../shell/TopBar';
import { SHEET_PANE, WORK_FRAME } from '../../shell/workFrame';
import { figures } from '../../theme/theme';
import { say } from '../../words/say';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import { AskAdvice } from './AskAdvice';
import { BenchCauses } from './BenchCauses';
import { BenchFigures } from './BenchFigures';
import { BenchMove } from './BenchMove';
import { BenchQuestions } from './BenchQuestions';
import { BenchReadings } from './BenchReadings';
import { BenchTool } from './BenchTool';
import { useBench, type BenchFile } from './useBench';

const PARTS = ['questions', 'measure', 'move', 'tool', 'causes'] as const;
type Part = (typeof PARTS)[number];

/** A car for somebody who works without advice: everything can be done, and nothing is said to it before the answer. */
export function BenchScreen({ page }: { page: ExercisePage }) {
  const file = useBench(page.exercise.id, page.exercise.task);
  return file.query.data ? (
    <Open page={page} bench={file.query.data} file={file} />
  ) : (
    <Opening query={file.query} what={say('screen.exercise.exercise')} />
  );
}

function Open({ page, bench, file }: { page: ExercisePage; bench: Bench; file: BenchFile }) {
  const { exercise } = page;
  const [display] = useLengthDisplay();
  const [part, setPart] = useState<Part>('questions');
  const [stance, setStance] = useState(0);
  const [call, setCall] = useState<string | null>(null);
  useEffect(() => {
    document.title = say('screen.page.lumbro', {
      title: say('screen.exercise.title', { number: exercise.number, title: exercise.title }),
    });
  }, [exercise.number, exercise.title]);
  return (
    <Box sx={WORK_FRAME}>
      <TopBar>
        <Box
          sx={{
            display: 'flex',
            columnGap: 2,
            alignItems: 'center',
            minWidth: 0,
            flexWrap: { xs: 'wrap', sm: 'nowrap' },
          }}
        >
          <Box component="span" sx={{ fontFamily: figures, whiteSpace: 'nowrap' }}>
            {exercise.number}
          </Box>
          <Box
            component="span"
            title={exercise.title}
            sx={{ flex: 1, overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}
          >
            {exercise.title} · {say(`screen.help.${exercise.help}`)}
          </Box>
          <Button variant="contained" component={Link} to={`/practice/runs/${exercise.id}/answer`}>
            {say('screen.exercise.answer')}
          </Button>
        </Box>
      </TopBar>
      <Box
        sx={{
          display: 'grid',
          flex: 1,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 460px' },
          gridTemplateRows: {
            xs: '300px minmax(0, auto)',
            sm: '34vh minmax(0, 1fr)',
            lg: 'minmax(0, 1fr)',
          },
          minHeight: 0,
        }}
      >
        <Box sx={{ position: 'relative', minHeight: 0 }}>
          <FloorPlan
            state={{ plan: bench.plan, verdicts: [], present: { call }, floor: null }}
            stance={STANCES[stance] ?? STANCES[0]!}
            display={display}
          />
          <TurnPlan onTurn={() => setStance((now) => (now + 1) % STANCES.length)} />
        </Box>
        <Box component="main" sx={SHEET_PANE}>
          <Typography variant="h1" className="visually-hidden">
            {exercise.title}
          </Typography>
          <ToggleButtonGroup
            exclusive
            value={part}
            onChange={(_, next: Part | null) => next && setPart(next)}
            aria-label={say('screen.bench.parts')}
            sx={{ mb: 2, flexWrap: 'wrap' }}
          >
            {PARTS.map((one) => (
              <ToggleButton key={one} value={one} sx={{ color: 'text.primary' }}>
                {say(`screen.bench.part.${one}`)}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          {file.failure && (
            <Typography role="alert" color="error" sx={{ mb: 1 }}>
              {file.failure.message}
            </Typography>
          )}
          {exercise.help === 'asked' && <AskAdvice run={exercise.id} version={bench.version} />}
          {part === 'questions' && <BenchQuestions bench={bench} file={file} run={exercise.id} />}
          {part === 'measure' && (
            <BenchReadings bench={bench} file={file} call={call} onCall={setCall} />
          )}
          {part === 'move' && <BenchMove bench={bench} file={file} />}
          {part === 'tool' && <BenchTool bench={bench} file={file} />}
          {part === 'causes' && <BenchCauses bench={bench} file={file} run={exercise.id} />}
        </Box>
      </Box>
      <BenchFigures bench={bench} display={display} />
    </Box>
  );
}
