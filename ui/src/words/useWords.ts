import { useSyncExternalStore } from 'react';
import { currentReader, whenReaderChanges } from './reader';
import { Words } from './words';

let words = new Words(currentReader());

/** Words for whoever reads; they change as the reader does. */
export function useWords(): Words {
  return useSyncExternalStore(whenReaderChanges, currentWords);
}

/** The same where nothing is drawn. */
export function currentWords(): Words {
  if (words.reader !== currentReader()) {
    words = new Words(currentReader());
  }
  return words;
}
