import { readLengthDisplay, useLengthDisplay } from './useLengthDisplay';
import { plainReader } from './reader';
import { Words } from './words';

const byUnit = {
  mm: new Words({ ...plainReader, unit: 'mm' }),
  in: new Words({ ...plainReader, unit: 'in' }),
};

/** Words in the person's unit; they change as the unit does. */
export function useWords(): Words {
  const [display] = useLengthDisplay();
  return byUnit[display];
}

/** The same where nothing is drawn. */
export function currentWords(): Words {
  return byUnit[readLengthDisplay()];
}
