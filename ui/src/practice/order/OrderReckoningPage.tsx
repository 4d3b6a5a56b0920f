import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { ExercisePage, OrderReckoning } from '../../api/types';
import { Page } from '../../shell/Page';
import { say } from '../../words/say';
import { Part, Points, Scores } from '../ExerciseScores';

/** What an exercise at an order came to: what was true beside what was said, and where it showed. */
export function OrderReckoningPage({
  page,
  reckoning,
}: {
  page: ExercisePage;
  reckoning: OrderReckoning;
}) {
  const { exercise } = page;
  return (
    <Page
      title={say('screen.exercise.title', { number: exercise.number, title: exercise.title })}
      tools={
        <Button variant="outlined" component={Link} to="/practice">
          {say('screen.top-bar.practice')}
        </Button>
      }
    >
      <Scores exercise={exercise} score={reckoning.score} />
      {exercise.lesson && <Typography color="text.secondary">{exercise.lesson.aim}</Typography>}
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' },
        }}
      >
        <Box sx={{ minWidth: 0 }} data-testid="order-truth">
          {reckoning.closes && <Closes reckoning={reckoning} />}
          <Part title={say('screen.order-exercise.unsaid')}>
            {reckoning.unsaid.length === 0 && (
              <Typography>{say('screen.order-exercise.nothing-unsaid')}</Typography>
            )}
            {reckoning.unsaid.map((one) => (
              <Row
                key={one.says}
                what={one.says}
                said={`${say(one.looked ? 'screen.order-exercise.you-looked' : 'screen.order-exercise.you-did-not')}, ${say(one.noted ? 'screen.order-exercise.you-noted' : 'screen.order-exercise.you-not-noted')}`}
                good={one.looked && one.noted}
                why={one.place}
              />
            ))}
          </Part>
          {reckoning.begins === 'intake' && (
            <>
              <Part title={say('screen.order-exercise.sensors')}>
                {reckoning.sensors.map((sensor) => (
                  <Row
                    key={sensor.name}
                    what={`${sensor.name}: ${owed(sensor.owed)}`}
                    said={say('screen.order-exercise.you-said', { answer: owed(sensor.said) })}
                    good={sensor.owed === sensor.said}
                    why={[sensor.operation, sensor.why].filter(Boolean).join(': ')}
                  />
                ))}
              </Part>
              {reckoning.captures.length > 0 && (
                <Part title={say('screen.order-exercise.taken-down')}>
                  {reckoning.captures.map((capture) => (
                    <Row
                      key={capture.says}
                      what={capture.says}
                      said={say(
                        capture.had ? 'screen.order-exercise.had' : 'screen.order-exercise.not-had',
                      )}
                      good={capture.had}
                    />
                  ))}
                </Part>
              )}
            </>
          )}
          <Part title={say('screen.order-exercise.where-it-showed')}>
            {reckoning.places.map((place) => (
              <Row
                key={place.says}
                what={place.says}
                said={say(
                  place.looked
                    ? 'screen.order-exercise.you-looked'
                    : 'screen.order-exercise.you-did-not',
                )}
                good={place.looked}
                why={place.finds.join(' ')}
              />
            ))}
            {reckoning.forNothing.length > 0 && (
              <Typography color="text.secondary" sx={{ mt: 1 }}>
                {say('screen.order-exercise.for-nothing')}: {reckoning.forNothing.join(' · ')}
              </Typography>
            )}
          </Part>
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Points title={say('screen.practice.method')} parts={reckoning.score.methodParts} />
          <Points title={say('screen.practice.result')} parts={reckoning.score.resultParts} />
        </Box>
      </Box>
    </Page>
  );
}

function owed(is: boolean): string {
  return say(is ? 'screen.order-exercise.owed' : 'screen.order-exercise.not-owed');
}

function Closes({ reckoning }: { reckoning: OrderReckoning }) {
  const closes = reckoning.closes!;
  return (
    <Part title={say('screen.order-exercise.what-now')}>
      <Row
        what={say(
          closes.true ? 'screen.order-exercise.could-close' : 'screen.order-exercise.had-to-stay',
        )}
        said={say('screen.order-exercise.you-said', {
          answer: say(
            closes.said ? 'screen.order-exercise.close-yes' : 'screen.order-exercise.close-no',
          ),
        })}
        good={closes.true === closes.said}
      />
      {reckoning.open.map((one) => (
        <Row
          key={one.says}
          what={`${one.says}: ${say(one.true ? 'screen.order-exercise.is-open' : 'screen.order-exercise.not-open')}`}
          said={say('screen.order-exercise.you-said', {
            answer: say(
              one.said ? 'screen.order-exercise.is-open' : 'screen.order-exercise.not-open',
            ),
          })}
          good={one.true === one.said}
        />
      ))}
    </Part>
  );
}

/** One thing: what is so, and what the learner made of it. */
function Row({
  what,
  said,
  good,
  why,
}: {
  what: string;
  said: string;
  good: boolean;
  why?: string;
}) {
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}>
      <Box sx={{ display: 'flex', gap: 2, justifyContent: 'space-between', flexWrap: 'wrap' }}>
        <Box sx={{ fontWeight: 700, '&::first-letter': { textTransform: 'uppercase' } }}>
          {what}
        </Box>
        <Box component="span" sx={{ color: good ? 'verdict.holds' : 'verdict.out' }}>
          {said}
        </Box>
      </Box>
      {why && (
        <Typography
          variant="body2"
          color="text.secondary"
          sx={{ '&::first-letter': { textTransform: 'uppercase' } }}
        >
          {why}
        </Typography>
      )}
    </Box>
  );
}
