import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { Refused } from '../api/client';
import { clock } from '../words/moments';
import type { OrderFile } from './parts/useOrder';
import { say } from '../words/say';

/** A line's content as a person reads it: the values without their names. */
function said(payload: unknown): string {
  if (typeof payload !== 'object' || payload === null) {
    return typeof payload === 'string' || typeof payload === 'number' ? String(payload) : '';
  }
  return Object.values(payload)
    .map((value) =>
      value === true
        ? say('screen.capture-sheet.off')
        : value === false
          ? say('screen.capture-sheet.on')
          : said(value),
    )
    .filter((text) => text !== '')
    .join(', ');
}

/** What stands between the person and the record: a line not acknowledged, a clash with both sides, a question. */
export function OrderBanner({ file }: { file: OrderFile }) {
  const { waiting, failure, heldUp } = file;
  if (waiting !== null) {
    const problem = heldUp?.failure instanceof Refused ? heldUp.failure.problem : null;
    const isQuestion = problem?.code === 'asks-once';
    const isClash = problem?.code === 'order-moved-on';
    const theirs = isClash ? (problem.lines ?? []) : [];
    return (
      <Alert
        severity="warning"
        data-testid="unsent"
        action={
          <>
            <Button
              color="inherit"
              onClick={isQuestion ? () => file.repeat({ confirmed: true }) : file.again}
              loading={file.isWriting}
            >
              {isQuestion
                ? say('screen.yes-record-it')
                : isClash
                  ? say('screen.order-banner.record-mine-as-well')
                  : say('screen.send-again')}
            </Button>
            <Button color="inherit" onClick={file.drop}>
              {say('screen.order-banner.drop-mine')}
            </Button>
          </>
        }
      >
        {heldUp?.failure?.message ?? say('screen.not-recorded-yet')}
        {theirs.map((line, i) => (
          <span key={i}>
            {' '}
            {String(line['person'])}, {clock(String(line['at']))}: <b>{said(line['payload'])}</b>.
          </span>
        ))}{' '}
        {say('screen.order-banner.yours-kept-here')}{' '}
        <b>{said((heldUp?.line ?? waiting).payload)}</b>.
      </Alert>
    );
  }
  if (file.query.isError) {
    return (
      <Alert
        severity="warning"
        action={
          <Button color="inherit" onClick={() => void file.query.refetch()}>
            {say('screen.try-again')}
          </Button>
        }
      >
        {file.query.error.message}
      </Alert>
    );
  }
  if (failure !== null && file.asked === null) {
    return (
      <Alert severity="error" onClose={file.dismiss} data-testid="refusal">
        {failure.message}
      </Alert>
    );
  }
  return null;
}

/** A question that is answered before a line is taken. */
export function AskedOnce({ file }: { file: OrderFile }) {
  return (
    <Dialog
      open={file.asked !== null}
      onClose={file.dismiss}
      aria-labelledby="asked-title"
      data-testid="asked"
    >
      <DialogTitle id="asked-title">{say('screen.order-banner.before-this-recorded')}</DialogTitle>
      <DialogContent sx={{ whiteSpace: 'pre-line' }}>{file.failure?.message}</DialogContent>
      <DialogActions>
        <Button color="inherit" onClick={file.dismiss} autoFocus>
          {say('screen.order-banner.no-leave-it')}
        </Button>
        <Button variant="outlined" onClick={file.confirm} loading={file.isWriting}>
          {say('screen.yes-record-it')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
