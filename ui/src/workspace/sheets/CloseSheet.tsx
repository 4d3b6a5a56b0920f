import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import { useMay } from '../../session/usePerson';
import type { Task } from '../task/useTask';
import { Sheet } from '../../sheet/Sheet';
import { figures } from '../../theme/theme';
import { say } from '../../words/say';

/** What the record proves and what it does not, and the seal. */
export function CloseSheet({ state, task }: { state: Workspace; task: Task }) {
  const may = useMay();
  const [handover, setHandover] = useState('');
  const proven = state.settled;
  const problem = task.failure instanceof Refused ? task.failure.problem : null;
  const refused = problem?.path === '/handover' || problem?.code === 'forbidden' ? problem : null;
  if (state.seal) {
    return (
      <Sheet
        title={say('screen.sealed')}
        note={say('screen.close-sheet.nothing-more-can-be')}
        testId="sealed"
      >
        <Typography
          sx={{
            fontFamily: figures,
            overflowWrap: 'anywhere',
            my: 1,
          }}
          data-testid="seal"
        >
          {state.seal.hash}
        </Typography>
        <Typography sx={{ mb: 2 }} color="text.secondary" data-testid="signed">
          {!state.seal.signs
            ? say('screen.close-sheet.exercise')
            : state.seal.entry === null
              ? say('screen.close-sheet.not-signed')
              : state.seal.entry.earlier
                ? say('screen.close-sheet.signed-earlier', { number: state.seal.entry.number })
                : say('screen.close-sheet.signed', { number: state.seal.entry.number })}
        </Typography>
        {state.next && (
          <Box sx={{ mb: 2 }} data-testid="next">
            <Typography variant="h3">{say('screen.close-sheet.next')}</Typography>
            <Typography sx={{ mb: 1 }}>{state.next.says}</Typography>
            <Button
              variant="contained"
              fullWidth
              component={Link}
              to={
                state.next.task === null ? `/orders/${state.order.id}` : `/tasks/${state.next.task}`
              }
              sx={{ minHeight: 56 }}
            >
              {state.next.task === null
                ? say('screen.close-sheet.to-the-order')
                : say('screen.set-it-up')}
            </Button>
          </Box>
        )}
        <RecordLinks state={state} />
        {may('reopen') && <Reopen task={task} />}
      </Sheet>
    );
  }
  return (
    <Sheet
      title={
        proven
          ? say('screen.close-sheet.close-and-seal')
          : say('screen.close-sheet.close-without-proof')
      }
      note={
        proven
          ? say('screen.close-sheet.record-takes-nothing-more')
          : say('screen.close-sheet.axis-not-proven-lead')
      }
      testId="close"
    >
      <Typography sx={{ fontWeight: 700, mt: 1 }}>{say('screen.what-this-record-does')}</Typography>
      <Box component="ul" sx={{ pl: 2.5, mt: 0.5 }}>
        {state.notProven.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </Box>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          task.write({ kind: 'seal', payload: proven ? {} : { handover } });
        }}
        sx={{ display: 'grid', gap: 1.5 }}
      >
        {!proven && (
          <TextField
            id="handover"
            label={say('screen.close-sheet.handed-over-because')}
            required
            multiline
            minRows={2}
            value={handover}
            onChange={(event) => setHandover(event.target.value)}
            error={refused !== null}
            helperText={refused?.title}
          />
        )}
        <Button type="submit" variant="contained" loading={task.isWriting}>
          {say('screen.close-sheet.seal-record')}
        </Button>
      </Box>
    </Sheet>
  );
}

/** A lead opens a sealed record again: the seal stays, the next one is a revision on top of it. */
function Reopen({ task }: { task: Task }) {
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  if (!asking) {
    return (
      <Button color="inherit" sx={{ mt: 2 }} onClick={() => setAsking(true)}>
        {say('screen.close-sheet.reopen-this-record')}
      </Button>
    );
  }
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gap: 1, mt: 2 }}
      onSubmit={(event) => {
        event.preventDefault();
        task.write({ kind: 'reopened', payload: { reason: reason.trim() } });
      }}
    >
      <TextField
        id="reopen"
        label={say('screen.close-sheet.reopened-because')}
        required
        autoFocus
        multiline
        minRows={2}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        helperText={say('screen.close-sheet.what-was-sealed-stays')}
        slotProps={{ htmlInput: { minLength: 10, maxLength: 500 } }}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" loading={task.isWriting}>
          {say('screen.close-sheet.reopen')}
        </Button>
        <Button color="inherit" onClick={() => setAsking(false)}>
          {say('screen.back')}
        </Button>
      </Box>
    </Box>
  );
}

function RecordLinks({ state }: { state: Workspace }) {
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Button variant="outlined" component={Link} to={`/tasks/${state.task}/record`}>
        {say('screen.close-sheet.open-report')}
      </Button>
      <ExportButton task={state.task} />
    </Box>
  );
}

export function ExportButton({ task }: { task: string }) {
  return (
    <Button variant="outlined" component="a" href={`/api/tasks/${task}/record`} download>
      {say('screen.export-as-json')}
    </Button>
  );
}
