import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

/** A routine that came to nothing, with the words and codes that the tool shows. */
export function FailedRun({ task, tool }: { task: Task; tool: string | null }) {
  const [open, setOpen] = useState(false);
  const [message, setMessage] = useState('');
  const [codes, setCodes] = useState('');
  if (!open) {
    return (
      <Button
        variant="outlined"
        color="inherit"
        onClick={() => setOpen(true)}
        sx={{ minHeight: 48 }}
      >
        {say('screen.failed-run.it-failed')}
      </Button>
    );
  }
  return (
    <Box
      component="form"
      data-testid="failed-run"
      sx={{ display: 'grid', gap: 1, borderLeft: 4, borderColor: 'divider', pl: 1.5 }}
      onSubmit={(event) => {
        event.preventDefault();
        const list = codes.split(/[\s,;]+/).filter((code) => code !== '');
        task.write({
          kind: 'run-failed',
          payload: {
            message: message.trim(),
            ...(list.length === 0 ? {} : { codes: list }),
            ...(tool === null ? {} : { tool }),
          },
        });
      }}
    >
      <TextField
        id="failed-message"
        label={say('screen.failed-run.words')}
        required
        autoFocus
        multiline
        value={message}
        onChange={(event) => setMessage(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
      />
      <TextField
        id="failed-codes"
        label={say('screen.failed-run.codes')}
        value={codes}
        onChange={(event) => setCodes(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 200, autoComplete: 'off' } }}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          type="submit"
          variant="contained"
          disabled={message.trim() === ''}
          loading={task.isWriting}
        >
          {say('screen.failed-run.record')}
        </Button>
        <Button color="inherit" onClick={() => setOpen(false)}>
          {say('screen.back')}
        </Button>
      </Box>
    </Box>
  );
}
