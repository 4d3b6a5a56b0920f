import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { say } from '../words/say';
import { Openings } from './Openings';
import type { RulesDocument } from './rulesDocument';

type PersonDay = NonNullable<RulesDocument['people']>[number];

/** What one person is planned for, and their own hours. */
export function PersonHours({
  name,
  own,
  disabled,
  onChange,
}: {
  name: string;
  own: PersonDay;
  disabled: boolean;
  onChange: (own: PersonDay) => void;
}) {
  const tick = (field: 'works' | 'runs' | 'drives', label: string) => (
    <FormControlLabel
      disabled={disabled || (field !== 'works' && own.works === false)}
      label={label}
      control={
        <Checkbox
          checked={own[field] ?? true}
          onChange={(_, is) => onChange({ ...own, [field]: is })}
          slotProps={{ input: { 'aria-label': `${name}: ${label}` } }}
        />
      }
    />
  );
  const hasOwn = (own.hours?.length ?? 0) > 0;
  return (
    <Box sx={{ borderBottom: 1, borderColor: 'divider', py: 0.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 }}>
        <Box sx={{ fontWeight: 700, minWidth: 140, flex: 1 }}>{name}</Box>
        {tick('works', say('screen.hours.works'))}
        {tick('runs', say('screen.hours.runs'))}
        {tick('drives', say('screen.hours.drives'))}
        <FormControlLabel
          disabled={disabled || own.works === false}
          label={say('screen.hours.own-hours')}
          control={
            <Checkbox
              checked={hasOwn}
              onChange={(_, is) =>
                onChange({
                  ...own,
                  hours: is
                    ? [1, 2, 3, 4, 5].map((day) => ({ day, from: '08:00', to: '14:00' }))
                    : [],
                })
              }
              slotProps={{ input: { 'aria-label': `${name}: ${say('screen.hours.own-hours')}` } }}
            />
          }
        />
      </Box>
      {hasOwn && (
        <Openings
          openings={own.hours ?? []}
          disabled={disabled}
          problem={null}
          onChange={(hours) => onChange({ ...own, hours })}
        />
      )}
    </Box>
  );
}
