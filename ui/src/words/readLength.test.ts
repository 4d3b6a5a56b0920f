import { describe, expect, it } from 'vitest';
import examples from '../../../words/tests/lengths.json';
import { lengthText } from './quantities';
import { plainReader } from './reader';
import { readLength } from './readLength';

describe('a typed length', () => {
  it.each(examples.map((example) => [example.typed, example.mm] as const))(
    'reads “%s” as the server does',
    (typed, mm) => {
      const read = readLength(typed);
      expect(read === null ? null : Math.round(read * 1e6) / 1e6).toBe(mm);
    },
  );

  it('is read as Lumbro prints it, whatever the shop’s decimal mark and unit', () => {
    for (const decimal of ['.', ','] as const) {
      for (const unit of ['mm', 'in'] as const) {
        for (const millimetres of [0, 3, 112.5, 999.9, 1000, 2275, 23456.7]) {
          const printed = lengthText(millimetres, 1, { ...plainReader, decimal, unit });
          const tolerance = unit === 'mm' ? 0.051 : 0.13;
          expect(Math.abs((readLength(printed) ?? NaN) - millimetres)).toBeLessThan(tolerance);
        }
      }
    }
  });
});
