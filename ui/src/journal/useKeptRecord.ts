import { useEffect, useRef } from 'react';
import type { Person } from '../api/types';
import type { Carrier } from '../carry/carrier';

/** Writing has come to rest where nothing was written for so long, ms. */
const REST = 1_000;

/** Keeps what the server knows on this device, so that the work can go on without it: at once, and later once writing has come to rest. */
export function useKeptRecord<State>(
  carrier: Carrier<State> | undefined,
  who: Person | null,
  /** What the server answered last; undefined before it has. */
  answered: State | undefined,
): void {
  const isKept = useRef(false);
  useEffect(() => {
    if (carrier === undefined || who === null || answered === undefined) {
      return;
    }
    const soon = setTimeout(
      () => {
        isKept.current = true;
        void carrier.refresh(who, answered).catch(() => undefined);
      },
      isKept.current ? REST : 0,
    );
    return () => clearTimeout(soon);
  }, [carrier, who, answered]);
}
