import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { DayPlan, DaySlot } from '../api/types';
import { sentence } from '../words/sentence';
import { say } from '../words/say';
import { hour } from './times';

type Turn = DayPlan['turns'][number];

/** What everybody is at, and what they begin next: the one to begin now stands out. */
export function Turns({ plan, large = false }: { plan: DayPlan; large?: boolean }) {
  if (plan.turns.length === 0) {
    return <Box>{say('screen.day.nobody')}</Box>;
  }
  return (
    <Box
      component="ul"
      aria-label={say('screen.day.turns')}
      data-testid="turns"
      sx={{
        listStyle: 'none',
        p: 0,
        m: 0,
        display: 'grid',
        gap: large ? 2 : 1,
        gridTemplateColumns: large
          ? '1fr'
          : { xs: '1fr', sm: 'repeat(auto-fit, minmax(230px, 1fr))' },
      }}
    >
      {plan.turns.map((turn) => (
        <TurnCard key={turn.person} turn={turn} plan={plan} large={large} />
      ))}
    </Box>
  );
}

function TurnCard({ turn, plan, large }: { turn: Turn; plan: DayPlan; large: boolean }) {
  const slot = (stage: string | null) => plan.slots.find((one) => one.stage === stage) ?? null;
  const [now, next] = [slot(turn.now), slot(turn.next)];
  const main = now ?? next;
  const name = plan.people.find((one) => one.id === turn.person)?.name ?? '';
  const size = (em: number) => (large ? `${em * 2.4}vh` : `${em * 0.62}rem`);
  return (
    <Box
      component="li"
      data-due={turn.due}
      sx={{
        bgcolor: turn.due ? 'primary.main' : 'background.paper',
        color: turn.due ? 'primary.contrastText' : 'text.primary',
        border: 1,
        borderColor: turn.due ? 'primary.main' : 'divider',
        px: large ? 3 : 1.5,
        py: large ? 1.5 : 0.75,
        minWidth: 0,
        position: 'relative',
        overflow: 'hidden',
      }}
    >
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 1,
          justifyContent: 'space-between',
          fontSize: size(1.6),
        }}
      >
        <b>{name}</b>
        <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
          {turn.due
            ? say('screen.day.begin-now')
            : now
              ? say('screen.day.at-it')
              : next
                ? say('screen.day.from', { at: hour(plan, next.from) })
                : ''}
        </Box>
      </Box>
      {main ? (
        <>
          <Box
            component={Link}
            to={`/orders/${main.car}`}
            sx={{
              display: 'block',
              color: 'inherit',
              textDecoration: 'none',
              fontWeight: 700,
              fontSize: size(2.7),
              lineHeight: 1.1,
              '&::after': { content: '""', position: 'absolute', inset: 0 },
            }}
          >
            {number(plan, main)} {say(`day.stage.${main.kind}`)}
          </Box>
          <Box
            sx={{
              fontSize: size(1.7),
              lineHeight: 1.25,
              ...(large
                ? {}
                : {
                    display: '-webkit-box',
                    WebkitLineClamp: 2,
                    WebkitBoxOrient: 'vertical',
                    overflow: 'hidden',
                  }),
            }}
          >
            {sentence(where(plan, main))}
          </Box>
          {now && next && (
            <Box sx={{ fontSize: size(1.5), opacity: 0.85 }}>
              {say('screen.day.then', {
                at: hour(plan, next.from),
                number: number(plan, next),
                what: next.says,
              })}
            </Box>
          )}
        </>
      ) : (
        <Box sx={{ fontSize: size(2), opacity: 0.85 }}>{say('screen.day.nothing-planned')}</Box>
      )}
    </Box>
  );
}

function number(plan: DayPlan, slot: DaySlot): string {
  return plan.cars.find((car) => car.id === slot.car)?.number ?? '';
}

/** Where, which sensors and what car. */
function where(plan: DayPlan, slot: DaySlot): string {
  const bay = plan.bays.find((one) => one.id === slot.place)?.name;
  const car = plan.cars.find((one) => one.id === slot.car)?.vehicle ?? '';
  const sensors =
    slot.sensors.length > 2
      ? say('screen.day.sensors', { count: slot.sensors.length })
      : slot.sensors.join(', ');
  return [bay ?? '', sensors, car].filter((text) => text !== '').join(' · ');
}
