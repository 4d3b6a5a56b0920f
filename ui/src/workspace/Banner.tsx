import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { Refused } from '../api/client';
import type { Task } from './task/useTask';
import { say } from '../words/say';

/** What stands between the person and the record: a write not acknowledged, a clash, a refusal without a field. */
export function Banner({ task }: { task: Task }) {
  const { waiting, failure, heldUp } = task;
  const refusal = failure instanceof Refused &&
    (failure.problem.path === null || failure.problem.path === '/payload/reading') && (
      <Alert severity="error" onClose={task.dismiss} data-testid="refusal">
        {failure.message}
      </Alert>
    );
  if (task.isCarriedOn) {
    return (
      <>
        <Alert
          severity="info"
          data-testid="away"
          sx={{
            bgcolor: 'background.paper',
            color: 'text.primary',
            borderRadius: 0,
            '& .MuiAlert-icon': { color: 'primary.main' },
          }}
        >
          {say('screen.banner.carried-on', { lines: task.queue.length })}
        </Alert>
        {refusal}
      </>
    );
  }
  if (waiting !== null) {
    const code = heldUp?.failure instanceof Refused ? heldUp.failure.problem.code : null;
    const typed = (heldUp === null ? task.queue : [heldUp.line])
      .flatMap((line) => (line.kind === 'reading' ? [line.payload.typed] : []))
      .join('; ');
    return (
      <Alert
        severity="warning"
        data-testid="unsent"
        action={
          <>
            <Button
              color="inherit"
              onClick={code === 'asks-once' ? () => task.repeat({ confirmed: true }) : task.again}
              loading={task.isWriting}
            >
              {code === 'asks-once'
                ? say('screen.yes-record-it')
                : code === 'record-moved-on'
                  ? say('screen.banner.record-it-as-well')
                  : say('screen.send-again')}
            </Button>
            <Button color="inherit" onClick={task.drop}>
              {say('screen.banner.drop-it')}
            </Button>
          </>
        }
      >
        {heldUp?.failure?.message ?? say('screen.not-recorded-yet')}{' '}
        {typed === ''
          ? say('screen.banner.yours-kept-here')
          : say('screen.banner.yours-typed-kept-here', { typed })}
      </Alert>
    );
  }
  if (task.query.isError) {
    return (
      <Alert
        severity="warning"
        action={
          <Button color="inherit" onClick={() => void task.query.refetch()}>
            {say('screen.try-again')}
          </Button>
        }
      >
        {task.query.error.message}
      </Alert>
    );
  }
  return refusal === false ? null : refusal;
}
