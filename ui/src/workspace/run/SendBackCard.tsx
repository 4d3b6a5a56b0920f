import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace, CauseId } from '../../api/types';
import { usePerson } from '../../session/usePerson';
import { Sheet } from '../../sheet/Sheet';
import type { Task } from '../task/useTask';
import { say, type Code } from '../../words/say';

const FAULTS: [string, Code][] = [
  ['bracket', 'screen.send-back-card.bracket-or-mounting'],
  ['cover', 'screen.send-back-card.paint-filler-or-cover'],
  ['sensor', 'screen.send-back-card.sensor-itself'],
];

/** The car goes back to another trade, with the reasons as they stand, in somebody’s name. */
export function SendBackCard({
  state,
  task,
  onLeave,
}: {
  state: Workspace;
  task: Task;
  /** Where it is not what the readings lead to. */
  onLeave?: () => void;
}) {
  const person = usePerson();
  const advised = state.present.kind === 'send-back' ? state.present.call : null;
  const [fault, setFault] = useState(advised ?? 'bracket');
  const [name, setName] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const problem =
    task.failure instanceof Refused && task.failed?.kind === 'sent-back'
      ? task.failure.problem
      : null;
  const cause = state.run.causes?.find((known) => known.id === fault);
  return (
    <Sheet
      title={advised ? say('screen.send-it-back') : say('screen.send-back-card.send-it-back-all')}
      note={
        advised
          ? (state.present.why ?? undefined)
          : say('screen.send-back-card.readings-do-not-lead')
      }
      testId="send-back"
    >
      {advised && cause && <Typography sx={{ mt: 1, fontWeight: 700 }}>{cause.title}.</Typography>}
      <Box
        component="form"
        sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}
        onSubmit={(event) => {
          event.preventDefault();
          task.write({
            kind: 'sent-back',
            payload: {
              fault: fault as CauseId,
              name: name ?? person.data?.name ?? '',
              ...(note.trim() === '' ? {} : { note: note.trim() }),
            },
          });
        }}
      >
        {!advised && (
          <TextField
            id="fault"
            select
            label={say('screen.send-back-card.for')}
            value={fault}
            onChange={(event) => setFault(event.target.value)}
          >
            {FAULTS.map(([id, words]) => (
              <MenuItem key={id} value={id} sx={{ minHeight: 48 }}>
                {say(words)}
              </MenuItem>
            ))}
          </TextField>
        )}
        <TextField
          id="send-back-name"
          label={say('screen.send-back-card.decided-by')}
          required
          value={name ?? person.data?.name ?? ''}
          onChange={(event) => setName(event.target.value)}
          error={problem?.path === '/payload/name'}
          helperText={problem?.path === '/payload/name' ? problem.title : undefined}
        />
        <TextField
          id="send-back-note"
          label={say('screen.send-back-card.note-for-other-trade')}
          multiline
          minRows={2}
          required={!advised}
          value={note}
          onChange={(event) => setNote(event.target.value)}
          error={problem?.path === '/payload/note'}
          helperText={problem?.path === '/payload/note' ? problem.title : undefined}
          slotProps={{ htmlInput: { maxLength: 500 } }}
        />
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained" loading={task.isWriting}>
            {say('screen.send-it-back')}
          </Button>
          {onLeave && (
            <Button color="inherit" onClick={onLeave}>
              {say('screen.leave-it')}
            </Button>
          )}
        </Box>
      </Box>
    </Sheet>
  );
}
