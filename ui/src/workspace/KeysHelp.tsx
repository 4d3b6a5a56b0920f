import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { say, type Code } from '../words/say';

const KEYS: [string, Code][] = [
  ['Enter', 'screen.keys-help.takes-reading-in-field'],
  ['F', 'screen.keys-help.far-view-present-call'],
  ['V', 'screen.keys-help.turns-plan-where-you'],
  ['U', 'screen.keys-help.undo-strikes-last-reading'],
  ['M', 'screen.keys-help.reads-simulated-meter'],
  ['D', 'screen.keys-help.what-was-asked-you'],
  ['R', 'screen.keys-help.asks-scan-tool-where'],
  ['Y N C W', 'screen.keys-help.yes-or-found-no'],
  ['P', 'screen.keys-help.back-present-call'],
  ['?', 'screen.keys-help.this-list'],
];

export function KeysHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <Box sx={{ p: 3 }}>
        <Typography variant="h1" id="keys-title" sx={{ mb: 1 }}>
          {say('screen.keys')}
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
                {say(words)}
              </Box>
            </Box>
          ))}
        </Box>
        <Typography sx={{ mt: 2 }} color="text.secondary">
          {say('screen.keys-help.they-work-in-empty')}
        </Typography>
        <Typography sx={{ mt: 1 }}>
          {say('screen.keys-help.laser-meter-in-keyboard')}{' '}
          <Link to="/practice/meter">{say('screen.try-meter')}</Link>
        </Typography>
        <Button variant="contained" onClick={onClose} sx={{ mt: 2 }}>
          {say('screen.keys-help.back-work')}
        </Button>
      </Box>
    </Dialog>
  );
}
