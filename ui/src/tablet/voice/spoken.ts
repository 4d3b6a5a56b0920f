/*
 * What a person says of a reading, as it would be typed. Recognisers write some of it in figures and some in words,
 * differently each time; both are read.
 */

const ONES: Readonly<Record<string, number>> = {
  zero: 0,
  oh: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const SCALES: Readonly<Record<string, number>> = { hundred: 100, thousand: 1000 };

const UNITS: readonly [RegExp, string][] = [
  [/^(mm|millimet(er|re)s?|mil|mils)$/, 'mm'],
  [/^(cm|centimet(er|re)s?)$/, 'cm'],
  [/^(m|met(er|re)s?)$/, 'm'],
  [/^(in|inch|inches)$/, 'in'],
  [/^(ft|foot|feet)$/, 'ft'],
  [/^(°|degrees?)$/, '°'],
];
const WORDS: Readonly<Record<string, string>> = {
  left: 'left',
  right: 'right',
  clockwise: 'clockwise',
  anticlockwise: 'anticlockwise',
  counterclockwise: 'anticlockwise',
};

/** As it would be typed; null where it is no figure that can be told. */
export function typedAsSpoken(heard: string): string | null {
  const words = heard
    .toLowerCase()
    .replace(/(\d)(mm|cm|m|in|ft|°)\b/g, '$1 $2')
    .replace(/(anti|counter)[- ]clockwise/g, '$1clockwise')
    .replace(/-/g, ' ')
    .replace(/[,;!?]|\.(?!\d)/g, ' ')
    .split(/\s+/)
    .filter((word) => word !== '' && word !== 'and');
  let rest = words;
  const before = () => rest.findIndex((word) => unit(word) !== null || word in WORDS);
  const end = before();
  const figure = number(end === -1 ? rest : rest.slice(0, end));
  if (figure === null) {
    return null;
  }
  const typed = [figure];
  rest = end === -1 ? [] : rest.slice(end);
  for (const word of rest) {
    const known = unit(word) ?? WORDS[word];
    if (known === undefined) {
      return null;
    }
    typed.push(known);
  }
  return typed.join(' ').replace(' °', '°');
}

function unit(word: string): string | null {
  return UNITS.find(([pattern]) => pattern.test(word))?.[1] ?? null;
}

/** "one thousand eight hundred forty nine point five", "1849.5" or "one eight four nine": 1849.5, 1849. */
function number(words: readonly string[]): string | null {
  const point = words.findIndex((word) => word === 'point');
  const whole = point === -1 ? words : words.slice(0, point);
  const tail = point === -1 ? [] : words.slice(point + 1);
  const left = integer(whole);
  if (left === null || (point !== -1 && (tail.length === 0 || left.includes('.')))) {
    return null;
  }
  const digits = tail.map((word) => (/^\d+$/.test(word) ? word : String(ONES[word] ?? 'x')));
  // After the point each digit is said by itself.
  return digits.some((one) => !/^\d+$/.test(one))
    ? null
    : left + (digits.length === 0 ? '' : `.${digits.join('')}`);
}

function integer(words: readonly string[]): string | null {
  if (words.length === 0) {
    return null;
  }
  if (words.length === 1 && /^\d+(\.\d+)?$/.test(words[0] ?? '')) {
    return words[0] ?? null;
  }
  // Digit by digit, as figures are called out across a bay.
  const each = words.map((word) => (/^\d$/.test(word) ? Number(word) : ONES[word]));
  if (words.length > 1 && each.every((one) => one !== undefined && one < 10)) {
    return each.join('').replace(/^0+(?=\d)/, '');
  }
  let sum = 0;
  let part = 0;
  for (const word of words) {
    const scale = SCALES[word];
    const value = ONES[word] ?? TENS[word] ?? (/^\d+$/.test(word) ? Number(word) : undefined);
    if (scale === 1000) {
      sum += (part === 0 ? 1 : part) * 1000;
      part = 0;
    } else if (scale === 100) {
      part = (part === 0 ? 1 : part) * 100;
    } else if (value === undefined || !fits(part, value)) {
      return null;
    } else {
      part += value;
    }
  }
  return String(sum + part);
}

/** Whether a further word belongs to the number said so far: forty, nine; but not nine, forty. */
function fits(part: number, value: number): boolean {
  const last = part % 100;
  return last === 0 || (last >= 20 && last % 10 === 0 && value > 0 && value < 10);
}
