import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { lazy, type ComponentType } from 'react';
import { say } from '../words/say';
import { patiently } from './patiently';

/**
 * A part of a screen that is fetched when it is first shown. Where it cannot be fetched, it says so and can be asked for again.
 */
export function lazyPart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): ComponentType<Props> {
  return lazy(async () => {
    try {
      return { default: await patiently(load) };
    } catch {
      return { default: Away as ComponentType<Props> };
    }
  });
}

function Away() {
  return (
    <Box role="alert" sx={{ p: 4 }}>
      <p>{say('screen.unreachable')}</p>
      <Button variant="contained" onClick={() => window.location.reload()}>
        {say('screen.try-again')}
      </Button>
    </Box>
  );
}
