import { currentReader } from './reader';
import { Words } from './words';

let words = new Words(currentReader());

/** Words for whoever reads now; what is drawn again as they change takes them from useWords. */
export function currentWords(): Words {
  if (words.reader !== currentReader()) {
    words = new Words(currentReader());
  }
  return words;
}
