import { useSyncExternalStore } from 'react';
import { currentWords } from './current';
import { whenReaderChanges } from './reader';
import type { Words } from './words';

/** Words for whoever reads; they change as the reader does. */
export function useWords(): Words {
  return useSyncExternalStore(whenReaderChanges, currentWords);
}
