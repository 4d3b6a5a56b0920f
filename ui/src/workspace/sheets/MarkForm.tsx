import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import type { Task } from '../useTask';

type Mark = Workspace['method']['marks']['front'];

/** What is plumbed as the car's middle, and how far it may lie off it. */
const MARKS: Record<Mark, string> = {
  emblem: 'The emblem',
  'lamp-middle': 'Middle between both lamps, by tape (±5 mm)',
  'cover-seam': 'Middle seam of the bumper cover (±6 mm)',
  'glass-middle': 'Middle of the glass (±7 mm)',
  'plate-middle': 'Middle of the number plate (±9 mm)',
  other: 'Another mark (±15 mm)',
};

/** No emblem: what is plumbed instead. A substitute is less sure, and the survey counts it so. */
export function MarkForm({
  state,
  task,
  sealed,
}: {
  state: Workspace;
  task: Task;
  sealed: boolean;
}) {
  const [note, setNote] = useState('');
  const [asking, setAsking] = useState<'front' | 'rear' | null>(null);
  const say = (end: 'front' | 'rear', mark: Mark, words = '') => {
    if (mark === 'other' && words === '') {
      setAsking(end);
      return;
    }
    task.write(
      {
        to: 'car',
        body: { kind: 'mark', payload: { end, mark, ...(words === '' ? {} : { note: words }) } },
      },
      () => setAsking(null),
    );
  };
  return (
    <Box component="section" aria-label="Marks" sx={{ mt: 3, display: 'grid', gap: 1.5 }}>
      <Typography variant="h3" component="h2">
        What is plumbed
      </Typography>
      {(['front', 'rear'] as const).map((end) => (
        <TextField
          key={end}
          id={`mark-${end}`}
          select
          fullWidth
          disabled={sealed || task.isWriting}
          label={end === 'front' ? 'Front mark' : 'Rear mark'}
          value={asking === end ? 'other' : state.method.marks[end]}
          onChange={(event) => say(end, event.target.value as Mark)}
        >
          {Object.entries(MARKS).map(([id, words]) => (
            <MenuItem key={id} value={id} sx={{ minHeight: 48, whiteSpace: 'normal' }}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      ))}
      {asking && (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            say(asking, 'other', note.trim());
          }}
        >
          <TextField
            id="mark-note"
            label="What it is"
            required
            autoFocus
            value={note}
            onChange={(event) => setNote(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          <Button type="submit" variant="contained">
            Plumb that
          </Button>
        </Box>
      )}
      {task.failure instanceof Refused && task.failed?.to === 'car' && (
        <Typography role="alert">{task.failure.message}</Typography>
      )}
    </Box>
  );
}
