import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Drawer from '@mui/material/Drawer';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { say } from '../words/say';
import { lock } from './lock';
import { MeterChoice } from './meter/MeterChoice';
import { canListen } from './recogniser';
import { choose, type Settings } from './settings';
import { useSettings } from './useSettings';

const SOUNDS = ['off', 'key', 'always'] as const;

/** Everything of the bar that has no room on it, and how this tablet looks and sounds. */
export function BarMenu({
  open,
  onClose,
  dark,
  onDark,
  onKeys,
  isPractice,
  children,
}: {
  open: boolean;
  onClose: () => void;
  dark: boolean;
  onDark: (dark: boolean) => void;
  onKeys: () => void;
  /** Whether what stands in for a meter may be chosen. */
  isPractice: boolean;
  /** The ways to other screens and whatever else the bar leaves out. */
  children: ReactNode;
}) {
  const settings = useSettings();
  return (
    <Drawer
      anchor="right"
      open={open}
      onClose={onClose}
      transitionDuration={0}
      slotProps={{
        paper: {
          role: 'dialog',
          'aria-label': say('screen.menu.title'),
          'aria-modal': true,
          sx: { width: 360, maxWidth: '100vw', p: 2 },
        },
      }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', mb: 1 }}>
        <Typography variant="h2">{say('screen.menu.title')}</Typography>
        <Button variant="outlined" onClick={onClose} autoFocus>
          {say('screen.menu.back')}
        </Button>
      </Box>
      {children}
      <Typography variant="h3" sx={{ mt: 2, mb: 0.5 }}>
        {say('screen.menu.this-tablet')}
      </Typography>
      <Toggle checked={dark} onChange={onDark} words={say('screen.menu.dark')} />
      <Toggle
        checked={settings.outdoor}
        onChange={(outdoor) => choose({ outdoor })}
        words={say('screen.menu.outdoor')}
      />
      <Typography id="sound-title" sx={{ mt: 1, fontWeight: 700 }}>
        {say('screen.menu.sound')}
      </Typography>
      <RadioGroup
        aria-labelledby="sound-title"
        value={settings.sound}
        onChange={(_, next) => choose({ sound: next as Settings['sound'] })}
      >
        {SOUNDS.map((one) => (
          <FormControlLabel
            key={one}
            value={one}
            sx={{ minHeight: 48 }}
            control={<Radio />}
            label={say(`screen.menu.sound-${one}`)}
          />
        ))}
      </RadioGroup>
      {settings.sound !== 'off' && canListen() && (
        <Typography variant="body2" color="text.secondary">
          {say('screen.menu.speech')}
        </Typography>
      )}
      <MeterChoice isPractice={isPractice} />
      <Box sx={{ display: 'grid', gap: 1, mt: 2 }}>
        <Button
          variant="outlined"
          onClick={() => {
            onClose();
            lock(true);
          }}
        >
          {say('screen.menu.lock')}
        </Button>
        <Button
          variant="outlined"
          onClick={() => {
            onClose();
            onKeys();
          }}
        >
          {say('screen.keys')}
        </Button>
      </Box>
    </Drawer>
  );
}

function Toggle({
  checked,
  onChange,
  words,
}: {
  checked: boolean;
  onChange: (checked: boolean) => void;
  words: string;
}) {
  return (
    <FormControlLabel
      sx={{ minHeight: 48, display: 'flex' }}
      control={<Switch checked={checked} onChange={(_, next) => onChange(next)} />}
      label={words}
    />
  );
}
