import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useKept } from '../../sheet/useKept';
import { say } from '../../words/say';
import { noCode, pasted, type TypedCode } from './codes';

interface Typed {
  tool: string;
  voltage: string;
  paste: string;
  codes: TypedCode[];
}

export interface TypedScan {
  tool: string;
  readAt: string;
  codes: { unit: string; code: string; text?: string; status?: string }[];
  voltage?: number;
}

const FIELDS = [
  ['unit', 'screen.typed-codes.unit', 60],
  ['code', 'screen.typed-codes.code', 60],
  ['text', 'screen.typed-codes.text', 300],
  ['status', 'screen.typed-codes.status', 60],
] as const;

const LAST = 'scanned-with';

/** A scan as it stands on the tool's own screen: typed row by row, or pasted and looked through. */
export function TypedCodes({
  name,
  busy,
  onTake,
}: {
  name: string;
  busy: boolean;
  onTake: (scan: TypedScan) => void;
}) {
  const [typed, setTyped] = useKept<Typed>(`codes-${name}`, () => ({
    // The tool that was read last on this device.
    tool: localStorage.getItem(LAST) ?? '',
    voltage: '',
    paste: '',
    codes: [],
  }));
  const set = (change: Partial<Typed>) => setTyped({ ...typed, ...change });
  const put = (i: number, change: Partial<TypedCode>) =>
    set({ codes: typed.codes.map((code, k) => (k === i ? { ...code, ...change } : code)) });
  const voltage = Number(typed.voltage.replace(',', '.'));
  return (
    <Box
      component="form"
      aria-label={say('screen.typed-codes.title')}
      sx={{ display: 'grid', gap: 1.5, mb: 2 }}
      onSubmit={(event) => {
        event.preventDefault();
        onTake({
          tool: typed.tool.trim(),
          readAt: new Date().toISOString(),
          codes: typed.codes.map((code) => ({
            unit: code.unit.trim(),
            code: code.code.trim(),
            ...(code.text.trim() === '' ? {} : { text: code.text.trim() }),
            ...(code.status.trim() === '' ? {} : { status: code.status.trim() }),
          })),
          ...(typed.voltage.trim() === '' || !Number.isFinite(voltage) ? {} : { voltage }),
        });
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '2fr 1fr' }}>
        <TextField
          id="scan-tool"
          label={say('screen.typed-codes.tool')}
          required
          value={typed.tool}
          onChange={(event) => {
            localStorage.setItem(LAST, event.target.value);
            set({ tool: event.target.value });
          }}
          slotProps={{ htmlInput: { maxLength: 120 } }}
        />
        <TextField
          id="scan-voltage"
          label={say('screen.typed-codes.voltage')}
          value={typed.voltage}
          onChange={(event) => set({ voltage: event.target.value })}
          error={typed.voltage.trim() !== '' && !Number.isFinite(voltage)}
          slotProps={{ htmlInput: { maxLength: 8, inputMode: 'decimal' } }}
        />
      </Box>
      {typed.codes.map((code, i) => (
        <Box
          key={i}
          role="group"
          aria-label={say('screen.typed-codes.row', { number: i + 1 })}
          sx={{
            display: 'grid',
            gap: 1,
            gridTemplateColumns: '1fr 1fr',
            borderLeft: 4,
            borderColor: 'divider',
            pl: 1,
          }}
        >
          {FIELDS.map(([field, label, most]) => (
            <TextField
              key={field}
              id={`code-${i}-${field}`}
              size="small"
              label={say(label)}
              required={field === 'unit' || field === 'code'}
              value={code[field]}
              onChange={(event) => put(i, { [field]: event.target.value })}
              slotProps={{ htmlInput: { maxLength: most } }}
            />
          ))}
          <Button
            color="inherit"
            aria-label={say('screen.typed-codes.remove-row', { number: i + 1 })}
            onClick={() => set({ codes: typed.codes.filter((_, k) => k !== i) })}
          >
            {say('screen.set-up.remove')}
          </Button>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Button variant="outlined" onClick={() => set({ codes: [...typed.codes, noCode] })}>
          {say('screen.typed-codes.add')}
        </Button>
        <TextField
          id="scan-paste"
          label={say('screen.typed-codes.paste')}
          size="small"
          multiline
          maxRows={4}
          value={typed.paste}
          sx={{ flex: 1, minWidth: 200 }}
          onChange={(event) => {
            const codes = pasted(event.target.value);
            set(
              codes.length === 0
                ? { paste: event.target.value }
                : { paste: '', codes: [...typed.codes, ...codes] },
            );
          }}
          helperText={typed.paste.trim() === '' ? undefined : say('screen.typed-codes.none-found')}
        />
      </Box>
      {typed.codes.length === 0 && (
        <Typography color="text.secondary">{say('screen.typed-codes.none-yet')}</Typography>
      )}
      <Button type="submit" variant="contained" loading={busy}>
        {typed.codes.length === 0
          ? say('screen.typed-codes.take-none')
          : say('screen.typed-codes.take', { count: typed.codes.length })}
      </Button>
    </Box>
  );
}
