import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Question } from '../../api/types';
import { clock } from '../../words/moments';
import type { Task } from '../task/useTask';
import { AnswerButtons, ANSWERS, type Answer } from '../../sheet/AnswerButtons';
import { typedValues, ValueFields } from '../../sheet/ValueFields';
import { AskedAnswer } from './AskedAnswer';
import { Cautions } from './Cautions';
import { Sheet } from '../../sheet/Sheet';
import { say } from '../../words/say';

interface Props {
  title: string;
  questions: Question[];
  cautions: string[];
  task: Task;
  sealed: boolean;
}

/** Questions answered one after the other: yes, no, not checked, or on somebody's word. */
export function QuestionsSheet({ title, questions, cautions, task, sealed }: Props) {
  const [chosen, setChosen] = useState<string | null>(null);
  // What waits on this device is answered already.
  const here = task.isCarriedOn
    ? []
    : task.queue.flatMap((line) => (line.kind === 'answer' ? [line.payload.item] : []));
  const open = questions.find(
    (question) => question.answer === null && !here.includes(question.id),
  );
  const present = questions.find((question) => question.id === chosen) ?? open;

  const [typed, setTyped] = useState<Record<string, string>>({});
  const done = () => {
    setChosen(null);
    setTyped({});
  };
  const record = (answer: Answer, word?: string) => {
    if (present) {
      const payload = {
        item: present.id,
        answer,
        ...(word ? { word } : {}),
        ...typedValues(present.values, typed),
      };
      task.write({ kind: 'answer', payload }, done);
    }
  };

  return (
    <>
      {present && !sealed ? (
        <Sheet
          title={present.question}
          note={`${present.blocks ? `${say('screen.not-met-it-bars')} ` : `${say('screen.not-met-it-warning')} `}${present.why}`}
          testId="question"
        >
          <ValueFields values={present.values} typed={typed} onType={setTyped} />
          <AskedAnswer task={task} />
          <AnswerButtons key={present.id} busy={task.isWriting} onAnswer={record} />
        </Sheet>
      ) : (
        <Sheet
          title={say('screen.questions-sheet.all-answered', { title })}
          note={sealed ? undefined : say('screen.tap-line-answer-it')}
        />
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {questions.map((question) => (
          <Box component="li" key={question.id} sx={{ borderBottom: 1, borderColor: 'divider' }}>
            <Button
              color="inherit"
              disabled={sealed}
              fullWidth
              onClick={() => setChosen(question.id)}
              sx={{
                justifyContent: 'space-between',
                textAlign: 'left',
                fontWeight: question.id === present?.id ? 700 : 400,
                fontSize: '0.95rem',
                gap: 1,
                px: 1,
                '&.Mui-disabled': { color: 'text.primary' },
              }}
            >
              <span>{question.question}</span>
              <Answered question={question} />
            </Button>
          </Box>
        ))}
      </Box>
      <Cautions cautions={cautions} />
    </>
  );
}

function Answered({ question }: { question: Question }) {
  if (question.answer === null) {
    return <span>—</span>;
  }
  return (
    <Box
      component="span"
      sx={{
        textAlign: 'right',
        color: question.met ? 'verdict.holds' : 'verdict.out',
        fontWeight: 700,
        flexShrink: 0,
        maxWidth: 150,
      }}
    >
      {say(ANSWERS[question.answer])}
      <Box
        component="span"
        sx={{
          display: 'block',
          fontWeight: 400,
          fontSize: '0.8rem',
          color: 'text.secondary',
          overflowWrap: 'anywhere',
        }}
      >
        {question.word ?? question.person}
        {question.at && `, ${clock(question.at)}`}
      </Box>
    </Box>
  );
}
