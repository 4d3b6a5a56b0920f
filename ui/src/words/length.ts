import { decimalText, degreesText, lengthText, limitText } from './quantities';
import { currentReader } from './reader';
import { say } from './say';
import { currentWords } from './current';

/** How lengths are shown. What was typed is shown as typed; only derived figures follow this choice. */
export type LengthDisplay = 'mm' | 'in';

/** The figure alone, without a sign and without its unit. */
export function lengthFigure(millimetres: number, display: LengthDisplay, digits = 0): string {
  return length(millimetres, display, digits).slice(0, -lengthUnit(display).length - 1);
}

export function lengthUnit(display: LengthDisplay): string {
  return display === 'in' ? 'in' : 'mm';
}

export function length(millimetres: number, display: LengthDisplay, digits = 0): string {
  return lengthText(millimetres, digits, { ...currentReader(), unit: display });
}

/** How far something may be off: what is shown never allows more than what is meant. */
export function limit(millimetres: number, display: LengthDisplay): string {
  return limitText(millimetres, { ...currentReader(), unit: display });
}

/** Degrees without a sign; directions are words. */
export function degrees(value: number, digits = 2): string {
  return degreesText(value, digits, currentReader());
}

/** A chance as people say it: "97 in 100". */
export function chance(probability: number): string {
  return currentWords().chance(probability);
}

/** What a reading is a reading of. */
export type Reads = 'length' | 'sided' | 'height' | 'turn';

/** What a call should read, in words a person can type back: "1,840 mm", "12 mm left", "0.4° clockwise". */
export function expectedReading(value: number, reads: Reads, display: LengthDisplay): string {
  const figure = readingFigure(value, reads, display);
  const shown = reads === 'turn' ? `${figure}°` : `${figure} ${lengthUnit(display)}`;
  const side = readingSide(value, reads, display);
  return side === '' ? shown : `${shown} ${side}`;
}

/** Its figure alone. */
export function readingFigure(value: number, reads: Reads, display: LengthDisplay): string {
  return reads === 'turn'
    ? decimalText(Math.abs(value), 1, currentReader())
    : lengthFigure(value, display);
}

/** The side or sense a figure has; none where it shows as nothing. */
export function readingSide(value: number, reads: Reads, display: LengthDisplay): string {
  if (
    (reads !== 'sided' && reads !== 'turn') ||
    !/[1-9]/.test(readingFigure(value, reads, display))
  ) {
    return '';
  }
  if (reads === 'turn') {
    return say(value > 0 ? 'screen.anticlockwise' : 'screen.clockwise');
  }
  return say(value > 0 ? 'screen.left' : 'screen.right');
}
