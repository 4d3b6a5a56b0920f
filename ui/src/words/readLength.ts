/*
 * A length as it is typed into a form, in mm. The server reads the same in PHP (core, Measure/Length);
 * words/tests/lengths.json holds the two together.
 */

const LONGEST = 100_000;

const PER_UNIT: Readonly<Record<string, number>> = { mm: 1, cm: 10, m: 1000 };

const GLYPHS: readonly [RegExp, string][] = [
  [/½/g, ' 1/2'],
  [/¼/g, ' 1/4'],
  [/¾/g, ' 3/4'],
  [/⅛/g, ' 1/8'],
  [/⅜/g, ' 3/8'],
  [/⅝/g, ' 5/8'],
  [/⅞/g, ' 7/8'],
  [/[″”“]/g, '"'],
  [/[′’‘]/g, "'"],
  [/''/g, '"'],
  [/[\u00a0\u202f]/g, ' '],
];

/** mm; null where it cannot be read, or could be read two ways. */
export function readLength(typed: string): number | null {
  const text = GLYPHS.reduce((read, [glyph, plain]) => read.replace(glyph, plain), typed)
    .trim()
    .toLowerCase();
  const read = metric(text) ?? feetAndInches(text);
  return read === null || !(read <= LONGEST) ? null : read;
}

function metric(text: string): number | null {
  const found = /^([\d.,](?:[\d., ]*\d)?)\s*(mm|cm|m)?$/.exec(text);
  const unit = found?.[2] ?? 'mm';
  const figure = plain(found?.[1] ?? '', unit);
  return figure === null ? null : figure * (PER_UNIT[unit] ?? 1);
}

function feetAndInches(text: string): number | null {
  const feet = /^([\d.,](?:[\d., ]*\d)?)\s*(?:'|ft\.?|foot|feet)\s*(?:-\s*(?=.))?(.*)$/.exec(text);
  const whole = feet === null ? 0 : plain(feet[1] ?? '', 'ft');
  const rest = feet === null ? text : (feet[2] ?? '');
  if (whole === null) {
    return null;
  }
  if (feet !== null && rest === '') {
    return whole * 304.8;
  }
  const inches = readInches(rest, feet !== null);
  return inches === null || (feet !== null && inches >= 12) ? null : whole * 304.8 + inches * 25.4;
}

function readInches(text: string, named: boolean): number | null {
  const found =
    /^(?:([\d.,]*\d)(?:(?:\s+|\s*-\s*)(\d+)\/(\d+))?|(\d+)\/(\d+))\s*(?:"|in\.?|inch|inches)$/.exec(
      text,
    ) ?? (named ? null : /^(?:(\d+)\s+(\d+)\/(\d+)|(\d+)\/(\d+))$/.exec(text));
  if (found === null) {
    return null;
  }
  const whole = found[1] === undefined ? 0 : plain(found[1], 'in');
  const top = Number(found[2] ?? found[4] ?? 0);
  const bottom = Number(found[3] ?? found[5] ?? 1);
  if (
    whole === null ||
    bottom <= 0 ||
    top >= bottom ||
    (found[2] !== undefined && !Number.isInteger(whole))
  ) {
    return null;
  }
  return whole + top / bottom;
}

/** A figure as people and reports write it, grouped and with either decimal mark. */
function plain(written: string, unit: string): number | null {
  for (const [group, decimal] of [
    [' ', '[.,]'],
    [',', '\\.'],
    ['\\.', ','],
  ] as const) {
    const times = group === ' ' ? '+' : '{2,}';
    if (
      new RegExp(`^[1-9]\\d{0,2}(?:${group}\\d{3})${times}(?:${decimal}\\d+)?$`).test(written) ||
      new RegExp(`^[1-9]\\d{0,2}(?:${group}\\d{3})+${decimal}\\d+$`).test(written)
    ) {
      return Number(written.replaceAll(new RegExp(group, 'g'), '').replace(',', '.'));
    }
  }
  if (/^[1-9]\d{0,2},\d{3}$/.test(written)) {
    // Nobody tapes thousandths of a millimetre, nor thousands of metres, inches or feet.
    return unit === 'cm' ? null : Number(written.replace(',', unit === 'mm' ? '' : '.'));
  }
  return /^(?:\d+(?:[.,]\d+)?|[.,]\d+)$/.test(written) ? Number(written.replace(',', '.')) : null;
}
