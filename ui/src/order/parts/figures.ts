import type { Order } from '../../api/types';
import { expectedReading, length, type LengthDisplay } from '../../words/length';
import { say } from '../../words/say';

export type Figure = Order['geometry'][number];

/** Where a figure of a car comes from, in words. */
export function knownHow(figure: Figure): string {
  const said = figure.said ?? '';
  switch (figure.from) {
    case 'measured':
      return say('screen.figure.from-measured', { said });
    case 'document':
      return say('screen.figure.from-document', { said });
    case 'word':
      return say('screen.figure.from-word', { said });
    case 'cars':
      return say('screen.figure.from-cars', { cars: figure.cars ?? 1 });
    default:
      return say('screen.figure.unknown');
  }
}

/** A figure as it is read off a tape, with its side where it has one. */
export function figureValue(figure: Figure, display: LengthDisplay): string {
  return figure.sided
    ? expectedReading(figure.value, 'sided', display)
    : `${figure.value < 0 ? '−' : ''}${length(figure.value, display)}`;
}
