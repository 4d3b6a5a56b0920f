import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';

const KEYS: [string, string][] = [
  ['Enter', 'takes the reading in the field'],
  ['F', 'far view: the present call alone'],
  ['V', 'turns the plan to where you stand'],
  ['U', 'undo: strikes the last reading'],
  ['M', 'reads the simulated meter'],
  ['D', 'what was asked of you is done: moves, steps, turns'],
  ['R', 'asks the scan tool, where nothing bars it'],
  ['Y N C W', 'yes or found, no or not that, not checked, on somebody’s word'],
  ['P', 'back to the present call'],
  ['?', 'this list'],
];

export function KeysHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <Box sx={{ p: 3 }}>
        <Typography variant="h1" id="keys-title" sx={{ mb: 1 }}>
          Keys
        </Typography>
        <Box
          component="dl"
          sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 3, rowGap: 1, m: 0 }}
        >
          {KEYS.map(([key, words]) => (
            <Box key={key} sx={{ display: 'contents' }}>
              <Box component="dt" sx={{ fontWeight: 700 }}>
                {key}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {words}
              </Box>
            </Box>
          ))}
        </Box>
        <Typography sx={{ mt: 2 }} color="text.secondary">
          They work in an empty reading field too. Escape closes what stands over the screen.
        </Typography>
        <Typography sx={{ mt: 1 }}>
          A laser meter in keyboard mode types for you: its figure goes to the reading that is
          called. <Link to="/practice/meter">Try a meter</Link>
        </Typography>
        <Button variant="contained" onClick={onClose} sx={{ mt: 2 }}>
          Back to work
        </Button>
      </Box>
    </Dialog>
  );
}
