import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Capture, Cover, Order } from '../../api/types';
import { clock } from '../../words/length';
import { useKept } from '../../sheet/useKept';
import { useDraft } from '../../sheet/useDraft';
import { Sheet } from '../../sheet/Sheet';
import { PhotoButton } from '../parts/PhotoButton';
import type { OrderFile } from '../parts/useOrder';

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
          title={`Is the ${inDoubt.says} off or on?`}
          note="What is behind it can only be taken down while it is off."
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
          title={order.captures.length === 0 ? 'Nothing to capture' : 'Nothing is due now'}
          note={
            order.captures.length === 0
              ? 'No cover that hides an owed sensor comes off in this order.'
              : 'Tap a line to write it down anyway.'
          }
        />
      )}
      <Typography variant="h3" sx={{ mt: 1 }}>
        Bumper covers
      </Typography>
      {order.covers.length === 0 && (
        <Typography color="text.secondary">No sensor sits behind one.</Typography>
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
                  ? 'nobody has said'
                  : `${cover.off ? 'off' : 'on'}, ${cover.person}, ${cover.at === null ? '' : clock(cover.at)}`}
              </Box>
            </Box>
            <CoverButtons cover={cover} file={file} />
          </Box>
          {cover.missed.length > 0 && (
            <Box role="status" sx={{ color: 'verdict.out', mt: 0.5 }}>
              It went back without: {cover.missed.join('; ')}.
            </Box>
          )}
        </Box>
      ))}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, mt: 2 }} aria-label="To capture">
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
  const say = (off: boolean) => file.note({ kind: 'cover', payload: { cover: cover.id, off } });
  return (
    <Box sx={{ display: 'flex', gap: 1, mt: cover.off === null ? 1 : 0 }}>
      {cover.off !== true && (
        <Button
          variant="outlined"
          disabled={file.isWriting}
          onClick={() => say(true)}
          aria-label={`It is off: ${cover.says}`}
        >
          It is off
        </Button>
      )}
      {cover.off !== false && (
        <Button
          variant="outlined"
          disabled={file.isWriting}
          onClick={() => say(false)}
          aria-label={`${cover.off === true ? 'It went back on' : 'It is on'}: ${cover.says}`}
        >
          {cover.off === true ? 'It went back on' : 'It is on'}
        </Button>
      )}
    </Box>
  );
}

const STATES: Record<Capture['state'], string> = {
  now: 'now',
  later: 'when the cover is off',
  missed: 'missed',
  had: '',
  'cannot-be-had': 'cannot be had',
};

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
              Still to be had: {capture.afterRefit}
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
            ? `${capture.value ?? ''}${capture.unit ? ` ${capture.unit}` : ''}`
            : (capture.reason ?? STATES[capture.state])}
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
        Needed: {capture.neededFor}.
        {capture.state === 'missed' && ` The cover is back on. ${capture.afterRefit}`}
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
            label="Why it cannot be had"
            required
            autoFocus
            value={reason}
            onChange={(event) => setBeside({ ...beside, reason: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 300 } }}
          />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained" disabled={file.isWriting}>
              Record it
            </Button>
            <Button color="inherit" onClick={() => setBeside({ ...beside, without: false })}>
              Back
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
                Yes
              </Button>
              <Button variant="outlined" disabled={file.isWriting} onClick={() => record('no')}>
                No
              </Button>
            </Box>
          )}
          {capture.kind === 'photo' && (
            <PhotoButton
              order={order.id}
              about={capture.item}
              sensor={capture.sensor}
              onSent={(state, id) => {
                file.took(state);
                record(`photo ${id.slice(-6)}`);
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
          <TextField
            id="capture-word"
            label="Who looked, if it was not you"
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
                Write it down
              </Button>
            )}
            <Button
              variant="outlined"
              color="inherit"
              onClick={() => setBeside({ ...beside, without: true })}
            >
              It cannot be had
            </Button>
          </Box>
        </Box>
      )}
      {left > 1 && (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
          {left} to capture before the cover goes back.
        </Typography>
      )}
    </Sheet>
  );
}
