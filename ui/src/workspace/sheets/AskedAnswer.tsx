import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Refused } from '../../api/client';
import { say } from '../../words/say';
import type { Task } from '../task/useTask';

/** A question about an answer that was just given: it is recorded on a word, or left. */
export function AskedAnswer({ task }: { task: Task }) {
  const asks =
    task.failure instanceof Refused &&
    task.failure.problem.code === 'asks-once' &&
    task.failed?.kind === 'answer'
      ? task.failure.message
      : null;
  return (
    asks !== null && (
      <Alert severity="warning" data-testid="asked" sx={{ mt: 1 }}>
        {asks}
        <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
          <Button variant="outlined" color="inherit" onClick={task.dismiss}>
            {say('screen.order-banner.no-leave-it')}
          </Button>
          <Button
            variant="outlined"
            color="inherit"
            onClick={() => task.repeat({ confirmed: true })}
          >
            {say('screen.yes-record-it')}
          </Button>
        </Box>
      </Alert>
    )
  );
}
