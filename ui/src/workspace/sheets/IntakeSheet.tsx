import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Workspace } from '../../api/types';
import { Sheet } from '../../sheet/Sheet';
import { say } from '../../words/say';
import { ROUTES } from '../../shell/routes';

const TITLES = {
  owed: 'screen.intake-sheet.owed-calibration',
  'not-owed': 'screen.intake-sheet.not-owed-calibration',
  unknown: 'screen.intake-sheet.may-be-owed-calibration',
} as const;
const STATES = {
  owed: 'screen.owed',
  'not-owed': 'screen.not-owed-mark',
  unknown: 'screen.intake-sheet.question-open',
} as const;

/** Why the sensor is owed a calibration, rule by rule, with each rule's source. */
export function IntakeSheet({ state }: { state: Workspace }) {
  return (
    <>
      <Sheet
        title={`${state.card.sensor} ${say(TITLES[state.owed.state])}`}
        note={
          state.owed.route &&
          say('screen.intake-sheet.route', {
            route: say(ROUTES[state.owed.route]),
            proves: state.owed.proves ?? '',
          })
        }
        testId="owed"
      >
        {state.owed.reasons.length === 0 && <p>{say('screen.no-operation-on-this')}</p>}
        {state.owed.reasons.map((reason) => (
          <Box
            key={reason.code + reason.source}
            sx={{ borderTop: 1, borderColor: 'divider', pt: 1, mt: 1 }}
          >
            <Typography sx={{ fontWeight: 700 }}>
              {say(STATES[reason.state])}: {reason.operation}
            </Typography>
            <Typography>{reason.reason}</Typography>
            {reason.question && (
              <Typography sx={{ fontWeight: 700 }}>
                {say('screen.intake-sheet.ask', { question: reason.question })}
              </Typography>
            )}
            <Typography variant="body2" color="text.secondary">
              {reason.source}
            </Typography>
          </Box>
        ))}
      </Sheet>
      <Button
        component={Link}
        to={`/orders/${state.order.id}`}
        variant="outlined"
        fullWidth
        sx={{ mb: 2 }}
      >
        {say('screen.intake-sheet.intake-and-preparation-order')}
      </Button>
      <Typography variant="h3">{say('screen.procedure-card')}</Typography>
      <Typography>{state.card.title}</Typography>
      <Typography variant="body2" color="text.secondary">
        {say('screen.intake-sheet.edition-entered-by-vehicle', {
          source: state.card.source,
          edition: state.card.edition,
          dated: state.card.dated,
          enteredBy: state.card.enteredBy,
          checkedBy: state.card.checkedBy
            ? say('screen.checked-by', { checkedBy: state.card.checkedBy })
            : say('screen.intake-sheet.not-checked-by-second'),
        })}
      </Typography>
    </>
  );
}
