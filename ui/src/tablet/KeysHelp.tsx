import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { say, type Code } from '../words/say';
import { keyFor, putOn, taken } from './keymap';
import { choose } from './settings';
import { useSettings } from './useSettings';

/** As it stands on the key. */
const ENTER = 'Enter';

const KEYS: Record<string, Code> = {
  f: 'screen.keys-help.far-view-present-call',
  v: 'screen.keys-help.turns-plan-where-you',
  u: 'screen.keys-help.undo-strikes-last-reading',
  s: 'screen.keys-help.says-call',
  m: 'screen.keys-help.reads-simulated-meter',
  d: 'screen.keys-help.what-was-asked-you',
  r: 'screen.keys-help.asks-scan-tool-where',
  y: 'screen.keys-help.yes-or-found',
  n: 'screen.keys-help.no-or-not-found',
  c: 'screen.keys-help.not-checked',
  w: 'screen.keys-help.on-word',
  p: 'screen.keys-help.back-present-call',
  '?': 'screen.keys-help.this-list',
};

/** What the keys do, and where each of them is; all of them can be put elsewhere or switched off. */
export function KeysHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const settings = useSettings();
  const [asking, setAsking] = useState<string | null>(null);
  const [wrong, setWrong] = useState('');
  const close = () => {
    setAsking(null);
    setWrong('');
    onClose();
  };
  const press = (usual: string, event: KeyboardEvent) => {
    if (asking !== usual || event.key === 'Tab' || event.key === 'Shift') {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
    const key = event.key.toLowerCase();
    if (key === 'escape') {
      setAsking(null);
      return;
    }
    const other = taken(usual, key, Object.keys(KEYS));
    if (key.length !== 1 || /[\d\s.,+-]/.test(key)) {
      setWrong(say('screen.keys-help.no-such-key'));
    } else if (other !== null) {
      setWrong(
        say('screen.keys-help.key-is-taken', {
          key: key.toUpperCase(),
          does: say(KEYS[other] ?? 'screen.keys-help.this-list'),
        }),
      );
    } else {
      putOn(usual, key);
      setAsking(null);
      setWrong('');
    }
  };
  return (
    <Dialog open={open} onClose={close} aria-labelledby="keys-title">
      <Box sx={{ p: 3 }}>
        <Typography variant="h1" id="keys-title" sx={{ mb: 1 }}>
          {say('screen.keys')}
        </Typography>
        <FormControlLabel
          sx={{ mb: 1, minHeight: 48 }}
          control={
            <Switch
              checked={settings.keys}
              onChange={(_, keys) => choose({ keys })}
              slotProps={{ input: { 'aria-describedby': 'keys-note' } }}
            />
          }
          label={say('screen.keys-help.single-keys-act')}
        />
        <Box
          component="dl"
          sx={{
            display: 'grid',
            gridTemplateColumns: 'auto minmax(0, 1fr)',
            columnGap: 2,
            rowGap: 0.5,
            alignItems: 'center',
            m: 0,
          }}
        >
          <Box component="dt" sx={{ fontWeight: 700, textAlign: 'center' }}>
            {ENTER}
          </Box>
          <Box component="dd" sx={{ m: 0 }}>
            {say('screen.keys-help.takes-reading-in-field')}
          </Box>
          {Object.entries(KEYS).map(([usual, words]) => (
            <Box key={usual} sx={{ display: 'contents' }}>
              <Box component="dt">
                <Button
                  variant={asking === usual ? 'contained' : 'outlined'}
                  disabled={!settings.keys}
                  fullWidth
                  aria-label={say('screen.keys-help.put-elsewhere', {
                    key: keyFor(usual, settings).toUpperCase(),
                    does: say(words),
                  })}
                  onClick={() => {
                    setWrong('');
                    setAsking(asking === usual ? null : usual);
                  }}
                  onKeyDown={(event) => press(usual, event)}
                >
                  {asking === usual
                    ? say('screen.keys-help.press-key')
                    : keyFor(usual, settings).toUpperCase()}
                </Button>
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {say(words)}
              </Box>
            </Box>
          ))}
        </Box>
        <Typography role="status" sx={{ mt: 1, color: 'error.main', fontWeight: 700 }}>
          {wrong}
        </Typography>
        <Typography sx={{ mt: 1 }} color="text.secondary" id="keys-note">
          {say('screen.keys-help.they-work-in-empty')}
        </Typography>
        <Typography sx={{ mt: 1 }}>
          {say('screen.keys-help.laser-meter-in-keyboard')}{' '}
          <Link to="/practice/meter">{say('screen.try-meter')}</Link>
        </Typography>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 2 }}>
          <Button variant="contained" onClick={close}>
            {say('screen.keys-help.back-work')}
          </Button>
          {Object.keys(settings.moved).length > 0 && (
            <Button onClick={() => choose({ moved: {} })}>
              {say('screen.keys-help.usual-keys')}
            </Button>
          )}
        </Box>
      </Box>
    </Dialog>
  );
}
