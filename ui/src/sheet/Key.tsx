import Box from '@mui/material/Box';
import { keyFor } from '../tablet/keymap';
import { useSettings } from '../tablet/useSettings';

/** A key's name, beside what it does; none where keys do nothing. */
export function Key({ of }: { of: string }) {
  const settings = useSettings();
  return settings.keys ? (
    <Box
      component="kbd"
      aria-hidden
      sx={{
        ml: 1,
        px: 0.75,
        border: 1,
        borderRadius: 0.5,
        fontSize: '0.75rem',
        opacity: 0.85,
        fontFamily: 'inherit',
        // A hand on glass has no keys before it.
        '@media (hover: none) and (pointer: coarse)': { display: 'none' },
      }}
    >
      {keyFor(of.toLowerCase(), settings).toUpperCase()}
    </Box>
  ) : null;
}
