import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import type { Workspace } from '../api/types';
import { AnswerButtons, type Answer } from '../sheet/AnswerButtons';
import { typedValues, ValueFields } from '../sheet/ValueFields';
import { Opening } from '../shell/Opening';
import { VerdictMark } from '../shell/VerdictMark';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { say } from '../words/say';
import { Announcer } from '../workspace/Announcer';
import { Banner } from '../workspace/Banner';
import { AskedAnswer } from '../workspace/sheets/AskedAnswer';
import { presentCall } from '../workspace/presentCall';
import { nextCall, readHere, useNextCall } from '../workspace/task/nextCall';
import { useHeldCalls, useHold } from '../workspace/task/useHeld';
import { useTask, type Task } from '../workspace/task/useTask';
import { UndoDialog } from '../workspace/UndoDialog';
import { PadBar } from './PadBar';
import { PadCall } from './PadCall';
import { PadMoves } from './PadMoves';
import { PadReading } from './PadReading';

/** A task in the hand: its present call and nothing else, beside the screen that shows the whole of it. */
export function PadScreen({ task }: { task: string }) {
  const file = useTask(task);
  if (file.query.data) {
    return <Open key={task} state={file.query.data} task={file} />;
  }
  return <Opening query={file.query} what={say('screen.repair-order')} />;
}

function Open({ state, task }: { state: Workspace; task: Task }) {
  const [display] = useLengthDisplay();
  const [undone, setUndone] = useState<Workspace['ledger'][number] | null>(null);
  const last = state.ledger.findLast((reading) => reading.fate === 'counts');
  const sealed = state.seal !== null;
  useEffect(() => {
    document.title = `${say('screen.pad.pad')}, ${say('screen.ro', { number: state.order.number })}`;
  }, [state.order.number]);
  return (
    <Box sx={{ height: '100dvh', display: 'flex', flexDirection: 'column', overflow: 'auto' }}>
      <PadBar state={state} task={task} />
      <Banner task={task} />
      <Box
        component="main"
        sx={{
          flex: 1,
          display: 'flex',
          flexDirection: 'column',
          gap: 1,
          p: 1.5,
          width: '100%',
          maxWidth: 560,
          mx: 'auto',
        }}
      >
        <Present state={state} task={task} />
      </Box>
      <Box
        component="footer"
        sx={{
          display: 'flex',
          alignItems: 'center',
          justifyContent: 'space-between',
          gap: 1,
          px: 1.5,
          borderTop: 1,
          borderColor: 'divider',
          minHeight: 52,
        }}
      >
        <Typography variant="body2" data-testid="pad-last" sx={{ overflow: 'hidden' }}>
          {last && say('screen.pad.last', { title: last.title, typed: last.typed })}
        </Typography>
        {last && !sealed && (
          <Button color="inherit" onClick={() => setUndone(last)} sx={{ flexShrink: 0 }}>
            {say('screen.pad.strike-last')}
          </Button>
        )}
      </Box>
      <UndoDialog
        reading={undone}
        onStrike={(reading) => task.write({ kind: 'strike', payload: { reading } })}
        onClose={() => setUndone(null)}
      />
      <Announcer state={state} task={task} display={display} />
    </Box>
  );
}

/** What is asked for now, as far as it can be done in the hand. */
function Present({ state, task }: { state: Workspace; task: Task }) {
  const [display] = useLengthDisplay();
  const held = useHeldCalls(state.task);
  const others = held.filter(({ own }) => !own);
  const [anyway, setAnyway] = useState(false);
  const sealed = state.seal !== null;
  const next = useNextCall(state, task, anyway ? [] : held);
  const call = sealed ? null : next;
  useHold(state.task, call?.id ?? null, true);
  const questions = [...state.preparation, ...state.lineSteps];
  const question = questions.find((known) => known.answer === null);
  if (call) {
    return <PadReading key={call.id} call={call} state={state} task={task} display={display} />;
  }
  if (sealed) {
    return (
      <PadCall call={{ title: say('screen.place-sheet.record-sealed'), figure: '', note: '' }} />
    );
  }
  if (nextCall(state, readHere(task), []) !== null) {
    const titles = others.map(({ call: at, person }) =>
      say('screen.pad.person-at', {
        person,
        title: state.calls.find(({ id }) => id === at)?.title ?? at,
      }),
    );
    return (
      <PadCall
        call={{
          title: say('screen.pad.others-at', {
            people: [...new Set(others.map(({ person }) => person))].join(', '),
          }),
          figure: '',
          note: titles.join(' '),
        }}
      >
        <Button variant="outlined" onClick={() => setAnyway(true)} sx={{ minHeight: 64 }}>
          {say('screen.pad.read-all-the-same')}
        </Button>
      </PadCall>
    );
  }
  if (state.present.kind === 'move') {
    return (
      <PadMoves key={JSON.stringify(state.moves)} state={state} task={task} display={display} />
    );
  }
  const shown = presentCall(state, display);
  if ((state.present.kind === 'prepare' || state.present.kind === 'line') && question) {
    return <PadQuestion key={question.id} question={question} task={task} title={shown.title} />;
  }
  return (
    <PadCall call={shown}>
      <Typography color="text.secondary">{say('screen.pad.at-screen')}</Typography>
      <Box sx={{ display: 'flex', columnGap: 3, rowGap: 1, flexWrap: 'wrap' }}>
        {state.verdicts.map((respect) => (
          <Box key={respect.id}>
            <Box>{respect.title}</Box>
            <VerdictMark verdict={respect.verdict} size={28} />
          </Box>
        ))}
      </Box>
    </PadCall>
  );
}

function PadQuestion({
  question,
  task,
  title,
}: {
  question: Workspace['preparation'][number];
  task: Task;
  title: string;
}) {
  const [typed, setTyped] = useState<Record<string, string>>({});
  const answer = (given: Answer, word?: string) =>
    task.write({
      kind: 'answer',
      payload: {
        item: question.id,
        answer: given,
        ...(word ? { word } : {}),
        ...typedValues(question.values, typed),
      },
    });
  return (
    <PadCall call={{ title, figure: '', note: question.question }}>
      <Typography color="text.secondary">{question.why}</Typography>
      <ValueFields values={question.values} typed={typed} onType={setTyped} />
      <AskedAnswer task={task} />
      <AnswerButtons busy={task.isWriting} onAnswer={answer} />
    </PadCall>
  );
}
