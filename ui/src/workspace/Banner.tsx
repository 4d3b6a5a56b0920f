import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { Refused } from '../api/client';
import type { Task } from './task/useTask';
import { say } from '../words/say';

/** What stands between the person and the record: a write not acknowledged, a clash, a refusal without a field. */
export function Banner({ task }: { task: Task }) {
  const { waiting, failure } = task;
  if (waiting !== null) {
    const clash = failure instanceof Refused && failure.problem.code === 'record-moved-on';
    const typed = task.queue
      .flatMap((line) => (line.kind === 'reading' ? [line.payload.typed] : []))
      .join('; ');
    return (
      <Alert
        severity="warning"
        data-testid="unsent"
        action={
          <>
            <Button color="inherit" onClick={task.again} loading={task.isWriting}>
              {clash ? say('screen.banner.record-it-as-well') : say('screen.send-again')}
            </Button>
            <Button color="inherit" onClick={task.drop}>
              {say('screen.banner.drop-it')}
            </Button>
          </>
        }
      >
        {failure?.message ?? say('screen.not-recorded-yet')}{' '}
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
  if (
    failure instanceof Refused &&
    (failure.problem.path === null || failure.problem.path === '/payload/reading')
  ) {
    return (
      <Alert severity="error" onClose={task.dismiss} data-testid="refusal">
        {failure.message}
      </Alert>
    );
  }
  return null;
}
