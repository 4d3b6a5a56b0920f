import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { Page } from '../shell/Page';
import { figures } from '../theme/theme';
import { useBurst } from '../sheet/useBurst';
import { say } from '../words/say';

/** Slower than this between two keys, ms, and it is somebody's fingers. */
const BURST = 60;

interface Taken {
  text: string;
  keys: number;
  took: number;
}

/** Whether one's laser meter types into Lumbro as it should, tried where nothing is recorded. */
export function MeterPractice() {
  const [typed, setTyped] = useState('');
  const [taken, setTaken] = useState<Taken[]>([]);
  const keys = useRef<number[]>([]);
  useBurst('practice-reading');
  const take = (text: string) => {
    const times = keys.current;
    keys.current = [];
    setTyped('');
    if (text.trim() !== '') {
      const took = (times[times.length - 1] ?? 0) - (times[0] ?? 0);
      setTaken((known) => [{ text: text.trim(), keys: times.length, took }, ...known].slice(0, 8));
    }
  };
  const field = useRef<HTMLInputElement>(null);

  return (
    <Page title={say('screen.try-meter')}>
      <Typography sx={{ mb: 2, maxWidth: 640 }}>
        {say('screen.meter-practice.laser-meter-in-keyboard')}
      </Typography>
      <Box
        component="form"
        sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', maxWidth: 640, alignItems: 'stretch' }}
        onSubmit={(event) => {
          event.preventDefault();
          take(typed);
        }}
      >
        <TextField
          id="practice-reading"
          label={say('screen.reads')}
          autoComplete="off"
          value={typed}
          inputRef={field}
          onKeyDown={(event) => keys.current.push(event.timeStamp)}
          onChange={(event) => setTyped(event.target.value)}
          slotProps={{
            htmlInput: { maxLength: 60, style: { fontSize: '1.6rem', fontFamily: figures } },
          }}
        />
        <Button type="submit" variant="outlined">
          {say('screen.take-it')}
        </Button>
        <Button variant="contained" onClick={() => field.current && burst(field.current, '1840')}>
          {say('screen.meter-practice.simulated-meter')}
        </Button>
      </Box>
      <Box component="ul" aria-live="polite" data-testid="bursts" sx={{ pl: 2.5 }}>
        {taken.map((reading, i) => (
          <li key={taken.length - i}>
            <b>{reading.text}</b>: {verdict(reading)}
          </li>
        ))}
      </Box>
    </Page>
  );
}

function verdict({ keys, took }: Taken): string {
  return keys >= 2 && took / (keys - 1) <= BURST
    ? say('screen.meter-practice.keys-in-ms-ended', { keys, ms: Math.round(took) })
    : say('screen.meter-practice.keys-in-ms-typed', { keys, ms: Math.round(took) });
}

/** What a meter does: each key goes down, its character comes into the field, and Enter takes it. */
function burst(field: HTMLInputElement, text: string): void {
  field.focus();
  let so = '';
  for (const key of text) {
    field.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    so += key;
    // As the browser itself would: React hears only of values that it did not write.
    Reflect.set(HTMLInputElement.prototype, 'value', so, field);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  }
  field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
  setTimeout(() => field.form?.requestSubmit());
}
