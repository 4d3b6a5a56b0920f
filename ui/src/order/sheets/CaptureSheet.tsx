import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Capture, Cover, Order } from '../../api/types';
import { clock } from '../../words/moments';
import { useKept } from '../../sheet/useKept';
import { useDraft } from '../../sheet/useDraft';
import { Sheet } from '../../sheet/Sheet';
import { PhotoButton } from '../parts/PhotoButton';
import { CameraButton } from '../../tablet/camera/CameraButton';
import { labelIn } from '../../tablet/camera/detector';
import type { OrderFile } from '../parts/useOrder';
import { say, type Code } from '../../words/say';

const key = (capture: Capture) => `${capture.sensor} ${capture.item}`;

/** What must be taken down while the covers are off, and the covers themselves. */
export function CaptureSheet({ order, file }: { order: Order; file: OrderFile }) {
  const [chosen, setChosen] = useState<string | null>(null);
  const due = order.captures.filter((capture) => capture.state === 'now');
  const present = order.captures.find((capture) => key(capture) === chosen) ?? due[0];
  const inDoubt = order.covers.find(
    (cover) => cover.off === null && order.captures.some((capture) => capture.cover === cover.id),
  );
  return (
    <>
      {inDoubt ? (
        <Sheet
          title={say('screen.capture-sheet.off-or-on', { inDoubt: inDoubt.says })}
          note={say('screen.capture-sheet.what-behind-it-can')}
          testId="cover-question"
        >
          <CoverButtons cover={inDoubt} file={file} />
        </Sheet>
      ) : present ? (
        <CaptureForm
          key={key(present)}
          order={order}
          capture={present}
          left={due.length}
          file={file}
          onDone={() => setChosen(null)}
        />
      ) : (
        <Sheet
          title={
            order.captures.length === 0
              ? say('screen.capture-sheet.nothing-capture')
              : say('screen.capture-sheet.nothing-due-now')
          }
          note={
            order.captures.length === 0
              ? say('screen.capture-sheet.no-cover-that-hides')
              : say('screen.capture-sheet.tap-line-write-it')
          }
        />
      )}
      <Typography variant="h3" sx={{ mt: 1 }}>
        {say('screen.capture-sheet.bumper-covers')}
      </Typography>
      {order.covers.length === 0 && (
        <Typography color="text.secondary">
          {say('screen.capture-sheet.no-sensor-sits-behind')}
        </Typography>
      )}
      {order.covers.map((cover) => (
        <Box
          key={cover.id}
          sx={{ borderBottom: 1, borderColor: 'divider', py: 1 }}
          data-testid={`cover-line-${cover.id}`}
        >
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <Box sx={{ flex: 1 }}>
              <b>{cover.says}</b>
              <Box sx={{ fontSize: '0.85rem', color: 'text.secondary' }}>
                {cover.off === null
                  ? say('screen.capture-sheet.nobody-has-said')
                  : `${cover.off ? say('screen.capture-sheet.off') : say('screen.capture-sheet.on')}, ${cover.person}, ${cover.at === null ? '' : clock(cover.at)}`}
              </Box>
            </Box>
            <CoverButtons cover={cover} file={file} />
          </Box>
          {cover.missed.length > 0 && (
            <Box role="status" sx={{ color: 'verdict.out', mt: 0.5 }}>
              {say('screen.capture-sheet.it-went-back-without', {
                missed: cover.missed.join('; '),
              })}
            </Box>
          )}
        </Box>
      ))}
      <Box
        component="ul"
        sx={{ listStyle: 'none', p: 0, mt: 2 }}
        aria-label={say('screen.capture-sheet.capture')}
      >
        {order.captures.map((capture) => (
          <Line
            key={key(capture)}
            capture={capture}
            present={capture === present && !inDoubt}
            onChoose={() => setChosen(key(capture))}
          />
        ))}
      </Box>
    </>
  );
}

function CoverButtons({ cover, file }: { cover: Cover; file: OrderFile }) {
  const note = (off: boolean) => file.note({ kind: 'cover', payload: { cover: cover.id, off } });
  return (
    <Box sx={{ display: 'flex', gap: 1, mt: cover.off === null ? 1 : 0 }}>
      {cover.off !== true && (
        <Button
          variant="outlined"
          disabled={file.isWriting}
          onClick={() => note(true)}
          aria-label={say('screen.capture-sheet.it-off', { cover: cover.says })}
        >
          {say('screen.capture-sheet.say-it-off')}
        </Button>
      )}
      {cover.off !== false && (
        <Button
          variant="outlined"
          disabled={file.isWriting}
          onClick={() => note(false)}
          aria-label={`${cover.off === true ? say('screen.capture-sheet.it-went-back-on') : say('screen.capture-sheet.it-on')}: ${cover.says}`}
        >
          {cover.off === true
            ? say('screen.capture-sheet.it-went-back-on')
            : say('screen.capture-sheet.it-on')}
        </Button>
      )}
    </Box>
  );
}

const STATES: Record<Exclude<Capture['state'], 'had'>, Code> = {
  now: 'screen.capture-sheet.now',
  later: 'screen.capture-sheet.when-cover-off',
  missed: 'screen.capture-sheet.missed',
  'cannot-be-had': 'screen.capture-sheet.cannot-be-had',
};

/** What was written down; an answer in words. */
function captured({ value }: Capture): string {
  return value === 'yes' || value === 'no' ? say(`screen.${value}`) : (value ?? '');
}

function Line({
  capture,
  present,
  onChoose,
}: {
  capture: Capture;
  present: boolean;
  onChoose: () => void;
}) {
  return (
    <Box component="li" sx={{ borderBottom: 1, borderColor: 'divider' }}>
      <ButtonBase
        onClick={onChoose}
        sx={{
          width: '100%',
          textAlign: 'left',
          justifyContent: 'space-between',
          gap: 1,
          px: 1,
          py: 0.75,
          minHeight: 48,
          fontWeight: present ? 700 : 400,
        }}
      >
        <Box component="span" sx={{ minWidth: 0 }}>
          <Box
            component="span"
            sx={{ display: 'block', fontSize: '0.85rem', color: 'text.secondary' }}
          >
            {capture.sensorName}
          </Box>
          {capture.question}
          {capture.state === 'missed' && (
            <Box component="span" sx={{ display: 'block', fontSize: '0.85rem', fontWeight: 400 }}>
              {say('screen.capture-sheet.still-be-had', { afterRefit: capture.afterRefit })}
            </Box>
          )}
          {capture.warning && (
            <Box
              component="span"
              sx={{ display: 'block', color: 'verdict.out', fontSize: '0.9rem', fontWeight: 700 }}
            >
              {capture.warning}
            </Box>
          )}
        </Box>
        <Box
          component="span"
          sx={{
            flexShrink: 0,
            maxWidth: 180,
            textAlign: 'right',
            overflowWrap: 'anywhere',
            fontWeight: 700,
            color:
              capture.state === 'now' || capture.state === 'missed'
                ? 'verdict.out'
                : 'text.primary',
          }}
        >
          {capture.state === 'had'
            ? `${captured(capture)}${capture.unit ? ` ${capture.unit}` : ''}`
            : (capture.reason ?? say(STATES[capture.state]))}
          {(capture.word ?? capture.person) && (
            <Box
              component="span"
              sx={{
                display: 'block',
                fontWeight: 400,
                fontSize: '0.8rem',
                color: 'text.secondary',
              }}
            >
              {capture.word ?? capture.person}
            </Box>
          )}
        </Box>
      </ButtonBase>
    </Box>
  );
}

function CaptureForm({
  order,
  capture,
  left,
  file,
  onDone,
}: {
  order: Order;
  capture: Capture;
  left: number;
  file: OrderFile;
  onDone: () => void;
}) {
  const [typed, setTyped] = useDraft(`${order.id}-${key(capture)}`);
  const [beside, setBeside, forget] = useKept(`capture-${order.id}-${key(capture)}`, () => ({
    word: '',
    reason: '',
    without: false,
  }));
  const { word, reason, without } = beside;
  const head = { sensor: capture.sensor, item: capture.item };
  const by = word.trim() === '' ? {} : { word: word.trim() };
  const record = (value: string) =>
    file.note({ kind: 'capture', payload: { ...head, value, ...by } }, () => {
      setTyped('');
      forget();
      onDone();
    });
  const wrong =
    file.failed?.kind === 'capture' && file.asked === null ? file.failure?.message : undefined;
  return (
    <Sheet
      title={capture.question}
      note={
        <>
          <b>{capture.sensorName}</b>, {capture.sideSaid}.
        </>
      }
      testId="capture"
    >
      <Typography sx={{ mt: 1 }}>
        {say('screen.capture-sheet.needed', {
          neededFor: capture.neededFor,
          state:
            capture.state === 'missed'
              ? ` ${say('screen.capture-sheet.cover-back-on', { afterRefit: capture.afterRefit })}`
              : '',
        })}
      </Typography>
      {without ? (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1, mt: 1.5 }}
          onSubmit={(event) => {
            event.preventDefault();
            file.note(
              { kind: 'capture', payload: { ...head, reason: reason.trim(), ...by } },
              () => {
                forget();
                onDone();
              },
            );
          }}
        >
          <TextField
            id="capture-reason"
            label={say('screen.capture-sheet.why-it-cannot-be')}
            required
            autoFocus
            value={reason}
            onChange={(event) => setBeside({ ...beside, reason: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 300 } }}
          />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained" disabled={file.isWriting}>
              {say('screen.record-it')}
            </Button>
            <Button color="inherit" onClick={() => setBeside({ ...beside, without: false })}>
              {say('screen.back')}
            </Button>
          </Box>
        </Box>
      ) : (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1.25, mt: 1.5 }}
          onSubmit={(event) => {
            event.preventDefault();
            if (typed.trim() !== '') {
              record(typed.trim());
            }
          }}
        >
          {capture.kind === 'yes' && (
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
              <Button variant="contained" disabled={file.isWriting} onClick={() => record('yes')}>
                {say('screen.yes')}
              </Button>
              <Button variant="outlined" disabled={file.isWriting} onClick={() => record('no')}>
                {say('screen.no')}
              </Button>
            </Box>
          )}
          {capture.kind === 'photo' && (
            <PhotoButton
              order={order.id}
              about={capture.item}
              sensor={capture.sensor}
              onSent={(state, id) => {
                if (state !== null) {
                  file.took(state);
                }
                record(say('screen.capture-sheet.photo', { id: id.slice(-6) }));
              }}
            />
          )}
          {(capture.kind === 'text' || capture.kind === 'number') && (
            <TextField
              id="captured"
              label={capture.unit ? `${capture.question}, ${capture.unit}` : capture.question}
              autoFocus
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
              error={wrong !== undefined}
              helperText={wrong}
              slotProps={{
                htmlInput: {
                  maxLength: 120,
                  inputMode: capture.kind === 'number' ? 'decimal' : 'text',
                  autoComplete: 'off',
                },
              }}
            />
          )}
          {capture.kind === 'text' && <CameraButton find={labelIn} onTake={setTyped} />}
          <TextField
            id="capture-word"
            label={say('screen.capture-sheet.who-looked-if-it')}
            value={word}
            onChange={(event) => setBeside({ ...beside, word: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 80 } }}
          />
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            {(capture.kind === 'text' || capture.kind === 'number') && (
              <Button
                type="submit"
                variant="contained"
                disabled={file.isWriting || typed.trim() === ''}
              >
                {say('screen.capture-sheet.write-it-down')}
              </Button>
            )}
            <Button
              variant="outlined"
              color="inherit"
              onClick={() => setBeside({ ...beside, without: true })}
            >
              {say('screen.capture-sheet.it-cannot-be-had')}
            </Button>
          </Box>
        </Box>
      )}
      {left > 1 && (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
          {say('screen.capture-sheet.capture-before-cover-goes', { left })}
        </Typography>
      )}
    </Sheet>
  );
}
