import Box from '@mui/material/Box';
import type { DayPlan } from '../api/types';
import { say } from '../words/say';
import { dayName, dayOf, lasting, wall } from './times';

/** The plan on paper: what each person does today, one under the other. */
export function PrintedDay({ plan }: { plan: DayPlan }) {
  const today = plan.slots.filter((slot) => dayOf(slot.from) === 0 && slot.state !== 'done');
  const number = (car: string) => plan.cars.find((one) => one.id === car)?.number ?? '';
  const bay = (id: string | null) => plan.bays.find((one) => one.id === id)?.name ?? '';
  return (
    <Box sx={{ display: 'none', '@media print': { display: 'block', color: '#000' } }} aria-hidden>
      <p>
        {say('screen.day.printed', {
          day: dayName(plan, 0),
          date: plan.now.slice(0, 10),
          at: wall(plan.minute),
        })}
      </p>
      {plan.people.map((person) => {
        const own = today.filter((slot) => slot.person === person.id);
        return own.length === 0 ? null : (
          <Box key={person.id} sx={{ mb: 3, breakInside: 'avoid' }}>
            <h2>{person.name}</h2>
            <Box
              component="table"
              sx={{
                width: '100%',
                borderCollapse: 'collapse',
                '& td': { borderBottom: 1, py: 0.25, px: 0.75 },
              }}
            >
              <tbody>
                {own.map((slot) => (
                  <tr key={slot.stage}>
                    <td>
                      {wall(slot.from)}–{wall(slot.to)}
                    </td>
                    <td>
                      <b>{number(slot.car)}</b>
                    </td>
                    <td>{slot.says}</td>
                    <td>{bay(slot.place)}</td>
                    <td>
                      {slot.units
                        .map((unit) => plan.kit.find((one) => one.id === unit)?.name ?? '')
                        .join(', ')}
                    </td>
                    <td>{lasting(slot.to - slot.from)}</td>
                  </tr>
                ))}
              </tbody>
            </Box>
          </Box>
        );
      })}
      <p>{say('screen.day.printed-caution')}</p>
    </Box>
  );
}
