import type { OrderSensor } from '../api/types';
import type { Code } from '../words/say';

type Route = NonNullable<OrderSensor['owed']['route']>;

/** How a calibration is done, in words. */
export const ROUTES: Record<Route, Code> = {
  static: 'route.static',
  dynamic: 'route.dynamic',
  'static then dynamic': 'route.static-then-dynamic',
  'static or dynamic': 'route.static-or-dynamic',
};
