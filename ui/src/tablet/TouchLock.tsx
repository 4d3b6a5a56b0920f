import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { say } from '../words/say';
import { lock, useIsLocked } from './lock';

/** As long as a finger has to stay, ms: a sleeve does not. */
const HELD = 800;

/** Lies over the screen, which stays as it is and readable, until a finger is held on its one button or a key presses it. */
export function TouchLock() {
  const isLocked = useIsLocked();
  const [isHeld, setIsHeld] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  if (!isLocked) {
    return null;
  }
  const letGo = () => {
    setIsHeld(false);
    if (timer.current !== null) {
      clearTimeout(timer.current);
    }
  };
  const hold = () => {
    setIsHeld(true);
    timer.current = setTimeout(() => {
      setIsHeld(false);
      lock(false);
    }, HELD);
  };
  return (
    <Box
      data-testid="lock"
      className="screen-only"
      onContextMenu={(event) => event.preventDefault()}
      sx={{
        position: 'fixed',
        inset: 0,
        zIndex: 'tooltip',
        touchAction: 'none',
        userSelect: 'none',
        display: 'flex',
        alignItems: 'flex-end',
        justifyContent: 'center',
        p: 2,
        border: 6,
        borderColor: 'primary.main',
      }}
    >
      <Button
        variant="contained"
        size="large"
        autoFocus
        onPointerDown={hold}
        onPointerUp={letGo}
        onPointerLeave={letGo}
        onPointerCancel={letGo}
        onKeyDown={(event) => {
          if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            lock(false);
          }
        }}
        sx={{ minHeight: 64, minWidth: 260, boxShadow: 6 }}
      >
        {isHeld ? say('screen.lock.keep-holding') : say('screen.lock.hold-to-unlock')}
      </Button>
    </Box>
  );
}
