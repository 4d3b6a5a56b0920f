import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Order } from '../../api/types';
import { length } from '../../words/length';
import { moment } from '../../words/moments';
import { useLengthDisplay } from '../../words/useLengthDisplay';
import { useKept } from '../../sheet/useKept';
import { Sheet } from '../../sheet/Sheet';
import { FigureForm } from '../parts/FigureForm';
import { NextFigures } from '../parts/NextFigures';
import { figureValue, knownHow } from '../parts/figures';
import type { OrderFile } from '../parts/useOrder';
import { say } from '../../words/say';

const SMALL = { display: 'block', fontSize: '0.8rem', color: 'text.secondary' } as const;

/** Which car it is, and its figures: from the sheet, or measured on this car, each with its uncertainty. */
export function CarSheet({ order, file }: { order: Order; file: OrderFile }) {
  const [display] = useLengthDisplay();
  const [chosen, setChosen] = useState<string | null>(null);
  const figure = order.geometry.find((known) => known.figure === chosen);
  return (
    <>
      {figure ? (
        <FigureForm
          key={figure.figure}
          order={order.id}
          figure={figure}
          file={file}
          onDone={() => setChosen(null)}
        />
      ) : (
        <Sheet
          title={`${order.car.make} ${order.car.model}`}
          note={say('screen.car-sheet.tap-figure-enter-it')}
        >
          <Details order={order} file={file} />
        </Sheet>
      )}
      {!figure && order.geometry.some((known) => known.from !== null) && (
        <NextFigures order={order} onPick={setChosen} />
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }} aria-label={say('screen.figures')}>
        {order.geometry.map((known) => (
          <Box component="li" key={known.figure} sx={{ borderBottom: 1, borderColor: 'divider' }}>
            <ButtonBase
              onClick={() => setChosen(known.figure)}
              sx={{
                width: '100%',
                minHeight: 48,
                px: 1,
                py: 0.5,
                gap: 1,
                justifyContent: 'space-between',
                textAlign: 'left',
              }}
            >
              <span>{known.label}</span>
              <Box component="span" sx={{ textAlign: 'right', flexShrink: 0 }}>
                {known.from === 'unknown' ? (
                  <>
                    <Box component="span" sx={{ color: 'verdict.unproven', fontWeight: 700 }}>
                      {say('screen.figure.unknown')}
                    </Box>
                    <Box component="span" sx={SMALL}>
                      {say('screen.figure.taken', {
                        value: figureValue(known, display),
                        s: length(known.s ?? 0, display),
                      })}
                    </Box>
                  </>
                ) : (
                  <>
                    <b>{figureValue(known, display)}</b>
                    <Box component="span" sx={SMALL}>
                      {known.s !== null &&
                        `±${length(known.s, display, display === 'mm' ? 1 : 0)} · `}
                      {known.from !== null
                        ? knownHow(known)
                        : known.typed === null
                          ? say('screen.car-sheet.sheet')
                          : say('screen.car-sheet.measured', {
                              typed: known.typed,
                              word: known.word ?? known.person,
                            })}
                    </Box>
                  </>
                )}
              </Box>
            </ButtonBase>
          </Box>
        ))}
      </Box>
    </>
  );
}

function Details({ order, file }: { order: Order; file: OrderFile }) {
  const known = {
    plate: order.plate,
    vin: order.vin ?? '',
    note: order.note ?? '',
    promised: order.promised ?? '',
    ready: order.ready ?? '',
  };
  // Only what is being changed: the rest follows the record, whoever writes to it.
  const [changed, setChanged] = useKept<Partial<typeof known>>(`details-${order.id}`, () => ({}));
  const typed = { ...known, ...changed };
  const field = (name: keyof typeof known, label: string, longest: number, isHour = false) => (
    <Box
      component="form"
      sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}
      onSubmit={(event) => {
        event.preventDefault();
        // An hour that is emptied is taken back.
        const value = typed[name].trim() || 'none';
        file.note({ kind: 'detail', payload: { field: name, value } }, () =>
          setChanged(Object.fromEntries(Object.entries(changed).filter(([key]) => key !== name))),
        );
      }}
    >
      <TextField
        id={`detail-${name}`}
        label={label}
        type={isHour ? 'datetime-local' : 'text'}
        fullWidth
        sx={{ minWidth: 0 }}
        multiline={name === 'note'}
        value={typed[name]}
        onChange={(event) => setChanged({ ...changed, [name]: event.target.value })}
        slotProps={{
          htmlInput: { maxLength: longest, autoComplete: 'off' },
          ...(isHour ? { inputLabel: { shrink: true } } : {}),
        }}
      />
      <Button
        type="submit"
        variant="outlined"
        aria-label={`${say('screen.car-sheet.keep')}: ${label}`}
        sx={{ flexShrink: 0 }}
        disabled={
          file.isWriting || (typed[name].trim() === '' && !isHour) || typed[name] === known[name]
        }
      >
        {say('screen.car-sheet.keep')}
      </Button>
    </Box>
  );
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.25, mt: 1.5 }}>
      {field('plate', say('screen.plate'), 20)}
      {field('vin', say('screen.car-sheet.vehicle-identification-number'), 40)}
      {field('promised', say('screen.car-sheet.promised'), 20, true)}
      {field('ready', say('screen.car-sheet.ready'), 20, true)}
      {field('note', say('screen.car-sheet.note'), 2000)}
      <Typography variant="body2" color="text.secondary">
        {say('screen.car-sheet.opened', {
          at: moment(order.openedAt),
        })}
      </Typography>
    </Box>
  );
}
