import { describe, expect, it } from 'vitest';
import { chance, degrees, expectedReading, length, lengthFigure, limit } from './length';

describe('lengths', () => {
  it('are shown in millimetres without a sign', () => {
    expect(length(1849.4, 'mm')).toBe('1,849 mm');
    expect(length(-14.16, 'mm', 1)).toBe('14.2 mm');
    expect(length(-0.0001, 'mm')).toBe('0 mm');
  });

  it('are shown in inches to the nearest sixteenth, as a tape has them', () => {
    expect(length(1479.55, 'in')).toBe('58 1/4 in');
    expect(length(25.4, 'in')).toBe('1 in');
    expect(length(9.525, 'in')).toBe('3/8 in');
    expect(length(1.5, 'in')).toBe('1/16 in');
    expect(length(0.2, 'in')).toBe('0 in');
    expect(lengthFigure(25.3, 'in')).toBe('1');
  });

  it('say a side only where there is one', () => {
    expect(expectedReading(12, 'sided', 'mm')).toBe('12 mm left');
    expect(expectedReading(-12, 'sided', 'mm')).toBe('12 mm right');
    expect(expectedReading(-0.2, 'sided', 'mm')).toBe('0 mm');
    expect(expectedReading(1840, 'length', 'mm')).toBe('1,840 mm');
  });
});

describe('angles and chances', () => {
  it('carry no sign and claim no certainty they do not have', () => {
    expect(degrees(-0.426)).toBe('0.43°');
    expect(chance(0.97)).toBe('97 in 100');
    expect(chance(0.9999)).toBe('over 99 in 100');
    expect(chance(0.0004)).toBe('under 1 in 100');
    expect(chance(1)).toBe('over 99 in 100');
    expect(chance(0)).toBe('under 1 in 100');
  });
});

describe('a tolerance', () => {
  it.each(['mm', 'in'] as const)('never allows more than is meant, in %s', (unit) => {
    for (let mm = 0.1; mm < 60; mm += 0.1) {
      const shown = Number(limit(mm, unit).split(' ')[0]) * (unit === 'in' ? 25.4 : 1);
      expect(shown).toBeLessThanOrEqual(mm + 1e-6);
    }
    expect(limit(4, 'in')).toBe('0.15 in');
    expect(limit(4.5, 'mm')).toBe('4.5 mm');
  });
});
