import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { length } from '../../words/length';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import { useSchools } from '../task/useSchools';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

type Mark = Workspace['method']['marks']['front'];

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
  const { data } = useSchools(state);
  const [display] = useLengthDisplay();
  // Until they are here, what is chosen stands there alone.
  const marks = data?.marks ?? [];
  const [note, setNote] = useState('');
  const [asking, setAsking] = useState<'front' | 'rear' | null>(null);
  const plumb = (end: 'front' | 'rear', mark: Mark, words = '') => {
    if (mark === 'other' && words === '') {
      setAsking(end);
      return;
    }
    task.write(
      {
        kind: 'mark',
        payload: { end, mark, ...(words === '' ? {} : { note: words }) },
      },
      () => setAsking(null),
    );
  };
  return (
    <Box
      component="section"
      aria-label={say('screen.mark-form.marks')}
      sx={{ mt: 3, display: 'grid', gap: 1.5 }}
    >
      <Typography variant="h3" component="h2">
        {say('screen.mark-form.what-plumbed')}
      </Typography>
      {(['front', 'rear'] as const).map((end) => (
        <TextField
          key={end}
          id={`mark-${end}`}
          select
          fullWidth
          disabled={sealed || task.isWriting}
          label={
            end === 'front' ? say('screen.mark-form.front-mark') : say('screen.mark-form.rear-mark')
          }
          value={asking === end ? 'other' : state.method.marks[end]}
          onChange={(event) => plumb(end, event.target.value as Mark)}
        >
          {marks.length === 0 && (
            <MenuItem value={asking === end ? 'other' : state.method.marks[end]}>
              {state.method.marks[end]}
            </MenuItem>
          )}
          {marks.map((mark) => (
            <MenuItem key={mark.id} value={mark.id} sx={{ minHeight: 48, whiteSpace: 'normal' }}>
              {mark.says.charAt(0).toUpperCase() + mark.says.slice(1)}
              {mark.across === null ? '' : ` (±${length(mark.across, display)})`}
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
            plumb(asking, 'other', note.trim());
          }}
        >
          <TextField
            id="mark-note"
            label={say('screen.what-it')}
            required
            autoFocus
            value={note}
            onChange={(event) => setNote(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          <Button type="submit" variant="contained">
            {say('screen.mark-form.plumb-that')}
          </Button>
        </Box>
      )}
      {task.failure instanceof Refused && task.failed?.kind === 'mark' && (
        <Typography role="alert">{task.failure.message}</Typography>
      )}
    </Box>
  );
}
