import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { say } from '../../words/say';
import { useSettings } from '../useSettings';
import { sound } from '../sound';
import { canListen } from '../recogniser';
import { listenOnce } from './listening';
import { typedAsSpoken } from './spoken';

/** A figure that is said instead of typed: it comes into the field, and is taken by a press as any other. */
export function SayButton({ onHeard }: { onHeard: (typed: string) => void }) {
  const settings = useSettings();
  const [state, setState] = useState<'quiet' | 'listening' | 'missed'>('quiet');
  const stop = useRef<() => void>(undefined);
  useEffect(() => () => stop.current?.(), []);
  if (settings.sound === 'off' || !canListen()) {
    return null;
  }
  const listen = () => {
    const listening = listenOnce(document.documentElement.lang);
    stop.current = listening.stop;
    setState('listening');
    void listening.heard.then((ways) => {
      const typed = ways.map(typedAsSpoken).find((one) => one !== null);
      setState(typed === undefined ? 'missed' : 'quiet');
      if (typed === undefined) {
        sound('refused');
      } else {
        onHeard(typed);
      }
    });
  };
  return (
    <Box sx={{ display: 'contents' }}>
      <Button
        variant="outlined"
        aria-pressed={state === 'listening'}
        onClick={() => (state === 'listening' ? stop.current?.() : listen())}
      >
        {say(state === 'listening' ? 'screen.voice.listening' : 'screen.voice.say-it')}
      </Button>
      <span role="status">{state === 'missed' ? say('screen.voice.missed') : ''}</span>
    </Box>
  );
}
