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
    <Sheet title="How sure this is" testId="survey">
      {survey.isPending && <Typography sx={{ mt: 1 }}>Computing</Typography>}
      {survey.isError && (
        <Typography role="alert" sx={{ mt: 1 }}>
          {survey.error.message} <Button onClick={() => void survey.refetch()}>Try again</Button>
        </Typography>
      )}
      {survey.data && (
        <>
          {survey.data.budget.length === 0 && (
            <Typography sx={{ mt: 1 }}>
              Nothing to say yet: the stand’s place is not measured.
            </Typography>
          )}
          {survey.data.budget.map((budget) => (
            <Budget key={budget.axis} budget={budget} state={state} onChoose={onChoose} />
          ))}
          <CrossChecks survey={survey.data} display={display} />
          <References survey={survey.data} />
        </>
      )}
      <Button color="inherit" onClick={onLeave} sx={{ mt: 2 }}>
        Back to the readings
      </Button>
    </Sheet>
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
    <Part title={budget.axis === 'azimuth' ? 'Azimuth before the run' : 'Elevation before the run'}>
      {budget.free ? (
        <Typography>The card frees this axis of placement.</Typography>
      ) : (
        budget.verdict && <VerdictMark verdict={budget.verdict} />
      )}
      <Typography>
        A true axis would read {degrees(budget.deviation)}
        {/[1-9]/.test(degrees(budget.deviation)) ? ` ${budget.direction}` : ''}; that is taken off.
        What stays unknown is ±{degrees(budget.uncertainty)}: ±{degrees(budget.setUp)} of this
        set-up, ±{degrees(budget.reading)} of the sensor’s reading.
      </Typography>
      <Typography sx={{ fontWeight: 700 }}>
        {budget.limit === null
          ? 'The card gives no limit to hold it against.'
          : budget.provable === null
            ? `Not good enough for the limit of ${degrees(budget.limit)}: even a true axis would stay unproven (${chance(budget.probability ?? 0)}).`
            : `Good enough for the limit of ${degrees(budget.limit)}: an axis up to ${degrees(budget.provable)} off can be proven.`}
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
          <Typography>What would help, the best first:</Typography>
          {budget.checks.map((check) => {
            const asked = state.calls.some((call) => call.id === check.call);
            const words = `${check.says}: ±${degrees(check.uncertainty, 3)} of the set-up`;
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
                {words} (another way of measuring)
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
    <Part title="One way against another">
      {survey.crossChecks.length === 0 && (
        <Typography>
          Only one way of measuring has been read whole. A second one, chosen at the line, checks
          the first.
        </Typography>
      )}
      {survey.crossChecks.map((check) => (
        <Box key={check.first + check.second} data-testid="cross-check" sx={{ mb: 1 }}>
          <Typography
            sx={{ fontWeight: 700, color: check.disagrees ? 'verdict.out' : 'text.primary' }}
          >
            {check.first} against {check.second.toLowerCase()}:{' '}
            {check.disagrees ? 'they disagree' : 'they agree'}
          </Typography>
          <Typography>
            {check.first} puts the target {length(check.across.amount, display, 1)}{' '}
            {check.across.direction} (±{length(check.across.uncertainty, display, 1)}) and{' '}
            {length(check.along.amount, display, 1)} {check.along.direction} (±
            {length(check.along.uncertainty, display, 1)}): {degrees(check.bearing.amount)} at the
            sensor, {check.bearing.direction} (±{degrees(check.bearing.uncertainty)}).
          </Typography>
          <Typography>Each of these alone would explain it:</Typography>
          <Box component="ul" sx={{ pl: 2.5, my: 0 }}>
            {check.explanations.map((told) => (
              <li key={told.words}>
                {told.words}, off by {explained(told, display)}: {told.times.toFixed(1)} times its
                uncertainty
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
    ? `${(told.amount * 1000).toFixed(1)} mm in a metre`
    : length(told.amount, display, 1);
}

function References({ survey }: { survey: Survey }) {
  const used = survey.references.find((reference) => reference.inUse);
  return (
    <Part title="Lines the values could count from">
      {survey.references.map((reference) => (
        <Typography key={reference.id} data-testid={`reference-${reference.id}`}>
          <b>{reference.name}</b>:{' '}
          {reference.inUse
            ? 'in use'
            : reference.angle === null
              ? 'not measured here'
              : `${degrees(reference.angle.amount)} ${reference.angle.direction} of the ${used?.name.toLowerCase()} (±${degrees(reference.angle.uncertainty)})${
                  reference.worth === null
                    ? ''
                    : `; counted from it, the target stands ${degrees(reference.worth.amount)} ${reference.worth.direction} of where it does now`
                }`}
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
