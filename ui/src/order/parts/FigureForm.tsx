import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { answer, client } from '../../api/client';
import { useQuery } from '../../api/useQuery';
import { Pick } from '../../sheet/Pick';
import { Sheet } from '../../sheet/Sheet';
import { useKept } from '../../sheet/useKept';
import { length } from '../../words/length';
import { say } from '../../words/say';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import { figureValue, type Figure } from './figures';
import type { OrderFile } from './useOrder';

type How = 'measured' | 'document' | 'word';

/** How well a figure is usually known by each, mm, standard. */
const USUAL: Readonly<Record<How, string>> = { measured: '2', document: '3', word: '10' };

/** Instruments that a length is measured with. */
const LENGTHS = ['tape', 'rule', 'staff', 'laser'];

interface Entered {
  typed: string;
  how: How;
  s: string;
  said: string;
  instrument: string;
}

const LAST = 'lumbro-figure-instrument';

/** One figure of the car: what it is, how it is known, and how well. */
export function FigureForm({
  order,
  figure,
  file,
  onDone,
}: {
  order: string;
  figure: Figure;
  file: OrderFile;
  onDone: () => void;
}) {
  const [display] = useLengthDisplay();
  const [entered, setEntered, forget] = useKept<Entered>(
    `figure-${order}-${figure.figure}`,
    () => ({
      typed: '',
      how: 'measured',
      s: '',
      said: '',
      instrument: localStorage.getItem(LAST) ?? '',
    }),
  );
  const set = (change: Partial<typeof entered>) => setEntered({ ...entered, ...change });
  const kit = useQuery({ queryKey: ['kit'], queryFn: () => answer(client.GET('/api/kit')) });
  const instruments = (kit.data?.items ?? []).flatMap(({ document, retired }) => {
    const item = document as { sort?: string; id?: string; name?: string; kind?: string };
    return !retired && LENGTHS.includes(item.kind ?? '') && item.id !== undefined
      ? [{ id: item.id, name: item.name ?? item.id }]
      : [];
  });
  // The one that was used last on this device; none is taken for used that nobody named.
  const instrument = instruments.some((known) => known.id === entered.instrument)
    ? entered.instrument
    : '';
  const wrong =
    file.failed?.kind === 'figure' && file.asked === null ? file.failure?.message : undefined;
  const s = entered.s === '' ? USUAL[entered.how] : entered.s;
  const value = figureValue(figure, display);
  return (
    <Sheet
      title={figure.label}
      note={
        figure.from === 'unknown'
          ? say('screen.figure.taken-for', { value, s: length(figure.s ?? 0, display) })
          : figure.from === null
            ? say('screen.car-sheet.sheet-says-what-does', { sided: value })
            : say('screen.figure.stands', { value })
      }
      testId="measure"
    >
      <Box
        component="form"
        sx={{ display: 'grid', gap: 1.25, mt: 1.5 }}
        onSubmit={(event) => {
          event.preventDefault();
          if (instrument !== '') {
            localStorage.setItem(LAST, instrument);
          }
          file.note(
            {
              kind: 'figure',
              payload: {
                figure: figure.figure,
                typed: entered.typed.trim(),
                s: Number(s.replace(',', '.')),
                ...(figure.hubs === null ? {} : { from: figure.hubs }),
                ...(entered.how === 'measured'
                  ? instrument === ''
                    ? {}
                    : { instrument }
                  : { [entered.how]: entered.said.trim() }),
              },
            },
            () => {
              forget();
              onDone();
            },
          );
        }}
      >
        <TextField
          id="figure"
          label={
            figure.sided
              ? say('screen.car-sheet.measured-with-its-side')
              : say('screen.car-sheet.measured-any-unit')
          }
          autoFocus
          required
          value={entered.typed}
          onChange={(event) => set({ typed: event.target.value })}
          error={wrong !== undefined}
          helperText={wrong}
          slotProps={{ htmlInput: { maxLength: 60, autoComplete: 'off' } }}
        />
        <Pick
          label={say('screen.figure.how')}
          value={entered.how}
          options={[
            ['measured', say('screen.figure.measured')],
            ['document', say('screen.figure.document')],
            ['word', say('screen.figure.word')],
          ]}
          onChange={(how) => set({ how })}
        />
        {entered.how === 'measured' ? (
          instruments.length > 0 && (
            <TextField
              id="figure-instrument"
              select
              required
              label={say('screen.figure.instrument')}
              value={instrument}
              onChange={(event) => set({ instrument: event.target.value })}
            >
              {instruments.map((known) => (
                <MenuItem key={known.id} value={known.id} sx={{ minHeight: 48 }}>
                  {known.name}
                </MenuItem>
              ))}
            </TextField>
          )
        ) : (
          <TextField
            id="figure-said"
            label={say(
              entered.how === 'document'
                ? 'screen.figure.which-document'
                : 'screen.figure.whose-word',
            )}
            required
            value={entered.said}
            onChange={(event) => set({ said: event.target.value })}
            slotProps={{ htmlInput: { maxLength: entered.how === 'document' ? 200 : 80 } }}
          />
        )}
        <TextField
          id="figure-s"
          label={say('screen.car-sheet.standard-uncertainty-mm')}
          required
          value={s}
          onChange={(event) => set({ s: event.target.value })}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
          helperText={say('screen.car-sheet.about-half-what-you')}
        />
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained" disabled={file.isWriting}>
            {say('screen.record-it')}
          </Button>
          <Button color="inherit" onClick={onDone}>
            {say('screen.back')}
          </Button>
        </Box>
      </Box>
    </Sheet>
  );
}
