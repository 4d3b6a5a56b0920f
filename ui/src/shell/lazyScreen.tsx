import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { lazy, Suspense, type ComponentType } from 'react';
import { say } from '../words/say';

/**
 * A screen that is fetched when it is first opened: what nobody needs at the car does not keep the first screen waiting.
 * Where it cannot be fetched, it says so and can be asked for again.
 */
export function lazyScreen<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): ComponentType<Props> {
  const Screen = lazy(async () => {
    try {
      return { default: await load() };
    } catch {
      return { default: Away as ComponentType<Props> };
    }
  });
  return function Lazy(props: Props) {
    return (
      <Suspense fallback={<Box sx={{ p: 4 }}>{say('screen.signed-in.opening-lumbro')}</Box>}>
        <Screen {...props} />
      </Suspense>
    );
  };
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
