import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { DayPlan } from '../api/types';
import { say } from '../words/say';
import { isAtRisk, isLate, outOf100 } from './lanes';
import { hour, lateness } from './times';

/** What was promised, the cars that will be late first, each with the chance that it holds. */
export function Promises({ plan, onChoose }: { plan: DayPlan; onChoose: (car: string) => void }) {
  const promised = plan.cars.filter((car) => car.promised !== null);
  const rank = (car: DayPlan['cars'][number]) => (isLate(car) ? 0 : isAtRisk(car) ? 1 : 2);
  const sorted = [...promised].sort(
    (a, b) => rank(a) - rank(b) || (a.promised ?? 0) - (b.promised ?? 0),
  );
  if (sorted.length === 0) {
    return <Box sx={{ color: 'text.secondary' }}>{say('screen.day.nothing-promised')}</Box>;
  }
  return (
    <Box
      component="ul"
      aria-label={say('screen.day.promises')}
      sx={{ listStyle: 'none', p: 0, m: 0 }}
    >
      {sorted.map((car) => (
        <Box
          component="li"
          key={car.id}
          data-late={isLate(car)}
          sx={{ borderBottom: 1, borderColor: 'divider' }}
        >
          <ButtonBase
            onClick={() => onChoose(car.id)}
            sx={{
              width: '100%',
              minHeight: 48,
              px: 1,
              py: 0.5,
              gap: 1,
              justifyContent: 'flex-start',
              textAlign: 'left',
              alignItems: 'baseline',
              flexWrap: 'wrap',
            }}
          >
            <Box component="span" sx={{ fontSize: '1.25rem', fontWeight: 700 }}>
              {car.number}
            </Box>
            <span>{hour(plan, car.promised ?? 0)}</span>
            <Box
              component="span"
              sx={{
                fontWeight: 700,
                color: isLate(car)
                  ? 'verdict.out'
                  : isAtRisk(car)
                    ? 'verdict.unproven'
                    : 'verdict.holds',
              }}
            >
              {isLate(car)
                ? car.done === null
                  ? say('screen.day.not-in-sight')
                  : lateness(plan, car.promised ?? 0, car.done)
                : say('screen.day.holds-in', { chance: outOf100(car.chance) })}
            </Box>
          </ButtonBase>
        </Box>
      ))}
    </Box>
  );
}
