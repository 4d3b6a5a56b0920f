import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { SetUp } from '../api/types';
import { LengthField } from '../sheet/LengthField';
import { decimalText } from '../words/quantities';
import { currentReader } from '../words/reader';
import { say, type Code } from '../words/say';
import { Part, wide } from './Part';
import type { Typed } from './typed';

type Item = SetUp['kit'][number];

const UNITS: Readonly<Record<string, Code>> = {
  tape: 'screen.set-up.accuracy.mm',
  rule: 'screen.set-up.accuracy.mm',
  staff: 'screen.set-up.accuracy.mm',
  laser: 'screen.set-up.accuracy.mm',
  level: 'screen.set-up.accuracy.degrees',
  inclinometer: 'screen.set-up.accuracy.degrees',
  'film-gauge': 'screen.set-up.accuracy.micrometres',
  charger: 'screen.set-up.accuracy.volts',
  'scan-tool': 'screen.set-up.accuracy.degrees',
};

const ASKS: Readonly<Record<Item['asks'][number], Code>> = {
  '/targetAhead': 'screen.set-up.asks.target-ahead',
  '/halfWidth': 'screen.set-up.asks.half-width',
  '/heights/top': 'screen.set-up.asks.top',
};

/** What the shop has: nothing is taken for owned that nobody ticked. */
export function KitPart({
  checklist,
  kit,
  onChange,
  wrong,
}: {
  checklist: readonly Item[];
  kit: Typed['kit'];
  onChange: (kit: Typed['kit']) => void;
  wrong: (path: string) => string | undefined;
}) {
  const ticked = checklist.filter((item) => kit[item.id] !== undefined);
  return (
    <Part title={say('screen.set-up.kit')} note={say('screen.set-up.kit-note')}>
      {checklist.map((item) => {
        const told = kit[item.id];
        const at = `/kit/${ticked.indexOf(item)}`;
        const set = (next: Partial<NonNullable<typeof told>>) =>
          onChange({ ...kit, [item.id]: { accuracy: '', figures: {}, ...told, ...next } });
        return (
          <Box key={item.id} sx={item.asks.length > 0 && told ? wide : {}}>
            <FormControlLabel
              sx={{ minHeight: 48, mr: 0 }}
              control={
                <Checkbox
                  checked={told !== undefined}
                  onChange={(event) => {
                    if (event.target.checked) {
                      set({});
                    } else {
                      onChange(
                        Object.fromEntries(Object.entries(kit).filter(([id]) => id !== item.id)),
                      );
                    }
                  }}
                />
              }
              label={
                <>
                  {item.name}
                  {item.accuracy !== null && (
                    <Typography component="span" color="text.secondary" sx={{ ml: 1 }}>
                      {say(UNITS[item.kind ?? ''] ?? 'screen.set-up.accuracy.mm', {
                        accuracy: trimmed(item.accuracy),
                      })}
                    </Typography>
                  )}
                </>
              }
            />
            {told && (
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, pl: 4 }}>
                {item.accuracy !== null && (
                  <TextField
                    size="small"
                    id={`accuracy-${item.id}`}
                    label={say('screen.set-up.other-accuracy')}
                    value={told.accuracy}
                    onChange={(event) => set({ accuracy: event.target.value })}
                    error={wrong(`${at}/accuracy`) !== undefined}
                    helperText={wrong(`${at}/accuracy`)}
                    slotProps={{ htmlInput: { maxLength: 12, inputMode: 'decimal' } }}
                  />
                )}
                {item.asks.map((asked) => (
                  <Box key={asked} sx={{ flex: 1, minWidth: 220, display: 'grid' }}>
                    <LengthField
                      id={`${item.id}${asked.replaceAll('/', '-')}`}
                      label={say(ASKS[asked])}
                      required
                      value={told.figures[asked] ?? ''}
                      onChange={(typed) => set({ figures: { ...told.figures, [asked]: typed } })}
                      wrong={wrong(`${at}/figures/${asked}`)}
                    />
                  </Box>
                ))}
              </Box>
            )}
          </Box>
        );
      })}
    </Part>
  );
}

function trimmed(value: number): string {
  return decimalText(value, 2, currentReader())
    .replace(/([.,]\d*?)0+$/, '$1')
    .replace(/[.,]$/, '');
}
