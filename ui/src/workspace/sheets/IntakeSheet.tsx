import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Workspace } from '../../api/types';
import { Sheet } from '../../sheet/Sheet';

const TITLES = {
  owed: 'is owed a calibration',
  'not-owed': 'is not owed a calibration',
  unknown: 'may be owed a calibration',
};
const STATES = { owed: 'Owed', 'not-owed': 'Not owed', unknown: 'A question is open' };

/** Why the sensor is owed a calibration, rule by rule, with each rule's source. */
export function IntakeSheet({ state }: { state: Workspace }) {
  return (
    <>
      <Sheet
        title={`${state.card.sensor} ${TITLES[state.owed.state]}`}
        note={state.owed.route && `Route: ${state.owed.route}. ${state.owed.proves ?? ''}`}
        testId="owed"
      >
        {state.owed.reasons.length === 0 && <p>No operation on this car concerns it.</p>}
        {state.owed.reasons.map((reason) => (
          <Box
            key={reason.code + reason.source}
            sx={{ borderTop: 1, borderColor: 'divider', pt: 1, mt: 1 }}
          >
            <Typography sx={{ fontWeight: 700 }}>
              {STATES[reason.state]}: {reason.operation}
            </Typography>
            <Typography>{reason.reason}</Typography>
            {reason.question && (
              <Typography sx={{ fontWeight: 700 }}>Ask: {reason.question}</Typography>
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
        Intake and preparation of the order
      </Button>
      <Typography variant="h3">Procedure card</Typography>
      <Typography>{state.card.title}</Typography>
      <Typography variant="body2" color="text.secondary">
        {state.card.source}, edition {state.card.edition}, {state.card.dated}. Entered by{' '}
        {state.card.enteredBy},{' '}
        {state.card.checkedBy
          ? `checked by ${state.card.checkedBy}`
          : 'not checked by a second person'}
        . The vehicle maker’s current service information decides.
      </Typography>
    </>
  );
}
