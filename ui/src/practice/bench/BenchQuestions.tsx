import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client } from '../../api/client';
import type { Bench } from '../../api/types';
import { say } from '../../words/say';
import type { BenchFile } from './useBench';

/** What is to be so before the run and along the line: looked at, or left as somebody told it. */
export function BenchQuestions({
  bench,
  file,
  run,
}: {
  bench: Bench;
  file: BenchFile;
  run: string;
}) {
  const [seen, setSeen] = useState<Record<string, boolean>>({});
  const look = useMutation({
    mutationFn: async (item: string) => ({
      item,
      ...(await answer(
        client.GET('/api/practice/runs/{run}/see/{item}', { params: { path: { run, item } } }),
      )),
    }),
    onSuccess: ({ item, met }) => {
      setSeen((known) => ({ ...known, [item]: met }));
      file.write({ kind: 'answer', payload: { item, answer: 'yes' } });
    },
  });
  return (
    <Box data-testid="bench-questions">
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {say('screen.bench.questions-note')}
      </Typography>
      {bench.questions.map((question) => (
        <Box
          key={question.id}
          data-testid={`question-${question.id}`}
          sx={{
            display: 'flex',
            gap: 1,
            alignItems: 'center',
            justifyContent: 'space-between',
            borderTop: 1,
            borderColor: 'divider',
            py: 0.5,
          }}
        >
          <Box>
            <Typography>{question.question}</Typography>
            <Typography variant="body2" color="text.secondary" role="status">
              {question.answer === 'on-word' && question.word !== null
                ? say('screen.bench.on-word', { who: question.word })
                : question.answer === 'yes'
                  ? seen[question.id] === false
                    ? say('screen.bench.was-not-so')
                    : say('screen.bench.looked')
                  : ''}
            </Typography>
          </Box>
          {question.answer !== 'yes' && (
            <Button
              variant="outlined"
              loading={look.isPending && look.variables === question.id}
              disabled={file.isWriting}
              onClick={() => look.mutate(question.id)}
              sx={{ flexShrink: 0 }}
            >
              {say('screen.bench.look')}
              <span className="visually-hidden">: {question.question}</span>
            </Button>
          )}
        </Box>
      ))}
    </Box>
  );
}
