import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { Order, OrderSensor, Reason } from '../../api/types';
import { useKept } from '../../sheet/useKept';
import { sentence } from '../../words/sentence';
import { Explained } from '../../shell/Explained';
import { Sheet } from '../../sheet/Sheet';
import { EnterCard } from '../parts/EnterCard';
import { OtherSensors } from '../parts/OtherSensors';
import { OwedMark } from '../parts/OwedMark';
import type { OrderFile } from '../parts/useOrder';
import { say } from '../../words/say';
import { ROUTES } from '../../shell/routes';

/** Sensor by sensor: owed, not owed or unknown, with each reason, its source, and the question to ask. */
export function OwedSheet({
  order,
  file,
  chosen,
  onChoose,
}: {
  order: Order;
  file: OrderFile;
  chosen: string | null;
  onChoose: (sensor: string) => void;
}) {
  const wanted = chosen ?? order.waits.sensor;
  const sensor =
    order.sensors.find((known) => known.id === wanted) ??
    order.sensors.find((known) => known.owed.state === 'unknown') ??
    order.sensors[0];
  if (sensor === undefined) {
    return (
      <Sheet
        title={say('screen.owed-sheet.no-sensors')}
        note={say('screen.owed-sheet.vehicles-sheet-names-no')}
      />
    );
  }
  const offer = order.offers.find((known) => known.sensor === sensor.id);
  const open = sensor.owed.reasons.find((reason) => reason.state === 'unknown');
  return (
    <>
      <ToggleButtonGroup
        exclusive
        fullWidth
        orientation="vertical"
        value={sensor.id}
        onChange={(_, id: string | null) => id !== null && onChoose(id)}
        aria-label={say('screen.owed-sheet.sensor')}
        sx={{ mb: 2, bgcolor: 'background.paper' }}
      >
        {order.sensors.map((known) => (
          <ToggleButton
            key={known.id}
            value={known.id}
            sx={{
              justifyContent: 'space-between',
              fontSize: '1rem',
              color: 'text.primary',
              px: 1.5,
            }}
          >
            <span>{known.name}</span>
            <OwedMark state={known.owed.state} />
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Explained term="owed">{say('screen.owed-sheet.sensor-owed-calibration-when')}</Explained>
      {open && sensor.owed.state === 'unknown' && (
        <Question
          key={open.code + sensor.id}
          order={order.id}
          sensor={sensor}
          reason={open}
          file={file}
        />
      )}
      <Box
        data-testid="owed"
        component="section"
        aria-label={sensor.name}
        sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', p: 2 }}
      >
        <Typography variant="h2" component="h1">
          {sensor.name}
        </Typography>
        <Typography color="text.secondary">{sensor.sideSaid}</Typography>
        <Box sx={{ my: 1 }}>
          <OwedMark state={sensor.owed.state} size={22} />
        </Box>
        {sensor.owed.route && (
          <Typography>
            {say('screen.owed-sheet.route')} <b>{say(ROUTES[sensor.owed.route])}</b>.{' '}
            {sensor.owed.proves}
          </Typography>
        )}
        {sensor.owed.reasons.length === 0 && (
          <Typography>{say('screen.no-operation-on-this')}</Typography>
        )}
        {sensor.owed.reasons.map((reason) => (
          <Box
            key={reason.code + reason.source}
            sx={{ borderTop: 1, borderColor: 'divider', pt: 1, mt: 1 }}
          >
            <Box
              sx={{ display: 'flex', gap: 1, justifyContent: 'space-between', flexWrap: 'wrap' }}
            >
              <b>{sentence(reason.operation)}</b>
              <OwedMark state={reason.state} size={14} />
            </Box>
            <Typography>
              {reason.reason}
              {reason.route &&
                ` ${say('screen.owed-sheet.its-route', { route: say(ROUTES[reason.route]) })}`}
            </Typography>
            {reason.answer && (
              <Typography variant="body2">
                {say('screen.owed-sheet.answered-by', {
                  question: reason.question,
                  answer: say(ANSWERS[reason.answer.answer]),
                  person: reason.answer.person,
                  word: reason.answer.word && say('screen.on-word', { word: reason.answer.word }),
                })}
              </Typography>
            )}
            <Typography variant="body2" color="text.secondary">
              {reason.source}
            </Typography>
          </Box>
        ))}
      </Box>
      {open && sensor.owed.state !== 'unknown' && (
        <Box sx={{ mt: 2 }}>
          <Question
            key={open.code + sensor.id}
            order={order.id}
            sensor={sensor}
            reason={open}
            file={file}
          />
        </Box>
      )}
      {offer && (
        <Alert
          severity="info"
          sx={{ mt: 2 }}
          action={
            <Button
              color="inherit"
              disabled={file.isWriting}
              onClick={() =>
                file.note({ kind: 'card', payload: { sensor: sensor.id, card: offer.card } })
              }
            >
              {say('screen.owed-sheet.use-it')}
            </Button>
          }
        >
          {say('screen.owed-sheet.checked-card-there-that', {
            offer: offer.title,
            edition: offer.edition,
            version: offer.version,
          })}
        </Alert>
      )}
      {sensor.card === null && sensor.owed.state !== 'not-owed' && (
        <EnterCard task={order.tasks.find((known) => known.sensor === sensor.id)?.task} />
      )}
      <Typography sx={{ mt: 2 }} variant="body2" color="text.secondary">
        {say('screen.owed-sheet.vehicle-makers-current-service', {
          card: sensor.card
            ? say('screen.owed-sheet.procedure-card-edition', {
                card: sensor.card.title,
                source: sensor.card.source,
                edition: sensor.card.edition,
                checked: sensor.card.checked ? '' : say('screen.owed-sheet.not-checked-by-second'),
              })
            : say('screen.owed-sheet.shop-has-no-procedure'),
        })}
      </Typography>
      <OtherSensors order={order} file={file} />
    </>
  );
}

const ANSWERS = {
  yes: 'screen.owed-sheet.yes',
  no: 'screen.owed-sheet.no',
  owed: 'screen.owed-state',
  'not-owed': 'screen.not-owed',
} as const;
function Question({
  order,
  sensor,
  reason,
  file,
}: {
  order: string;
  sensor: OrderSensor;
  reason: Reason;
  file: OrderFile;
}) {
  const [typed, setTyped, forget] = useKept(`owed-${order}-${sensor.id}-${reason.code}`, () => ({
    word: '',
    source: '',
    route: 'static',
  }));
  const { word, source, route } = typed;
  const note = (answer: 'yes' | 'no' | 'owed' | 'not-owed') =>
    file.note(
      {
        kind: 'owed-answer',
        payload: {
          sensor: sensor.id,
          operation: reason.code,
          answer,
          ...(word.trim() === '' ? {} : { word: word.trim() }),
          ...(source.trim() === '' ? {} : { source: source.trim() }),
          ...(answer === 'owed' ? { route } : {}),
        },
      },
      forget,
    );
  return (
    <Sheet
      title={reason.question ?? say('screen.owed-sheet.what-does-maker-say')}
      note={`${sensor.name}. ${sentence(reason.operation)}: ${reason.reason}`}
      testId="owed-question"
    >
      <Box sx={{ display: 'grid', gap: 1.25, mt: 1.5 }}>
        <TextField
          id="owed-word"
          label={say('screen.owed-sheet.on-whose-word-if')}
          value={word}
          onChange={(event) => setTyped({ ...typed, word: event.target.value })}
          slotProps={{ htmlInput: { maxLength: 80 } }}
        />
        {reason.canAnswer ? (
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            <Button variant="contained" disabled={file.isWriting} onClick={() => note('yes')}>
              {say('screen.yes')}
            </Button>
            <Button variant="outlined" disabled={file.isWriting} onClick={() => note('no')}>
              {say('screen.no')}
            </Button>
          </Box>
        ) : (
          <>
            <TextField
              id="owed-source"
              label={say('screen.owed-sheet.where-makers-information-says')}
              required
              value={source}
              onChange={(event) => setTyped({ ...typed, source: event.target.value })}
              slotProps={{ htmlInput: { maxLength: 300 } }}
            />
            <TextField
              select
              id="owed-route"
              label={say('screen.owed-sheet.route-where-it-owed')}
              value={route}
              onChange={(event) => setTyped({ ...typed, route: event.target.value })}
            >
              {Object.entries(ROUTES).map(([known, words]) => (
                <MenuItem key={known} value={known} sx={{ minHeight: { xs: 48, sm: 48 } }}>
                  {say(words)}
                </MenuItem>
              ))}
            </TextField>
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
              <Button
                variant="contained"
                disabled={file.isWriting || source.trim() === ''}
                onClick={() => note('owed')}
              >
                {say('screen.owed')}
              </Button>
              <Button
                variant="outlined"
                disabled={file.isWriting || source.trim() === ''}
                onClick={() => note('not-owed')}
              >
                {say('screen.not-owed-mark')}
              </Button>
            </Box>
          </>
        )}
      </Box>
    </Sheet>
  );
}
