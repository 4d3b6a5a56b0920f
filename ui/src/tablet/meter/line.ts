/*
 * The open line of a meter: docs/meters.md. Text of ASCII, a line for each thing said, ended by a line feed:
 *
 *     R 1849.5 mm        a reading: value and unit (mm, cm, m, in, ft, deg)
 *     B 87               its battery, percent
 *     N Workshop meter   its name
 *
 * Whatever begins otherwise is left alone, so that a meter may say more than is known here.
 */

export const UNITS = ['mm', 'cm', 'm', 'in', 'ft', 'deg'] as const;

export type Said =
  | { readonly says: 'reading'; readonly typed: string }
  | { readonly says: 'battery'; readonly percent: number }
  | { readonly says: 'name'; readonly name: string };

/** Longer than any line; more without an end is noise. */
const LONGEST = 120;

/** What a line says; null where it is none of ours. */
export function readLine(line: string): Said | null {
  const reading = /^R (-?\d{1,6}(?:\.\d{1,4})?) (\w+)$/.exec(line);
  const unit = UNITS.find((one) => one === reading?.[2]);
  if (reading?.[1] !== undefined && unit !== undefined) {
    return { says: 'reading', typed: typedAs(reading[1], unit) };
  }
  const battery = /^B (\d{1,3})$/.exec(line);
  if (battery?.[1] !== undefined && Number(battery[1]) <= 100) {
    return { says: 'battery', percent: Number(battery[1]) };
  }
  const name = /^N (.{1,40})$/.exec(line);
  return name?.[1] === undefined ? null : { says: 'name', name: name[1].trim() };
}

/** As a person would type it: the sign of an angle as its direction, that of a length left to whoever reads it. */
function typedAs(value: string, unit: (typeof UNITS)[number]): string {
  const size = value.replace('-', '');
  if (unit === 'deg') {
    return Number(size) === 0
      ? '0°'
      : `${size}° ${value.startsWith('-') ? 'clockwise' : 'anticlockwise'}`;
  }
  return `${size} ${unit}`;
}

/** Puts lines together of whatever comes, however it is cut. */
export class Lines {
  private rest = '';

  /** The whole lines that have come with this. */
  take(text: string): string[] {
    const lines = (this.rest + text).split(/\r?\n/);
    // One more than the longest: what went on too long stays too long.
    this.rest = (lines.pop() ?? '').slice(-LONGEST - 1);
    return lines.filter((line) => line !== '' && line.length <= LONGEST);
  }
}
