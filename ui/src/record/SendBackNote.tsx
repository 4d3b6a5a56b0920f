import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useParams } from 'react-router';
import { degrees } from '../words/length';
import { Page } from '../shell/Page';
import { PrintBar } from '../shell/PrintBar';
import { useTask } from '../workspace/task/useTask';
import { moment } from '../words/moments';
import { say } from '../words/say';

/** What the other trade gets with the car: the fault, the reasons, and what must not be done. On paper as on screen. */
export function SendBackNote() {
  const { task = '' } = useParams();
  const { query } = useTask(task);
  const state = query.data;
  const sent = state?.run.sentBack;
  if (!state || !sent) {
    return (
      <Page title={say('screen.send-back-note.note-for-another-trade')}>
        <p role={query.isError ? 'alert' : undefined}>
          {query.isError
            ? query.error.message
            : state
              ? say('screen.send-back-note.this-sensor-was-not')
              : say('screen.send-back-note.looking-it-up')}
        </p>
      </Page>
    );
  }
  const { finding } = state.run;
  return (
    <Page
      title={say('screen.send-back-note.title', {
        to: sent.to,
        what: sent.title.charAt(0).toLowerCase() + sent.title.slice(1),
      })}
    >
      <PrintBar task={task} />
      <Typography>
        {say('screen.send-back-note.ro-sent-back-by', {
          number: state.order.number,
          vehicle: state.order.vehicle,
          plate: state.order.plate,
          sensor: state.card.sensor,
          person: sent.name,
          at: moment(sent.at),
        })}
      </Typography>
      <Typography variant="h2" sx={{ mt: 2 }}>
        {say('screen.send-back-note.why')}
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
            {say('screen.send-back-note.what-was-tried')}
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
          {say('screen.send-back-note.read-azimuth-elevation', {
            readings: finding.readings,
            readings2:
              finding.readings === 1
                ? say('screen.send-back-note.time')
                : say('screen.send-back-note.times'),
            misalignment: degrees(finding.azimuth.misalignment),
            direction: finding.azimuth.direction,
            misalignment2: degrees(finding.elevation.misalignment),
            direction2: finding.elevation.direction,
          })}
        </Typography>
      )}
      <Typography variant="h2" sx={{ mt: 2 }}>
        {say('screen.send-back-note.before-it-comes-back')}
      </Typography>
      <ul>
        <li>{say('screen.send-back-note.vehicle-makers-current-service')}</li>
        <li>{say('screen.send-back-note.after-repair-this-sensor')}</li>
        <li>{say('screen.send-back-note.until-then-its-assistance')}</li>
      </ul>
    </Page>
  );
}
