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
import { say, type Code } from '../../words/say';

const LINES: Record<ReferenceId, Code> = {
  'body-axis': 'screen.reference-form.body-axis',
  'body-centreline': 'screen.reference-form.body-centreline',
  'thrust-line': 'screen.reference-form.thrust-line',
  axles: 'screen.reference-form.axle-line',
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
  // What this card was taken for the last time on this device stands there, for whoever agrees.
  const last = chosenBefore(state.card.title);
  const [line, setLine] = useState<ReferenceId>(
    reference.from === 'nobody' && last ? last.line : reference.line,
  );
  const [reason, setReason] = useState(reference.reason ?? last?.reason ?? '');
  // It is the present call: without it nobody knows what the card's values mean.
  const asked = state.present.kind === 'line' && state.present.why !== null;
  const refused =
    task.failed?.kind === 'reference' && task.failure instanceof Refused
      ? task.failure.message
      : null;
  return (
    <Box
      component="section"
      aria-label={say('screen.reference-form.reference-line')}
      sx={{ mt: asked ? 0 : 3, mb: asked ? 3 : 0 }}
    >
      <Typography variant="h3" component="h2">
        {say('screen.reference-form.counted-from')}
      </Typography>
      {asked && (
        <Typography sx={{ fontWeight: 700 }} data-testid="reference-asked">
          {state.present.why}
        </Typography>
      )}
      <Typography data-testid="reference">
        {say(LINES[reference.line])}:{' '}
        {reference.from === 'card' && say('screen.reference-form.card-says-so')}
        {reference.from === 'shop' &&
          say('screen.reference-form.chosen-by', {
            person: reference.person,
            reason: reference.reason,
          })}
        {reference.from === 'nobody' && say('screen.reference-form.card-silent-and-nobody')}
      </Typography>
      {reference.from !== 'card' && !sealed && (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1, mt: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            const payload = { reference: line, reason: reason.trim() };
            localStorage.setItem(
              `reference ${state.card.title}`,
              JSON.stringify({ line, reason: payload.reason }),
            );
            task.write({ kind: 'reference', payload });
          }}
        >
          <ToggleButtonGroup
            exclusive
            fullWidth
            value={line}
            onChange={(_, next: ReferenceId | null) => next && setLine(next)}
            aria-label={say('screen.reference-form.reference-line')}
          >
            {(Object.keys(LINES) as ReferenceId[]).map((id) => (
              <ToggleButton key={id} value={id} sx={{ minHeight: 48 }}>
                {say(LINES[id])}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <TextField
            id="reference-reason"
            label={say('screen.reference-form.why-this-one')}
            required
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            error={refused !== null}
            helperText={refused ?? say('screen.reference-form.it-stands-in-record')}
            slotProps={{ htmlInput: { maxLength: 300 } }}
          />
          <Button type="submit" variant={asked ? 'contained' : 'outlined'} loading={task.isWriting}>
            {say('screen.reference-form.count-from-it')}
          </Button>
        </Box>
      )}
    </Box>
  );
}

function chosenBefore(card: string): { line: ReferenceId; reason: string } | null {
  const kept = localStorage.getItem(`reference ${card}`);
  if (kept === null) {
    return null;
  }
  const read = JSON.parse(kept) as { line: ReferenceId; reason: string };
  return read.line in LINES ? read : null;
}
