import type { LengthDisplay } from '../words/length';
import { say } from '../words/say';

/** One key of the pad: what it puts behind what is typed, and what it is called where it shows a sign. */
export interface TapeKey {
  readonly shows: string;
  readonly puts: string;
  readonly name?: string;
}

const digits = (row: string): TapeKey[] => row.split('').map((one) => ({ shows: one, puts: one }));

/** The keys of a tape: four in a row, the unit or the fraction beside the digits. Erasing is the pad's own key, last in the first row. */
export function tapeKeys(display: LengthDisplay, isAngle: boolean): readonly TapeKey[] {
  const point = { shows: '.', puts: '.', name: say('screen.pad.point') };
  if (isAngle) {
    return [
      ...digits('789'),
      ...digits('456'),
      { shows: '°', puts: '°' },
      ...digits('123'),
      point,
      ...digits('0'),
    ];
  }
  if (display === 'in') {
    return [
      ...digits('789'),
      ...digits('456'),
      { shows: 'ft', puts: "'", name: say('screen.pad.feet') },
      ...digits('123'),
      { shows: 'in', puts: '"', name: say('screen.pad.inches') },
      ...digits('0'),
      point,
      { shows: '/', puts: '/', name: say('screen.pad.fraction') },
      { shows: '␣', puts: ' ', name: say('screen.pad.space') },
    ];
  }
  return [
    ...digits('789'),
    ...digits('456'),
    { shows: 'mm', puts: ' mm' },
    ...digits('123'),
    { shows: 'cm', puts: ' cm' },
    ...digits('0'),
    point,
    { shows: '00', puts: '00' },
    { shows: 'm', puts: ' m' },
  ];
}

/** What is typed once a key was pressed: a unit takes the place of the one that stood there. */
export function pressed(typed: string, { puts }: TapeKey): string {
  const isUnit = /^ (mm|cm|m)$/.test(puts);
  const figure = isUnit ? typed.replace(/\s*(mm|cm|m)\s*$/, '') : typed;
  return isUnit && figure === '' ? typed : figure + puts;
}

/** What is typed once its end was erased: a word or a unit goes whole. */
export function erased(typed: string): string {
  return typed.replace(/(\s*[a-z]+|\s*.)$/i, '');
}
