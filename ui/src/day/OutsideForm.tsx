import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { say } from '../words/say';
import { Figure } from './FigureField';
import { without, type RulesDocument as Document } from './rulesDocument';

const NO_SHOP = { name: '', fee: 0, there: 30, away: 120, hour: 0, currency: 'EUR' };

/** What another shop costs. */
export function Outside({
  document,
  disabled,
  onChange,
}: {
  document: Document;
  disabled: boolean;
  onChange: (document: Document) => void;
}) {
  const outside = document.outside;
  const change = (part: Partial<typeof NO_SHOP>) =>
    onChange({ ...document, outside: { ...NO_SHOP, ...outside, ...part } });
  return (
    <>
      <Typography variant="h2" sx={{ mt: 3 }}>
        {say('screen.hours.outside')}
      </Typography>
      <FormControlLabel
        disabled={disabled}
        label={say('screen.hours.has-outside')}
        control={
          <Checkbox
            checked={outside !== undefined}
            onChange={(_, is) => (is ? change({}) : onChange(without(document, 'outside', true)))}
          />
        }
      />
      {outside && (
        <Box
          sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: 'repeat(3, 1fr)' } }}
        >
          <TextField
            id="outside-name"
            label={say('screen.hours.outside-name')}
            required
            value={outside.name}
            disabled={disabled}
            onChange={(event) => change({ name: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          <Figure
            id="outside-fee"
            label={say('screen.hours.fee')}
            value={outside.fee}
            most={1_000_000}
            step="any"
            disabled={disabled}
            onChange={(fee) => change({ fee: fee ?? 0 })}
          />
          <TextField
            id="outside-currency"
            label={say('screen.hours.currency')}
            required
            value={outside.currency}
            disabled={disabled}
            onChange={(event) => change({ currency: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 12 } }}
          />
          <Figure
            id="outside-there"
            label={say('screen.hours.there')}
            value={outside.there}
            least={1}
            most={600}
            disabled={disabled}
            onChange={(there) => change({ there: there ?? 1 })}
          />
          <Figure
            id="outside-away"
            label={say('screen.hours.away')}
            value={outside.away}
            least={1}
            most={6_000}
            disabled={disabled}
            onChange={(away) => change({ away: away ?? 1 })}
          />
          <Figure
            id="outside-hour"
            label={say('screen.hours.hour-costs')}
            value={outside.hour}
            most={100_000}
            step="any"
            disabled={disabled}
            onChange={(hour) => change({ hour: hour ?? 0 })}
          />
        </Box>
      )}
    </>
  );
}
