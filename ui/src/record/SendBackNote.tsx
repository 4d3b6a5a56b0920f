import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useParams } from 'react-router';
import { degrees } from '../words/length';
import { Page } from '../shell/Page';
import { PrintBar } from '../shell/PrintBar';
import { useTask } from '../workspace/task/useTask';

/** What the other trade gets with the car: the fault, the reasons, and what must not be done. On paper as on screen. */
export function SendBackNote() {
  const { task = '' } = useParams();
  const { query } = useTask(task);
  const state = query.data;
  const sent = state?.run.sentBack;
  if (!state || !sent) {
    return (
      <Page title="Note for another trade">
        <p role={query.isError ? 'alert' : undefined}>
          {query.isError
            ? query.error.message
            : state
              ? 'This sensor was not sent back.'
              : 'Looking it up'}
        </p>
      </Page>
    );
  }
  const { finding } = state.run;
  return (
    <Page title={`To ${sent.to}: ${sent.title.charAt(0).toLowerCase()}${sent.title.slice(1)}`}>
      <PrintBar task={task} />
      <Typography>
        RO {state.order.number}, {state.order.vehicle}, {state.order.plate}. {state.card.sensor}.
        Sent back by {sent.name}, {new Date(sent.at).toLocaleString('en-GB')}.
      </Typography>
      <Typography variant="h2" sx={{ mt: 2 }}>
        Why
      </Typography>
      <Box component="ul" sx={{ fontSize: '1.15rem' }} data-testid="note-reasons">
        {sent.reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </Box>
      {sent.note && <Typography sx={{ fontSize: '1.15rem' }}>{sent.note}</Typography>}
      {state.run.made.length > 0 && (
        <>
          <Typography variant="h2" sx={{ mt: 2 }}>
            What was tried
          </Typography>
          <ul>
            {state.run.made.map((made) => (
              <li key={made.at}>{made.says}</li>
            ))}
          </ul>
        </>
      )}
      {finding && (
        <Typography sx={{ mt: 1 }}>
          Read {finding.readings} {finding.readings === 1 ? 'time' : 'times'}: azimuth{' '}
          {degrees(finding.azimuth.misalignment)} {finding.azimuth.direction}, elevation{' '}
          {degrees(finding.elevation.misalignment)} {finding.elevation.direction}.
        </Typography>
      )}
      <Typography variant="h2" sx={{ mt: 2 }}>
        Before it comes back
      </Typography>
      <ul>
        <li>The vehicle maker’s current service information decides how it is repaired.</li>
        <li>After the repair this sensor is owed a calibration again.</li>
        <li>
          Until then its assistance is not proven: whoever drives the car is told so in writing.
        </li>
      </ul>
    </Page>
  );
}
