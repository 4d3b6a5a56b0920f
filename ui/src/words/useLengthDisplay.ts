import { useSyncExternalStore } from 'react';
import type { LengthDisplay } from './length';
import { chooseUnit, currentReader, whenReaderChanges } from './reader';

/** The person's choice of units for derived figures, and how to change it. */
export function useLengthDisplay(): [LengthDisplay, () => void] {
  const { unit } = useSyncExternalStore(whenReaderChanges, currentReader);
  return [unit, () => chooseUnit(unit === 'mm' ? 'in' : 'mm')];
}
