import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { answer, client, Refused } from '../../api/client';
import type { Cause, Workspace } from '../../api/types';
import { chance } from '../../words/length';
import { clock } from '../../words/moments';
import { Key } from '../../sheet/Key';
import { Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

/** The likeliest cause and the one check that decides it, with what either answer would mean. */
export function CauseCard({ state, task, cause }: { state: Workspace; task: Task; cause: Cause }) {
  const [note, setNote] = useState('');
  const decide = (found: boolean) =>
    task.write({
      kind: 'check',
      payload: {
        cause: cause.id,
        found,
        ...(note.trim() === '' ? {} : { note: note.trim() }),
      },
    });
  useKeys(useMemo(() => ({ y: () => decide(true), n: () => decide(false) }), [state, task, note])); // oxlint-disable-line react/exhaustive-deps
  const look = useMutation({
    mutationFn: () =>
      answer(
        client.GET('/api/tasks/{task}/look/{cause}', {
          params: { path: { task: state.task, cause: cause.id } },
        }),
      ),
  });
  const refused =
    task.failed?.kind === 'check' && task.failure instanceof Refused ? task.failure.message : null;
  const { trouble } = state.run;
  return (
    <Sheet
      title={cause.check}
      note={
        trouble
          ? say('screen.cause-card.tool-was-asked-at', {
              trouble: trouble.says,
              at: clock(trouble.at),
              message: trouble.message,
            })
          : (state.present.why ?? undefined)
      }
      testId="cause"
    >
      {trouble !== null && state.present.why !== null && (
        <Typography sx={{ mt: 1, fontWeight: 700 }}>{state.present.why}</Typography>
      )}
      <Typography sx={{ mt: 1, fontWeight: 700 }}>
        {say('screen.cause-card.likeliest', {
          cause: lower(cause.title),
          chance: chance(cause.chance),
        })}
      </Typography>
      {cause.because.length > 0 && (
        <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
          {cause.because.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </Box>
      )}
      <TextField
        id="cause-note"
        label={say('screen.cause-card.what-was-found-where')}
        fullWidth
        sx={{ mt: 1.5 }}
        value={note}
        error={refused !== null}
        helperText={refused}
        onChange={(event) => setNote(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
      />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 1.5 }}>
        <Button variant="contained" loading={task.isWriting} onClick={() => decide(true)}>
          {say('screen.cause-card.found-it')} <Key of="Y" />
        </Button>
        <Button variant="outlined" disabled={task.isWriting} onClick={() => decide(false)}>
          {say('screen.cause-card.not-that')} <Key of="N" />
        </Button>
      </Box>
      {state.simulated && (
        <Button
          fullWidth
          variant="outlined"
          sx={{ mt: 1 }}
          loading={look.isPending}
          onClick={() => look.mutate()}
        >
          {say('screen.cause-card.look-at-simulated-car')}
        </Button>
      )}
      {look.data && (
        <Typography role="status" sx={{ mt: 1, fontWeight: 700 }}>
          {look.data.found
            ? say('screen.cause-card.you-find-it')
            : say('screen.cause-card.you-find-nothing-it')}
        </Typography>
      )}
      <Typography variant="body2" sx={{ mt: 1 }}>
        {say('screen.cause-card.found', { whenFound: cause.whenFound })}
      </Typography>
      <Typography variant="body2">
        {say('screen.cause-card.not-found', { whenClear: lower(cause.whenClear) })}
      </Typography>
    </Sheet>
  );
}

function lower(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}
