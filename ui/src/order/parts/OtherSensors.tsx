import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Order } from '../../api/types';
import { clock } from '../../words/moments';
import { say, type Code } from '../../words/say';
import type { OrderFile } from './useOrder';

const USUAL: readonly Code[] = [
  'screen.others.front-camera',
  'screen.others.surround-cameras',
  'screen.others.ultrasonic',
  'screen.others.lidar',
  'screen.others.night-vision',
];

/** Sensors of the car that this order does not cover: named, so that its report says so. */
export function OtherSensors({ order, file }: { order: Order; file: OrderFile }) {
  const [name, setName] = useState<string | null>(null);
  const [why, setWhy] = useState('');
  const note = (payload: {
    state: 'owed-elsewhere' | 'not-owed' | 'none' | 'withdrawn';
    name?: string;
    why?: string;
  }) =>
    file.note({ kind: 'other-sensor', payload }, () => {
      setName(null);
      setWhy('');
    });
  const none = order.others.some((other) => other.state === 'none');
  return (
    <Box
      component="section"
      aria-label={say('screen.others.title')}
      data-testid="others"
      sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', p: 2, mt: 2 }}
    >
      <Typography variant="h3">{say('screen.others.title')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {none ? say('screen.others.has-none') : say('screen.others.not-covered')}
      </Typography>
      {order.others.map(
        (other) =>
          other.name !== null && (
            <Box
              key={other.name}
              sx={{ borderTop: 1, borderColor: 'divider', py: 1, display: 'flex', gap: 1 }}
            >
              <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
                <b>{other.name}</b>:{' '}
                {say(`screen.others.${other.state === 'not-owed' ? 'not-owed' : 'owed-elsewhere'}`)}
                <Typography variant="body2" color="text.secondary">
                  {other.why} {other.word ?? other.person}
                  {other.at !== null && `, ${clock(other.at)}`}
                </Typography>
              </Box>
              <Button
                color="inherit"
                aria-label={say('screen.others.take-back', { name: other.name })}
                disabled={file.isWriting}
                onClick={() => note({ state: 'withdrawn', name: other.name ?? '' })}
              >
                {say('screen.rows-editor.take-out')}
              </Button>
            </Box>
          ),
      )}
      {name === null ? (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {order.others.length === 0 && (
            <Button
              variant="contained"
              disabled={file.isWriting}
              onClick={() => note({ state: 'none' })}
            >
              {say('screen.others.none')}
            </Button>
          )}
          {USUAL.map((code) => say(code))
            .filter((usual) => !order.others.some((other) => other.name === usual))
            .map((usual) => (
              <Button
                key={usual}
                variant="outlined"
                onClick={() => setName(usual)}
                sx={{ minHeight: 48 }}
              >
                {usual}
              </Button>
            ))}
          <Button variant="outlined" onClick={() => setName('')} sx={{ minHeight: 48 }}>
            {say('screen.others.another')}
          </Button>
        </Box>
      ) : (
        <Box sx={{ display: 'grid', gap: 1 }}>
          <TextField
            id="other-name"
            label={say('screen.others.which')}
            value={name}
            onChange={(event) => setName(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 60, autoComplete: 'off' } }}
          />
          <TextField
            id="other-why"
            label={say('screen.others.why')}
            autoFocus
            value={why}
            onChange={(event) => setWhy(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 300, autoComplete: 'off' } }}
          />
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            {(['owed-elsewhere', 'not-owed'] as const).map((state) => (
              <Button
                key={state}
                variant="outlined"
                disabled={file.isWriting || name.trim() === '' || why.trim() === ''}
                onClick={() => note({ state, name: name.trim(), why: why.trim() })}
                sx={{ minHeight: 48 }}
              >
                {say(`screen.others.${state}`)}
              </Button>
            ))}
            <Button color="inherit" onClick={() => setName(null)}>
              {say('screen.back')}
            </Button>
          </Box>
        </Box>
      )}
    </Box>
  );
}
