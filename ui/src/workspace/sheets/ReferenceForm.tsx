import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { ReferenceId, Workspace } from '../../api/types';
import type { Task } from '../task/useTask';

const LINES: Record<ReferenceId, string> = {
  'body-centreline': 'Body centreline',
  'thrust-line': 'Thrust line',
  axles: 'Axle line',
};

/** The line the card's values count from: the card's rule, or the shop's choice with its reason. */
export function ReferenceForm({
  state,
  task,
  sealed,
}: {
  state: Workspace;
  task: Task;
  sealed: boolean;
}) {
  const { reference } = state.method;
  const [line, setLine] = useState<ReferenceId>(reference.line);
  const [reason, setReason] = useState(reference.reason ?? '');
  const refused =
    task.failed?.kind === 'reference' && task.failure instanceof Refused
      ? task.failure.message
      : null;
  return (
    <Box component="section" aria-label="Reference line" sx={{ mt: 3 }}>
      <Typography variant="h3" component="h2">
        Counted from
      </Typography>
      <Typography data-testid="reference">
        {LINES[reference.line]}: {reference.from === 'card' && 'the card says so.'}
        {reference.from === 'shop' && `chosen by ${reference.person}: ${reference.reason}`}
        {reference.from === 'nobody' && 'the card is silent, and nobody has chosen yet.'}
      </Typography>
      {reference.from !== 'card' && !sealed && (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1, mt: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            task.write({ kind: 'reference', payload: { reference: line, reason: reason.trim() } });
          }}
        >
          <ToggleButtonGroup
            exclusive
            fullWidth
            value={line}
            onChange={(_, next: ReferenceId | null) => next && setLine(next)}
            aria-label="Reference line"
          >
            {(Object.keys(LINES) as ReferenceId[]).map((id) => (
              <ToggleButton key={id} value={id} sx={{ minHeight: 48 }}>
                {LINES[id]}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <TextField
            id="reference-reason"
            label="Why this one"
            required
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            error={refused !== null}
            helperText={refused ?? 'It stands in the record.'}
            slotProps={{ htmlInput: { maxLength: 300 } }}
          />
          <Button type="submit" variant="outlined" loading={task.isWriting}>
            Count from it
          </Button>
        </Box>
      )}
    </Box>
  );
}
