import { sixteenths } from './quantities';

/** How lengths are shown. What was typed is shown as typed; only derived figures follow this choice. */
export type LengthDisplay = 'mm' | 'in';

const group = new Intl.NumberFormat('en-US', { maximumFractionDigits: 0 });

/** The figure alone, without a sign and without its unit. */
export function lengthFigure(millimetres: number, display: LengthDisplay, digits = 0): string {
  const size = Math.abs(millimetres);
  if (display === 'in') {
    return sixteenths(size);
  }
  return digits === 0
    ? group.format(Math.round(size))
    : size.toLocaleString('en-US', {
        minimumFractionDigits: digits,
        maximumFractionDigits: digits,
      });
}

export function lengthUnit(display: LengthDisplay): string {
  return display === 'in' ? 'in' : 'mm';
}

export function length(millimetres: number, display: LengthDisplay, digits = 0): string {
  return `${lengthFigure(millimetres, display, digits)} ${lengthUnit(display)}`;
}

/** Degrees without a sign; directions are words. */
export function degrees(value: number, digits = 2): string {
  return `${Math.abs(value).toFixed(digits)}°`;
}

/** A chance as people say it: "97 in 100". */
export function chance(probability: number): string {
  const inHundred = Math.round(probability * 100);
  if (inHundred === 100) {
    return 'over 99 in 100';
  }
  if (inHundred === 0) {
    return 'under 1 in 100';
  }
  return `${inHundred} in 100`;
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
  return reads === 'turn' ? Math.abs(value).toFixed(1) : lengthFigure(value, display);
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
    return value > 0 ? 'anticlockwise' : 'clockwise';
  }
  return value > 0 ? 'left' : 'right';
}

/** A moment as the clock on the wall shows it. */
export function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}
