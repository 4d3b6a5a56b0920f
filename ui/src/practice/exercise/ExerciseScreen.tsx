import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, useParams } from 'react-router';
import { answer, client } from '../../api/client';
import type { ExercisePage } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { Opening } from '../../shell/Opening';
import { Page } from '../../shell/Page';
import { say } from '../../words/say';
import { BenchScreen } from '../bench/BenchScreen';
import { OrderExercise } from '../order/OrderExercise';
import { OrderReckoningPage } from '../order/OrderReckoningPage';
import { AnswerForm } from './AnswerForm';
import { ReckoningPage } from './ReckoningPage';

/** One exercise: the car on its bench or on its own screens, the answer, and what it came to. */
export function ExerciseScreen() {
  const { run = '', part } = useParams();
  const query = useQuery<ExercisePage>({
    queryKey: ['exercise', run],
    queryFn: () => answer(client.GET('/api/practice/runs/{run}', { params: { path: { run } } })),
  });
  if (!query.data) {
    return <Opening query={query} what={say('screen.exercise.exercise')} />;
  }
  const page = query.data;
  const { exercise } = page;
  if (page.orderReckoning !== null) {
    return <OrderReckoningPage page={page} reckoning={page.orderReckoning} />;
  }
  if (exercise.begins === 'intake' || exercise.begins === 'close') {
    return <OrderExercise page={page} />;
  }
  if (page.reckoning !== null) {
    return <ReckoningPage page={page} reckoning={page.reckoning} />;
  }
  if (part !== 'answer' && exercise.hidden) {
    return <BenchScreen page={page} />;
  }
  return (
    <Page
      title={say('screen.exercise.title', { number: exercise.number, title: exercise.title })}
      tools={
        <Button
          variant="outlined"
          component={Link}
          to={exercise.hidden ? `/practice/runs/${run}` : `/tasks/${exercise.task}`}
        >
          {say('screen.exercise.to-the-car')}
        </Button>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        }}
      >
        <Box>
          {exercise.lesson && (
            <>
              <Typography sx={{ fontSize: '1.15rem' }}>{exercise.lesson.aim}</Typography>
              <Typography color="text.secondary" sx={{ mb: 2 }}>
                {say('screen.practice.trains', {
                  trains: exercise.lesson.trains.join(' · '),
                  minutes: exercise.lesson.minutes,
                })}
              </Typography>
            </>
          )}
          <Typography>{exercise.car}</Typography>
          <Typography>
            {say('screen.practice-screen.done-it', { work: exercise.work.join(', ') })}
          </Typography>
          <Typography sx={{ mt: 1 }}>{exercise.helpSays}</Typography>
          {part !== 'answer' && (
            <Button
              variant="contained"
              size="large"
              component={Link}
              to={`/tasks/${exercise.task}`}
              sx={{ mt: 2 }}
            >
              {say('screen.exercise.work-at-it')}
            </Button>
          )}
        </Box>
        <AnswerForm page={page} />
      </Box>
    </Page>
  );
}
