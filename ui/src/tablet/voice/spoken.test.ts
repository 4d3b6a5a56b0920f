import { describe, expect, it } from 'vitest';
import { typedAsSpoken } from './spoken';

describe('a spoken reading', () => {
  it.each([
    ['1849 mm', '1849 mm'],
    ['1849mm', '1849 mm'],
    ['184.9 centimetres', '184.9 cm'],
    ['one thousand eight hundred forty nine', '1849'],
    ['one thousand eight hundred and forty-nine millimetres', '1849 mm'],
    ['one eight four nine', '1849'],
    ['oh five', '5'],
    ['fourteen millimeters right', '14 mm right'],
    ['Twelve left.', '12 left'],
    ['two point three five degrees anti-clockwise', '2.35° anticlockwise'],
    ['0.35 degrees counter clockwise', '0.35° anticlockwise'],
    ['zero', '0'],
    ['two hundred', '200'],
    ['a hundred', null],
    ['hundred five', '105'],
    ['3 thousand 12', '3012'],
    ['seventy two and a quarter inches', null],
    ['72 inches', '72 in'],
    ['nine forty', null],
    ['twenty thirty', null],
    ['forty nine five', null],
    ['point', null],
    ['five point', null],
    ['1.5 point 2', null],
    ['left', null],
    ['take it', null],
    ['', null],
    ['14 mm right please', null],
  ])('“%s” is typed as %s', (heard, typed) => {
    expect(typedAsSpoken(heard)).toBe(typed);
  });
  it('reads back every whole number that is called out digit by digit', () => {
    const names = 'zero one two three four five six seven eight nine'.split(' ');
    for (let n = 10; n < 3000; n += 7) {
      expect(
        typedAsSpoken(
          String(n)
            .split('')
            .map((one) => names[Number(one)])
            .join(' '),
        ),
      ).toBe(String(n));
    }
  });
});
