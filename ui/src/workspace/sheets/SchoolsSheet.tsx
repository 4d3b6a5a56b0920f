import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { ReadingPlan, SchoolChoices, SchoolId, Trace, Workspace } from '../../api/types';
import { PlannedReadings } from './PlanPanel';
import { useReadingPlan } from '../task/useReadingPlan';
import { useSchools } from '../task/useSchools';
import type { Task } from '../task/useTask';
import { Sheet } from '../../sheet/Sheet';
import { say } from '../../words/say';

type School = SchoolChoices['schools'][number];
type Prospect = ReadingPlan['schools'][number];

interface Props {
  state: Workspace;
  task: Task;
  onSketch: (traces: Trace[] | null) => void;
  onLeave: () => void;
}

/** The ways of measuring: several may be in use at once, and each is drawn on the plan while it is looked at. */
export function SchoolsSheet({ state, task, onSketch, onLeave }: Props) {
  const choices = useSchools(state);
  const plan = useReadingPlan(state);
  const prospects = new Map(plan.data?.schools.map((prospect) => [prospect.id, prospect]));
  const [chosen, setChosen] = useState<SchoolId[]>(state.method.schools.map((school) => school.id));
  const [open, setOpen] = useState<SchoolId | null>(null);
  const changed =
    chosen.length !== state.method.schools.length ||
    state.method.schools.some((school) => !chosen.includes(school.id));
  const refused =
    task.failure instanceof Refused && task.failure.problem.path === '/payload/schools'
      ? task.failure.message
      : null;

  const look = (school: School) => {
    const next = open === school.id ? null : school.id;
    setOpen(next);
    onSketch(next === null ? null : school.traces);
  };

  return (
    <Sheet
      title={say('screen.schools-sheet.ways-measuring')}
      note={say('screen.schools-sheet.take-one-or-two')}
      testId="schools"
    >
      {choices.isPending && (
        <Typography sx={{ mt: 1 }}>{say('screen.schools-sheet.looking-at-what-fits')}</Typography>
      )}
      {choices.isError && (
        <Typography role="alert" sx={{ mt: 1 }}>
          {choices.error.message}{' '}
          <Button onClick={() => void choices.refetch()}>{say('screen.try-again')}</Button>
        </Typography>
      )}
      {choices.data?.schools.map((school) => (
        <Box
          key={school.id}
          sx={{ borderBottom: 1, borderColor: 'divider', py: 0.5 }}
          data-testid={`school-${school.id}`}
        >
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <FormControlLabel
              disabled={school.hindrance !== null}
              sx={{ flex: 1, mr: 0 }}
              control={
                <Checkbox
                  checked={chosen.includes(school.id)}
                  onChange={(_, on) =>
                    setChosen((now) =>
                      on ? [...now, school.id] : now.filter((id) => id !== school.id),
                    )
                  }
                  sx={{ width: 48, height: 48 }}
                />
              }
              label={
                <>
                  <Box sx={{ fontWeight: 700, lineHeight: 1.2 }}>{school.name}</Box>
                  <Box sx={{ fontSize: '0.85rem', color: 'text.secondary', lineHeight: 1.2 }}>
                    {school.hindrance ?? listed(school)}
                  </Box>
                  {school.hindrance === null && (
                    <Reach prospect={prospects.get(school.id)} pending={plan.isPending} />
                  )}
                </>
              }
            />
            {school.hindrance === null && (
              <Button
                size="small"
                sx={{ flexShrink: 0, px: 1 }}
                aria-expanded={open === school.id}
                onClick={() => look(school)}
              >
                {open === school.id ? say('screen.close') : say('screen.schools-sheet.show')}
                <span className="visually-hidden">: {school.name}</span>
              </Button>
            )}
          </Box>
          {open === school.id && (
            <HowItGoes
              school={school}
              prospect={prospects.get(school.id)}
              onTake={(way) =>
                task.write(
                  { kind: 'schools', payload: { schools: way.schools, readings: way.ids } },
                  onLeave,
                )
              }
            />
          )}
        </Box>
      ))}
      {refused && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mt: 1 }}>
          {refused}
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 2 }}>
        <Button
          variant="contained"
          disabled={!changed || chosen.length === 0}
          loading={task.isWriting}
          onClick={() => task.write({ kind: 'schools', payload: { schools: chosen } }, onLeave)}
        >
          {say('screen.schools-sheet.measure-so')}
        </Button>
        <Button color="inherit" onClick={onLeave}>
          {say('screen.schools-sheet.back-line')}
        </Button>
      </Box>
    </Sheet>
  );
}

function listed(school: School): string {
  if (school.listed === null) {
    return say('screen.schools-sheet.card-leaves-it-open');
  }
  return school.listed
    ? say('screen.schools-sheet.card-lists-it')
    : say('screen.schools-sheet.not-in-cards-list');
}

/** What they take as a rule: nothing is pushed away from under a finger when they come. */
const FIGURES = '5.4rem';

/** Whether it can do it alone, said before the first reading. */
function Reach({ prospect, pending }: { prospect: Prospect | undefined; pending: boolean }) {
  if (prospect === undefined) {
    return pending ? (
      <Box sx={{ fontSize: '0.85rem', minHeight: FIGURES }}>{say('screen.plan-panel.working')}</Box>
    ) : null;
  }
  return (
    <Box
      sx={{ fontSize: '0.85rem', lineHeight: 1.25, mt: 0.25, minHeight: FIGURES }}
      data-testid={`reach-${prospect.id}`}
    >
      <Box sx={{ fontWeight: 700 }}>
        {prospect.alone
          ? say('screen.plan-panel.alone')
          : prospect.way === null
            ? say('screen.plan-panel.never')
            : say('screen.plan-panel.with-checks', {
                count: prospect.way.count,
                minutes: Math.round(prospect.way.minutes),
              })}
      </Box>
      {prospect.short.map((short) => (
        <Box key={short}>{short}</Box>
      ))}
    </Box>
  );
}

function HowItGoes({
  school,
  prospect,
  onTake,
}: {
  school: School;
  prospect: Prospect | undefined;
  onTake: (way: NonNullable<Prospect['way']>) => void;
}) {
  const way = prospect?.way ?? null;
  return (
    <Box sx={{ fontSize: '0.95rem', pb: 1 }}>
      {way !== null && (
        <>
          <Box sx={{ fontWeight: 700, mt: 1 }}>
            {say('screen.plan-panel.cheapest', {
              count: way.count,
              minutes: Math.round(way.minutes),
            })}
          </Box>
          <PlannedReadings planned={way} />
          <Button variant="outlined" fullWidth onClick={() => onTake(way)}>
            {say('screen.plan-panel.measured-so')}
          </Button>
        </>
      )}
      <Part title={say('screen.schools-sheet.needs')} lines={[school.materials.join(', ')]} />
      <Part title={say('screen.schools-sheet.first')} lines={school.steps} ordered />
      <Part
        title={say('screen.schools-sheet.then-reads')}
        lines={school.calls.map(
          (call) => `${call.title}${call.check ? ` ${say('screen.check')}` : ''}`,
        )}
        ordered
      />
      <Part title={say('screen.schools-sheet.goes-wrong-unseen-by')} lines={school.failures} />
    </Box>
  );
}

function Part({ title, lines, ordered }: { title: string; lines: string[]; ordered?: boolean }) {
  return (
    <>
      <Box sx={{ fontWeight: 700, mt: 1 }}>{title}</Box>
      <Box component={ordered ? 'ol' : 'ul'} sx={{ pl: 2.5, my: 0 }}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Box>
    </>
  );
}
