import Box from '@mui/material/Box';
import { Suspense, type ComponentType } from 'react';
import { say } from '../words/say';
import { lazyPart } from './lazyPart';

/** A screen that is fetched when it is first opened: what nobody needs at the car does not keep the first screen waiting. */
export function lazyScreen<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): ComponentType<Props> {
  const Screen = lazyPart(load);
  return function Lazy(props: Props) {
    return (
      <Suspense fallback={<Box sx={{ p: 4 }}>{say('screen.signed-in.opening-lumbro')}</Box>}>
        <Screen {...props} />
      </Suspense>
    );
  };
}
