import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { Question } from '../../api/types';
import { clock } from '../../format/length';
import { useKeys } from '../useKeys';
import type { Task } from '../useTask';
import { Cautions } from './Cautions';
import { Sheet } from './Sheet';

type Answer = 'yes' | 'no' | 'not-checked' | 'on-word';

const WORDS: Record<Answer, string> = {
  yes: 'Yes',
  no: 'No',
  'not-checked': 'Not checked',
  'on-word': 'On word',
};
const KEYS: Record<Answer, string> = { yes: 'Y', no: 'N', 'not-checked': 'C', 'on-word': 'W' };

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
  const [asking, setAsking] = useState(false);
  const open = questions.find((question) => question.answer === null);
  const present = questions.find((question) => question.id === chosen) ?? open;

  const record = (answer: Answer, word?: string) => {
    if (present) {
      task.write(
        { to: 'answers', body: { item: present.id, answer, ...(word ? { word } : {}) } },
        () => {
          setChosen(null);
          setAsking(false);
        },
      );
    }
  };
  const keys = useMemo(
    () =>
      present && !asking && !sealed
        ? {
            y: () => record('yes'),
            n: () => record('no'),
            c: () => record('not-checked'),
            w: () => setAsking(true),
          }
        : {},
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [present?.id, asking, sealed, task],
  );
  useKeys(keys);

  return (
    <>
      {present && !sealed ? (
        <Sheet
          title={present.question}
          note={`${present.blocks ? 'Unmet, it bars the run. ' : 'Unmet, it is a warning. '}${present.why}`}
          testId="question"
        >
          {asking ? (
            <WordForm onSay={(word) => record('on-word', word)} onCancel={() => setAsking(false)} />
          ) : (
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 1.5 }}>
              {(Object.keys(WORDS) as Answer[]).map((answer) => (
                <Button
                  key={answer}
                  variant={answer === 'yes' ? 'contained' : 'outlined'}
                  disabled={task.isWriting}
                  sx={{ px: 1, whiteSpace: 'nowrap' }}
                  onClick={() => (answer === 'on-word' ? setAsking(true) : record(answer))}
                >
                  {WORDS[answer]} <Key of={KEYS[answer]} />
                </Button>
              ))}
            </Box>
          )}
        </Sheet>
      ) : (
        <Sheet
          title={`${title}: all answered`}
          note={sealed ? undefined : 'Tap a line to answer it again.'}
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
      {WORDS[question.answer]}
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

export function Key({ of }: { of: string }) {
  return (
    <Box
      component="kbd"
      aria-hidden
      sx={{
        ml: 1,
        px: 0.75,
        border: 1,
        borderRadius: 0.5,
        fontSize: '0.75rem',
        opacity: 0.85,
        fontFamily: 'inherit',
      }}
    >
      {of}
    </Box>
  );
}

function WordForm({ onSay, onCancel }: { onSay: (word: string) => void; onCancel: () => void }) {
  const [word, setWord] = useState('');
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gap: 1, mt: 1.5 }}
      onSubmit={(event) => {
        event.preventDefault();
        onSay(word);
      }}
    >
      <TextField
        id="word"
        label="On whose word"
        autoFocus
        required
        value={word}
        onChange={(event) => setWord(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 80 } }}
      />
      <Typography variant="body2" color="text.secondary">
        It counts as met and stays marked as hearsay in the record.
      </Typography>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          Record it
        </Button>
        <Button color="inherit" onClick={onCancel}>
          Back
        </Button>
      </Box>
    </Box>
  );
}
