import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useLayoutEffect, useMemo, useRef } from 'react';
import { Link } from 'react-router';
import type { DayPlan } from '../api/types';
import { say } from '../words/say';
import { isLate } from './lanes';
import { keepStripHeight, StripPlace } from './StripPlace';
import { hour, lateness } from './times';
import { Turns } from './Turns';
import { useDay } from './useDay';

/** What the plan says of the orders in the list. */
export interface Told {
  /** Order → when its next work begins, and who does it. */
  readonly times: ReadonlyMap<string, string>;
  /** What the shop's clock shows. */
  readonly now: string | undefined;
}

/** px */
const GAP = 12;

/** Over the list of orders: what everybody begins now, and what will be late. */
export function TodayStrip({ onTold }: { onTold: (told: Told) => void }) {
  const { data: plan, isError } = useDay();
  const strip = useRef<HTMLElement>(null);
  const told = useMemo(
    () => ({ times: plan ? begins(plan) : new Map<string, string>(), now: plan?.now }),
    [plan],
  );
  useEffect(() => onTold(told), [onTold, told]);
  useLayoutEffect(() => {
    if (plan) {
      // With the gap below it.
      keepStripHeight(
        strip.current === null ? 0 : strip.current.getBoundingClientRect().height + GAP,
      );
    }
  }, [plan]);
  if (!plan && !isError) {
    return <StripPlace />;
  }
  if (!plan || plan.searching || plan.slots.length === 0) {
    return null;
  }
  const late = plan.cars.filter(isLate);
  return (
    <Box
      component="section"
      ref={strip}
      aria-label={say('screen.day.turns')}
      sx={{
        mb: `${GAP}px`,
        flexShrink: 0,
        maxHeight: { xs: 'none', sm: '30vh', md: 'none' },
        overflowY: 'auto',
      }}
    >
      <Turns plan={plan} />
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mt: 0.5 }}>
        <Typography
          data-testid="will-be-late"
          sx={{
            flex: { xs: '1 1 100%', sm: 1 },
            fontWeight: 700,
            color: late.length > 0 ? 'verdict.out' : 'text.secondary',
          }}
        >
          {late.length === 0
            ? say('screen.day.none-late')
            : say('screen.day.will-be-late', {
                cars: late
                  .map((car) =>
                    car.done === null
                      ? car.number
                      : say('screen.day.late-car', {
                          number: car.number,
                          at: hour(plan, car.promised ?? 0),
                          late: lateness(plan, car.promised ?? 0, car.done),
                        }),
                  )
                  .join(', '),
              })}
        </Typography>
        <Button component={Link} to="/day" variant="outlined">
          {say('screen.day.open')}
        </Button>
      </Box>
    </Box>
  );
}

/** Order → when its next work begins, and who does it. */
function begins(plan: DayPlan): Map<string, string> {
  const times = new Map<string, string>();
  for (const slot of plan.slots) {
    if (slot.state !== 'done' && slot.person !== null && !times.has(slot.car)) {
      const who = plan.people.find((one) => one.id === slot.person)?.name ?? '';
      times.set(
        slot.car,
        slot.state === 'on'
          ? say('screen.day.is-at-it', { who })
          : say('screen.day.begins-at', { at: hour(plan, slot.from), who }),
      );
    }
  }
  return times;
}
