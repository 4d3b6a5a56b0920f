import { dateFormat, numberFormat } from './formats';
import type { Reader } from './reader';

/*
 * Figures as a reader sees them. The server has the same in PHP; words/examples.json holds the two together.
 */

/** A length without a sign, to the nearest sixteenth of an inch or with decimals where they are asked for. */
export function lengthText(millimetres: number, digits: number, reader: Reader): string {
  const size = Math.abs(millimetres);
  if (reader.unit === 'in') {
    return `${digits === 0 ? sixteenths(size) : decimalText(size / 25.4, digits + 1, reader)} in`;
  }
  return `${decimalText(size, digits, reader)} mm`;
}

/** How far something may be off, mm: cut and not rounded, so that what is shown allows no more than what is meant. */
export function limitText(millimetres: number, reader: Reader): string {
  const [size, digits] =
    reader.unit === 'in' ? [Math.abs(millimetres) / 25.4, 2] : [Math.abs(millimetres), 1];
  // A hair's breadth more than a whole step is that step: 0.3 × 10 is a little under 3.
  const cut = Math.floor(size * 10 ** digits + 1e-9) / 10 ** digits;
  return `${decimalText(cut, Number.isInteger(cut) ? 0 : digits, reader)} ${reader.unit === 'in' ? 'in' : 'mm'}`;
}

/** An angle without a sign. */
export function degreesText(degrees: number, digits: number, reader: Reader): string {
  return `${decimalText(Math.abs(degrees), digits, reader)}°`;
}

/** A number with a fixed count of decimals, thousands grouped. */
export function decimalText(value: number, digits: number, reader: Reader): string {
  const text = numberFormat(digits).format(value);
  // Nothing is not below nothing.
  const unsigned = /^-[0.,]*$/.test(text) ? text.slice(1) : text;
  return reader.decimal === '.'
    ? unsigned
    : unsigned.replaceAll(',', '\u202f').replace('.', reader.decimal);
}

/** A number with as many decimals as it has, two at most, ungrouped. */
export function plainText(value: number, reader: Reader): string {
  return value
    .toFixed(2)
    .replace(/\.?0+$/, '')
    .replace('.', reader.decimal);
}

/** A day and the time on the wall of the shop. */
export function momentText(iso: string, reader: Reader): string {
  return `${dayOf(iso, reader)}, ${clockText(iso, reader)}`;
}

const dates = dateFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** The day that it is at the shop. */
export function dayOf(iso: string, reader: Reader): string {
  return dates(reader.zone).format(new Date(iso)).replace('Sept', 'Sep');
}

const clocks = dateFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** The time on the wall of the shop. */
export function clockText(iso: string, reader: Reader): string {
  return clocks(reader.zone).format(new Date(iso));
}

/** A day of the calendar. */
export function dayText(day: string): string {
  return dayOf(`${day}T12:00:00Z`, utc);
}

const utc: Reader = { language: 'en', unit: 'mm', decimal: '.', zone: 'UTC' };

/** Inches to the nearest sixteenth, as a tape has it. */
export function sixteenths(millimetres: number): string {
  const all = Math.round((millimetres / 25.4) * 16);
  const whole = Math.floor(all / 16);
  let top = all % 16;
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) {
    return String(whole);
  }
  return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}
