import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { StageId, Workspace } from '../../api/types';
import { type LengthDisplay } from '../../words/length';
import { clock } from '../../words/moments';
import { AcceptCard } from '../run/AcceptCard';
import { AdjustCard } from '../run/AdjustCard';
import { CauseList } from '../run/CauseList';
import { Events } from '../run/Events';
import { FindingCard } from '../run/FindingCard';
import { MirrorForm } from '../run/MirrorForm';
import { NudgeCard } from '../run/NudgeCard';
import { RepeatCard } from '../run/RepeatCard';
import { SendBackCard } from '../run/SendBackCard';
import { ShiftCard } from '../run/ShiftCard';
import { Swing } from '../run/Swing';
import { SHIFT_RESULTS } from '../run/words';
import { ZeroCard } from '../run/ZeroCard';
import type { Task } from '../task/useTask';
import { RunResult } from './RunResult';
import { Sheet } from '../../sheet/Sheet';
import { say, sayOr } from '../../words/say';

const TITLES = {
  holds: 'screen.prove-sheet.axis-holds',
  out: 'screen.prove-sheet.axis-out',
  unproven: 'screen.prove-sheet.axis-unproven',
  'not-measured': 'screen.prove-sheet.axis-not-known',
} as const;

/** What the readings say of the axis, what to do about it, and what was done. */
export function ProveSheet({
  state,
  task,
  display,
  sending,
  onSending,
  onShow,
}: {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
  /** Whether the form for sending back is open. */
  sending: boolean;
  onSending: (sending: boolean) => void;
  onShow: (stage: StageId) => void;
}) {
  const { run } = state;
  const sealed = state.seal !== null;
  const working = !sealed && run.sentBack === null && run.accepted === null;
  const verdict = run.finding?.verdict;
  if (state.runs.length === 0 && !run.sentBack) {
    return (
      <Sheet
        title={say('screen.prove-sheet.nothing-prove-yet')}
        note={say('screen.prove-sheet.axis-judged-once-it')}
      />
    );
  }
  return (
    <>
      {run.sentBack && <SentBack state={state} sent={run.sentBack} />}
      {working && !sending && <Present state={state} task={task} display={display} />}
      {working && sending && (
        <SendBackCard state={state} task={task} onLeave={() => onSending(false)} />
      )}
      {run.finding && verdict && (
        <Sheet title={say(TITLES[verdict])} testId="prove">
          <FindingCard state={state} finding={run.finding} />
          {working && (
            <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap' }}>
              <Button
                variant={run.proven ? 'contained' : 'outlined'}
                onClick={() => onShow('close')}
              >
                {run.proven
                  ? say('screen.prove-sheet.close-record')
                  : say('screen.prove-sheet.close-as-not-proven')}
              </Button>
              {state.present.kind !== 'send-back' && !sending && !run.proven && (
                <Button variant="outlined" onClick={() => onSending(true)}>
                  {say('screen.send-it-back')}
                </Button>
              )}
            </Box>
          )}
        </Sheet>
      )}
      {run.causes && state.present.kind === 'send-back' && <CauseList causes={run.causes} />}
      {run.shiftTest?.result && (
        <Typography sx={{ mb: 2 }} data-testid="shift-result">
          {say('screen.prove-sheet.shift-test', {
            result: sayOr(SHIFT_RESULTS[run.shiftTest.result], run.shiftTest.result),
          })}
        </Typography>
      )}
      {run.made.length > 0 && (
        <Box
          component="section"
          aria-label={say('screen.prove-sheet.corrections')}
          sx={{ mb: 2 }}
          data-testid="made"
        >
          <Typography variant="h3" component="h2">
            {say('screen.prove-sheet.corrected-so-far')}
          </Typography>
          {run.made.map((made) => (
            <Typography key={made.at}>
              {clock(made.at)} {made.says} <span>({made.person})</span>
            </Typography>
          ))}
        </Box>
      )}
      <Swing state={state} task={task} working={working} />
      <MirrorForm state={state} task={task} working={working} />
      <Typography variant="h3" component="h2" sx={{ mt: 2 }}>
        {say('screen.prove-sheet.line-by-line')}
      </Typography>
      <Events state={state} />
      <Typography variant="h3" component="h2" sx={{ mt: 2 }}>
        {say('screen.readings')}
      </Typography>
      {[...state.runs].reverse().map((made) => (
        <Box key={made.id} sx={{ mb: 2, borderTop: 1, borderColor: 'divider', pt: 1 }}>
          <RunResult run={made} card={state.card} />
        </Box>
      ))}
    </>
  );
}

/** The one thing to do now, where it is to be done here. */
function Present({
  state,
  task,
  display,
}: {
  state: Workspace;
  task: Task;
  display: LengthDisplay;
}) {
  switch (state.present.kind) {
    case 'repeat':
      return <RepeatCard state={state} task={task} display={display} />;
    case 'adjust':
      return <AdjustCard key={state.version} state={state} task={task} />;
    case 'zero':
      return <ZeroCard state={state} task={task} />;
    case 'shift-test':
    case 'shift-back':
      return <ShiftCard key={state.present.kind} state={state} task={task} display={display} />;
    case 'nudge':
      return <NudgeCard state={state} task={task} display={display} />;
    case 'send-back':
      return <SendBackCard state={state} task={task} />;
    case 'accept':
      return <AcceptCard state={state} task={task} />;
    case 'prove':
      return state.present.why === null ? null : (
        <Sheet title={say('screen.prove-sheet.what-in-way')} note={state.present.why} />
      );
    default:
      return null;
  }
}

function SentBack({
  state,
  sent,
}: {
  state: Workspace;
  sent: NonNullable<Workspace['run']['sentBack']>;
}) {
  return (
    <Sheet
      title={say('screen.sent-back', { to: sent.to })}
      note={`${sent.name}, ${clock(sent.at)}`}
      testId="sent-back"
    >
      <Box component="ul" sx={{ pl: 2.5, my: 1 }}>
        {sent.reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </Box>
      {sent.note && <Typography>{sent.note}</Typography>}
      <Button variant="contained" component={Link} to={`/tasks/${state.task}/note`} sx={{ mt: 1 }}>
        {say('screen.prove-sheet.note-for', { to: sent.to })}
      </Button>
    </Sheet>
  );
}
