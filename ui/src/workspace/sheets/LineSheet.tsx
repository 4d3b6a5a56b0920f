import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Trace, Workspace } from '../../api/types';
import type { Task } from '../task/useTask';
import { MarkForm } from './MarkForm';
import { PlanPanel } from './PlanPanel';
import { QuestionsSheet } from './QuestionsSheet';
import { ReferenceForm } from './ReferenceForm';
import { SchoolsSheet } from './SchoolsSheet';
import { StandForm } from './StandForm';
import { say } from '../../words/say';

interface Props {
  state: Workspace;
  task: Task;
  sealed: boolean;
  /** Whether the ways to measure are open. */
  choosing: boolean;
  onChoosing: (choosing: boolean) => void;
  /** Shows a school's tapes and beams on the plan. */
  onSketch: (traces: Trace[] | null) => void;
}

/** The line: its steps one after the other, and beneath them how it is measured, from what, against what. */
export function LineSheet({ state, task, sealed, choosing, onChoosing, onSketch }: Props) {
  if (choosing) {
    return (
      <SchoolsSheet
        state={state}
        task={task}
        onSketch={onSketch}
        onLeave={() => {
          onSketch(null);
          onChoosing(false);
        }}
      />
    );
  }
  // A plan decides which steps the line needs: it comes first, until somebody answered one.
  const begun = state.lineSteps.some((step) => step.answer !== null);
  const plan = <PlanPanel state={state} task={task} sealed={sealed} />;
  const asked = state.present.kind === 'line' && state.present.why !== null;
  const reference = <ReferenceForm state={state} task={task} sealed={sealed} />;
  return (
    <>
      {asked && reference}
      {!begun && plan}
      <QuestionsSheet
        key="line"
        title={say('screen.line')}
        questions={state.lineSteps}
        cautions={state.card.cautions.slice(0, 1)}
        task={task}
        sealed={sealed}
      />
      {begun && plan}
      <Typography variant="h3" component="h2" sx={{ mt: 3 }}>
        {say('screen.line-sheet.measured-by')}
      </Typography>
      <Box component="ul" data-testid="schools-in-use" sx={{ pl: 2.5, my: 0.5 }}>
        {state.method.schools.map((school) => (
          <li key={school.id}>{school.name}</li>
        ))}
      </Box>
      {!sealed && (
        <Button variant="outlined" fullWidth onClick={() => onChoosing(true)}>
          {say('screen.line-sheet.measure-another-way-or')}
        </Button>
      )}
      <StandForm state={state} task={task} sealed={sealed} />
      <MarkForm state={state} task={task} sealed={sealed} />
      {!asked && reference}
    </>
  );
}
