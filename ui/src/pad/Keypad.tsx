import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { figures } from '../theme/theme';
import type { LengthDisplay } from '../words/length';
import { say } from '../words/say';
import { erased, pressed, tapeKeys } from './tapeKeys';

/** Keys for a gloved thumb: the digits, what a tape has beside them, and what takes the last one back. */
export function Keypad({
  typed,
  onType,
  display,
  isAngle,
}: {
  typed: string;
  onType: (typed: string) => void;
  display: LengthDisplay;
  isAngle: boolean;
}) {
  const keys = tapeKeys(display, isAngle);
  const key = (shows: string, puts: () => string, name?: string) => (
    <Button
      key={name ?? shows}
      variant="outlined"
      color="inherit"
      aria-label={name}
      onClick={() => onType(puts())}
      sx={{
        minWidth: 0,
        minHeight: { xs: 52, sm: 60 },
        p: 0,
        fontFamily: figures,
        fontSize: '1.6rem',
        bgcolor: 'background.paper',
      }}
    >
      {shows}
    </Button>
  );
  return (
    <Box
      role="group"
      aria-label={say('screen.pad.keys')}
      sx={{ display: 'grid', gridTemplateColumns: 'repeat(4, 1fr)', gap: 0.75 }}
    >
      {keys.slice(0, 3).map((one) => key(one.shows, () => pressed(typed, one), one.name))}
      {key('←', () => erased(typed), say('screen.pad.erase'))}
      {keys.slice(3).map((one) => key(one.shows, () => pressed(typed, one), one.name))}
    </Box>
  );
}
