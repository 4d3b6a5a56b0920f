import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { useQuery } from '../../api/useQuery';
import { answer, client } from '../../api/client';
import type { Survey, Workspace } from '../../api/types';
import { chance, degrees, length, type LengthDisplay } from '../../words/length';
import { VerdictMark } from '../../shell/VerdictMark';
import { Sheet } from '../../sheet/Sheet';
import { say } from '../../words/say';

/** How far this set-up may be off in degrees at the sensor, the ways of measuring against each other, and the lines. */
export function SurveySheet({
  state,
  display,
  onChoose,
  onLeave,
}: {
  state: Workspace;
  display: LengthDisplay;
  onChoose: (call: string) => void;
  onLeave: () => void;
}) {
  const survey = useQuery({
    queryKey: ['survey', state.task, state.version, state.order.version],
    queryFn: () =>
      answer(client.GET('/api/tasks/{task}/survey', { params: { path: { task: state.task } } })),
  });
  return (
    <Sheet title={say('screen.how-sure-this')} testId="survey">
      {survey.isPending && <Typography sx={{ mt: 1 }}>{say('screen.computing')}</Typography>}
      {survey.isError && (
        <Typography role="alert" sx={{ mt: 1 }}>
          {survey.error.message}{' '}
          <Button onClick={() => void survey.refetch()}>{say('screen.try-again')}</Button>
        </Typography>
      )}
      {survey.data && (
        <>
          {survey.data.budget.length === 0 && (
            <Typography sx={{ mt: 1 }}>
              {say('screen.survey-sheet.nothing-say-yet-stands')}
            </Typography>
          )}
          {survey.data.budget.map((budget) => (
            <Budget key={budget.axis} budget={budget} state={state} onChoose={onChoose} />
          ))}
          <CrossChecks survey={survey.data} display={display} />
          <References survey={survey.data} />
          {survey.data.lessons.length > 0 && (
            <Part title={say('screen.survey-sheet.lessons')}>
              <Box component="ul" data-testid="lessons" sx={{ pl: 2.5, my: 0.5 }}>
                {survey.data.lessons.map((lesson) => (
                  <li key={lesson}>{lesson}</li>
                ))}
              </Box>
            </Part>
          )}
          <Bounds survey={survey.data} display={display} />
        </>
      )}
      <Button color="inherit" onClick={onLeave} sx={{ mt: 2 }}>
        {say('screen.survey-sheet.back-readings')}
      </Button>
    </Sheet>
  );
}

/** What a slip is taken to be at most: a bound that is too small would call a set-up guarded that is not. */
function Bounds({ survey, display }: { survey: Survey; display: LengthDisplay }) {
  if (survey.bounds.length === 0) {
    return null;
  }
  return (
    <Part title={say('screen.survey-sheet.bounds')}>
      <Box component="ul" data-testid="bounds" sx={{ pl: 2.5, my: 0.5 }}>
        {survey.bounds.map((bound) => (
          <li key={bound.says}>
            {bound.says}:{' '}
            <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
              {length(bound.most, display)}
            </Box>
            {bound.changed && ` (${say('screen.survey-sheet.bound-changed')})`}
          </li>
        ))}
      </Box>
      <Typography variant="body2">{say('screen.survey-sheet.bounds-note')}</Typography>
    </Part>
  );
}

function Budget({
  budget,
  state,
  onChoose,
}: {
  budget: Survey['budget'][number];
  state: Workspace;
  onChoose: (call: string) => void;
}) {
  return (
    <Part
      title={
        budget.axis === 'azimuth'
          ? say('screen.survey-sheet.azimuth-before-run')
          : say('screen.survey-sheet.elevation-before-run')
      }
    >
      {budget.free ? (
        <Typography>{say('screen.survey-sheet.card-frees-this-axis')}</Typography>
      ) : (
        budget.verdict && <VerdictMark verdict={budget.verdict} />
      )}
      <Typography>
        {say('screen.survey-sheet.true-axis-would-read', {
          deviation: degrees(budget.deviation),
          direction: /[1-9]/.test(degrees(budget.deviation)) ? ` ${budget.direction}` : '',
          uncertainty: degrees(budget.uncertainty),
          setUp: degrees(budget.setUp),
          reading: degrees(budget.reading),
        })}
      </Typography>
      <Typography sx={{ fontWeight: 700 }}>
        {budget.limit === null
          ? say('screen.survey-sheet.card-gives-no-limit')
          : budget.provable === null
            ? say('screen.survey-sheet.not-good-enough-for', {
                limit: degrees(budget.limit),
                probability: chance(budget.probability ?? 0),
              })
            : say('screen.survey-sheet.good-enough-for-limit', {
                limit: degrees(budget.limit),
                provable: degrees(budget.provable),
              })}
      </Typography>
      <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
        {budget.contributions.map((part) => (
          <li key={part.says}>
            {part.says}: ±{degrees(part.degrees, 3)} ({Math.round(part.share * 100)} %)
          </li>
        ))}
      </Box>
      {budget.checks.length > 0 && (
        <>
          <Typography>{say('screen.survey-sheet.what-would-help-best')}</Typography>
          {budget.checks.map((check) => {
            const asked = state.calls.some((call) => call.id === check.call);
            const words = say('screen.survey-sheet.set-up', {
              check: check.says,
              uncertainty: degrees(check.uncertainty, 3),
            });
            return asked ? (
              <Button
                key={check.call}
                fullWidth
                variant="outlined"
                sx={{ justifyContent: 'flex-start', textAlign: 'left', mt: 0.5 }}
                onClick={() => onChoose(check.call)}
              >
                {words}
              </Button>
            ) : (
              <Typography key={check.call} sx={{ pl: 1 }}>
                {say('screen.survey-sheet.another-way-measuring', { words })}
              </Typography>
            );
          })}
        </>
      )}
    </Part>
  );
}

function CrossChecks({ survey, display }: { survey: Survey; display: LengthDisplay }) {
  return (
    <Part title={say('screen.survey-sheet.one-way-against-another')}>
      {survey.crossChecks.length === 0 && (
        <Typography>{say('screen.survey-sheet.only-one-way-measuring')}</Typography>
      )}
      {survey.crossChecks.map((check) => (
        <Box key={check.first + check.second} data-testid="cross-check" sx={{ mb: 1 }}>
          <Typography
            sx={{ fontWeight: 700, color: check.disagrees ? 'verdict.out' : 'text.primary' }}
          >
            {say('screen.survey-sheet.against', {
              first: check.first,
              second: check.second.toLowerCase(),
              disagrees: check.disagrees,
            })}
          </Typography>
          <Typography>
            {say('screen.survey-sheet.puts-target-and-at', {
              first: check.first,
              across: `${length(check.across.amount, display, 1)} ${check.across.direction} (±${length(check.across.uncertainty, display, 1)})`,
              along: `${length(check.along.amount, display, 1)} ${check.along.direction} (±${length(check.along.uncertainty, display, 1)})`,
              bearing: degrees(check.bearing.amount),
              side: `${check.bearing.direction} (±${degrees(check.bearing.uncertainty)})`,
            })}
          </Typography>
          <Typography>{say('screen.survey-sheet.each-these-alone-would')}</Typography>
          <Box component="ul" sx={{ pl: 2.5, my: 0 }}>
            {check.explanations.map((told) => (
              <li key={told.words}>
                {say('screen.survey-sheet.off-by-times-its', {
                  words: told.words,
                  amount: explained(told, display),
                  times: told.times.toFixed(1),
                })}
              </li>
            ))}
          </Box>
        </Box>
      ))}
    </Part>
  );
}

function explained(
  told: Survey['crossChecks'][number]['explanations'][number],
  display: LengthDisplay,
): string {
  if (told.unit === 'degrees') {
    return degrees(told.amount);
  }
  return told.unit === 'share'
    ? say('screen.survey-sheet.mm-in-metre', { amount: (told.amount * 1000).toFixed(1) })
    : length(told.amount, display, 1);
}

function References({ survey }: { survey: Survey }) {
  const used = survey.references.find((reference) => reference.inUse);
  return (
    <Part title={say('screen.survey-sheet.lines-values-could-count')}>
      {survey.references.map((reference) => (
        <Typography key={reference.id} data-testid={`reference-${reference.id}`}>
          <b>{reference.name}</b>:{' '}
          {reference.inUse
            ? say('screen.survey-sheet.in-use')
            : reference.angle === null
              ? say('screen.survey-sheet.not-measured-here')
              : say('screen.survey-sheet.reference-angle', {
                  angle: degrees(reference.angle.amount),
                  direction: reference.angle.direction,
                  used: used?.name.toLowerCase(),
                  uncertainty: degrees(reference.angle.uncertainty),
                  worth:
                    reference.worth === null
                      ? ''
                      : say('screen.survey-sheet.counted-from-it-target', {
                          worth: degrees(reference.worth.amount),
                          direction: reference.worth.direction,
                        }),
                })}
        </Typography>
      ))}
    </Part>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Typography variant="h3" component="h2">
        {title}
      </Typography>
      {children}
    </Box>
  );
}
