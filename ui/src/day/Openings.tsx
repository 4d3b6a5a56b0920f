import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { dateFormat } from '../words/formats';
import { say } from '../words/say';

interface Opening {
  day: number;
  from: string;
  to: string;
}

/** Stretches a day may have, with pauses between them. */
const MOST = 4;

/** The hours of a week: a line for each day, with a stretch before and after each pause. */
export function Openings({
  openings,
  disabled,
  problem,
  onChange,
}: {
  openings: Opening[];
  disabled: boolean;
  problem: string | null;
  onChange: (openings: Opening[]) => void;
}) {
  return (
    <>
      {[1, 2, 3, 4, 5, 6, 7].map((day) => {
        const own = openings.filter((one) => one.day === day);
        const set = (next: Opening[]) =>
          onChange(
            [...openings.filter((one) => one.day !== day), ...next].sort((a, b) => a.day - b.day),
          );
        return (
          <Box
            key={day}
            role="group"
            aria-label={weekday(day)}
            sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 0.5 }}
          >
            <Box sx={{ width: 90 }}>{weekday(day)}</Box>
            {own.map((one, i) => (
              <Box
                key={i}
                sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center' }}
              >
                {(['from', 'to'] as const).map((end) => (
                  <TextField
                    key={end}
                    type="time"
                    size="small"
                    sx={{ width: 124 }}
                    value={one[end]}
                    disabled={disabled}
                    onChange={(event) =>
                      set(
                        own.map((other, j) =>
                          j === i ? { ...other, [end]: event.target.value } : other,
                        ),
                      )
                    }
                    slotProps={{
                      htmlInput: {
                        'aria-label': say(
                          end === 'from' ? 'screen.hours.from' : 'screen.hours.to',
                          { day: weekday(day) },
                        ),
                        style: { minHeight: 30, paddingLeft: 8, paddingRight: 4 },
                      },
                    }}
                  />
                ))}
                {!disabled && (
                  <Button
                    color="inherit"
                    sx={{ minWidth: 48, px: 0 }}
                    aria-label={say('screen.hours.without', {
                      day: weekday(day),
                      from: one.from,
                      to: one.to,
                    })}
                    onClick={() => set(own.filter((_, j) => j !== i))}
                  >
                    ✕
                  </Button>
                )}
              </Box>
            ))}
            {own.length === 0 && (
              <Box sx={{ color: 'text.secondary' }}>{say('screen.hours.shut')}</Box>
            )}
            {!disabled && own.length < MOST && (
              <Button
                color="inherit"
                sx={{ minWidth: 48, px: own.length === 0 ? 1 : 0 }}
                aria-label={say(
                  own.length === 0 ? 'screen.hours.add-day' : 'screen.hours.add-after-pause',
                  { day: weekday(day) },
                )}
                onClick={() =>
                  set([
                    ...own,
                    {
                      day,
                      from: own.at(-1)?.to ?? '08:00',
                      to: own.length === 0 ? '12:00' : '17:00',
                    },
                  ])
                }
              >
                {own.length === 0 ? say('screen.hours.add') : '+'}
              </Button>
            )}
          </Box>
        );
      })}
      {problem && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
          {problem}
        </Typography>
      )}
    </>
  );
}

const weekdays = dateFormat('en-GB', { weekday: 'long' });

/** The name of a day; 1 is Monday. */
function weekday(day: number): string {
  return weekdays('UTC').format(new Date(Date.UTC(2024, 0, day)));
}
