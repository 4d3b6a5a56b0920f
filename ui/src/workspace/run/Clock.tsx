import Box from '@mui/material/Box';
import { useEffect, useState } from 'react';
import { figures } from '../../theme/theme';
import { say } from '../../words/say';

/** What is left of a wait: it counts on the wall's clock, so that leaving and coming back changes nothing. */
export function Clock({ from, seconds }: { from: string; seconds: number }) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(timer);
  }, []);
  const left = Math.max(0, Math.ceil(seconds - (now - Date.parse(from)) / 1000));
  return (
    <Box sx={{ my: 1 }} role="timer" data-testid="clock">
      <Box
        component="span"
        sx={{ fontFamily: figures, fontWeight: 700, fontSize: '4.2rem', lineHeight: 1 }}
      >
        {left}
      </Box>
      <Box component="span" sx={{ ml: 1, fontSize: '1.4rem' }}>
        {left === 0 ? say('screen.clock.s-wait-over') : say('screen.clock.s', { seconds })}
      </Box>
    </Box>
  );
}
