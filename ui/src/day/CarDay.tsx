import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { DayPlan, DaySlot } from '../api/types';
import { Sheet } from '../sheet/Sheet';
import { say } from '../words/say';
import { isLate, outOf100 } from './lanes';
import { OutOrIn } from './OutOrIn';
import { dayName, dayOf, hour, lasting, stageWords, wall, wallHourOf } from './times';
import { useDayChange, type PinWish } from './useDay';

/** One car's day: its stages in order, what was promised, and what is fixed by hand. */
export function CarDay({
  plan,
  car,
  onClose,
}: {
  plan: DayPlan;
  car: DayPlan['cars'][number];
  onClose: () => void;
}) {
  const [opened, setOpened] = useState<string | null>(null);
  const slots = plan.slots.filter((slot) => slot.car === car.id);
  const lacking = plan.lacking.filter((one) => one.car === car.id);
  return (
    <Box component="section" aria-label={car.number} data-testid="car-day">
      <Sheet title={`${car.number} ${car.vehicle}`}>
        <Box sx={{ my: 0.5, fontSize: '1.1rem' }}>
          {car.promised === null
            ? say('screen.day.no-promise')
            : say('screen.day.promised-for', { at: hour(plan, car.promised) })}{' '}
          <Box component="b" sx={{ color: isLate(car) ? 'verdict.out' : 'text.primary' }}>
            {car.done === null
              ? say('screen.day.not-in-sight')
              : say('screen.day.done-at', { at: hour(plan, car.done) })}
          </Box>
        </Box>
        {car.chance !== null && (
          <Typography color="text.secondary">
            {say('screen.day.chance', {
              chance: outOf100(car.chance),
              most: car.most === null ? '' : hour(plan, car.most),
            })}
          </Typography>
        )}
        {lacking.map((one) => (
          <Typography key={one.says} sx={{ color: 'verdict.out', fontWeight: 700, mt: 0.5 }}>
            {one.says}
          </Typography>
        ))}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }} className="screen-only">
          <Button variant="contained" component={Link} to={`/orders/${car.id}`}>
            {say('screen.day.open-order')}
          </Button>
          <Button variant="outlined" onClick={onClose}>
            {say('screen.close')}
          </Button>
        </Box>
      </Sheet>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, mb: 2 }}>
        {slots.map((slot) => (
          <Box component="li" key={slot.stage} sx={{ borderBottom: 1, borderColor: 'divider' }}>
            <Button
              color="inherit"
              fullWidth
              disabled={!plan.mayPin || slot.state !== 'planned'}
              aria-expanded={opened === slot.stage}
              onClick={() => setOpened(opened === slot.stage ? null : slot.stage)}
              sx={{
                justifyContent: 'flex-start',
                textAlign: 'left',
                gap: 1,
                fontWeight: 400,
                '&.Mui-disabled': { color: 'text.primary' },
              }}
            >
              <Box component="b" sx={{ width: 76, flexShrink: 0, lineHeight: 1.2 }}>
                {dayOf(slot.from) !== 0 && (
                  <Box component="span" sx={{ display: 'block', fontSize: '0.8rem' }}>
                    {dayName(plan, dayOf(slot.from))}
                  </Box>
                )}
                {wall(slot.from)}
              </Box>
              <Box component="span" sx={{ flex: 1, minWidth: 0 }}>
                {stageWords(slot)}
                <Box
                  component="span"
                  sx={{ display: 'block', fontSize: '0.85rem', color: 'text.secondary' }}
                >
                  {[
                    ...whoWhere(plan, slot),
                    lasting(slot.to - slot.from),
                    slot.state === 'planned' ? '' : say(`screen.day.state-${slot.state}`),
                    slot.pin ? say('screen.day.fixed') : '',
                  ]
                    .filter((text) => text !== '')
                    .join(' · ')}
                </Box>
              </Box>
            </Button>
            {opened === slot.stage && (
              <PinForm plan={plan} slot={slot} onDone={() => setOpened(null)} />
            )}
          </Box>
        ))}
      </Box>
      <OutOrIn car={car.id} />
    </Box>
  );
}

/** Who does it and where. */
function whoWhere(plan: DayPlan, slot: DaySlot): string[] {
  return [
    plan.people.find((one) => one.id === slot.person)?.name ?? '',
    plan.bays.find((one) => one.id === slot.place)?.name ?? '',
    ...slot.units.map((unit) => plan.kit.find((one) => one.id === unit)?.name ?? ''),
  ];
}

/** Fixes when, by whom and where a stage is done; whatever is left open is planned. */
function PinForm({ plan, slot, onDone }: { plan: DayPlan; slot: DaySlot; onDone: () => void }) {
  const [at, setAt] = useState(slot.pin?.at == null ? '' : wallHourOf(plan, slot.pin.at));
  const [person, setPerson] = useState(slot.pin?.person ?? '');
  const [bay, setBay] = useState(slot.pin?.place ?? '');
  const change = useDayChange();
  const keep = (wish: Omit<PinWish, 'stage'>) =>
    change.mutate({ what: 'pin', wish: { stage: slot.stage, ...wish } }, { onSuccess: onDone });
  return (
    <Box
      component="form"
      aria-label={say('screen.day.fix')}
      sx={{ display: 'grid', gap: 1, p: 1, pb: 2 }}
      onSubmit={(event) => {
        event.preventDefault();
        keep({
          ...(at === '' ? {} : { at }),
          ...(person === '' ? {} : { person }),
          ...(bay === '' ? {} : { bay }),
        });
      }}
    >
      <TextField
        id="pin-at"
        type="datetime-local"
        label={say('screen.day.begins')}
        value={at}
        onChange={(event) => setAt(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      {slot.person !== null && (
        <Choice
          id="pin-person"
          label={say('screen.day.who')}
          value={person}
          options={plan.people}
          onChange={setPerson}
        />
      )}
      {slot.place !== null && (
        <Choice
          id="pin-bay"
          label={say('screen.day.where')}
          value={bay}
          options={plan.bays}
          onChange={setBay}
        />
      )}
      {change.isError && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
          {change.error.message}
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          type="submit"
          variant="contained"
          loading={change.isPending}
          disabled={at === '' && person === '' && bay === ''}
        >
          {say('screen.day.fix')}
        </Button>
        {slot.pin && (
          <Button variant="outlined" disabled={change.isPending} onClick={() => keep({})}>
            {say('screen.day.let-go')}
          </Button>
        )}
      </Box>
    </Box>
  );
}

function Choice({
  id,
  label,
  value,
  options,
  onChange,
}: {
  id: string;
  label: string;
  value: string;
  options: { id: string; name: string }[];
  onChange: (value: string) => void;
}) {
  return (
    <TextField
      select
      id={id}
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      <MenuItem value="" sx={{ minHeight: 48 }}>
        {say('screen.day.as-planned')}
      </MenuItem>
      {options.map((one) => (
        <MenuItem key={one.id} value={one.id} sx={{ minHeight: 48 }}>
          {one.name}
        </MenuItem>
      ))}
    </TextField>
  );
}
