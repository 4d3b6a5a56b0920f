import type { components } from '../../api/schema.generated';
import type { Code } from '../../words/say';

export type FaultKind = components['schemas']['PracticeCar']['faults'][number]['kind'];

/** A fault that a car is to have. */
export interface Wanted {
  kind: FaultKind;
  size?: number;
  at?: string;
}

/** The unit in which a kind of fault has a size; a kind without one either is or is not. */
export const UNITS: Partial<Record<FaultKind, Code>> = {
  mark: 'screen.maker.mm-left',
  thrust: 'screen.maker.degrees-left',
  floor: 'screen.maker.mm-down',
  tape: 'screen.maker.mm-too-much',
  rule: 'screen.maker.mm-short',
  slip: 'screen.maker.mm-too-much',
  axis: 'screen.maker.degrees-left',
  backlash: 'screen.maker.turns',
  zero: 'screen.maker.degrees-left',
  cover: 'screen.maker.decibels',
  'wrong-target': 'screen.maker.decibels',
  clutter: 'screen.maker.decibels-of-target',
  supply: 'screen.maker.volts',
};

/** The same list with a fault put in, taken out or changed. */
export function withFault(
  wanted: Wanted[],
  kind: FaultKind,
  change: Partial<Wanted> | null,
): Wanted[] {
  const others = wanted.filter((known) => known.kind !== kind);
  if (change === null) {
    return others;
  }
  const before =
    wanted.find((known) => known.kind === kind) ??
    (kind === 'mark' ? { kind, at: 'front' } : { kind });
  return [...others, { ...before, ...change }];
}
