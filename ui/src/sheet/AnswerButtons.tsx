import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { Key } from './Key';
import { useKeys } from './useKeys';
import { say, type Code } from '../words/say';

export type Answer = 'yes' | 'no' | 'not-checked' | 'on-word';

export const ANSWERS: Record<Answer, Code> = {
  yes: 'screen.yes',
  no: 'screen.no',
  'not-checked': 'screen.answer-buttons.not-checked',
  'on-word': 'screen.answer-buttons.on-word',
};
const KEYS: Record<Answer, string> = { yes: 'Y', no: 'N', 'not-checked': 'C', 'on-word': 'W' };

/** Yes, no, not checked, or on somebody's word: by a touch or by one key. */
export function AnswerButtons({
  busy,
  onAnswer,
}: {
  busy: boolean;
  onAnswer: (answer: Answer, word?: string) => void;
}) {
  const [asking, setAsking] = useState(false);
  const choose = (answer: Answer) => (answer === 'on-word' ? setAsking(true) : onAnswer(answer));
  useKeys(
    useMemo(
      () =>
        asking
          ? {}
          : Object.fromEntries(
              (Object.keys(ANSWERS) as Answer[]).map((answer) => [
                KEYS[answer].toLowerCase(),
                () => choose(answer),
              ]),
            ),
      [asking, onAnswer], // oxlint-disable-line react/exhaustive-deps
    ),
  );
  return asking ? (
    <WordForm
      onSay={(word) => {
        setAsking(false);
        onAnswer('on-word', word);
      }}
      onCancel={() => setAsking(false)}
    />
  ) : (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 1.5 }}>
      {(Object.keys(ANSWERS) as Answer[]).map((answer) => (
        <Button
          key={answer}
          variant={answer === 'yes' ? 'contained' : 'outlined'}
          disabled={busy}
          sx={{ px: 1, whiteSpace: 'nowrap' }}
          onClick={() => choose(answer)}
        >
          {say(ANSWERS[answer])} <Key of={KEYS[answer]} />
        </Button>
      ))}
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
        onSay(word.trim());
      }}
    >
      <TextField
        id="word"
        label={say('screen.answer-buttons.on-whose-word')}
        autoFocus
        required
        value={word}
        onChange={(event) => setWord(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 80 } }}
      />
      <Typography variant="body2" color="text.secondary">
        {say('screen.answer-buttons.it-counts-as-met')}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          {say('screen.record-it')}
        </Button>
        <Button color="inherit" onClick={onCancel}>
          {say('screen.back')}
        </Button>
      </Box>
    </Box>
  );
}
