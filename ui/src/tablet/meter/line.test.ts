import { describe, expect, it } from 'vitest';
import { Lines, readLine } from './line';

describe('the line of a meter', () => {
  it.each([
    ['R 1849.5 mm', '1849.5 mm'],
    ['R 6 ft', '6 ft'],
    ['R -12.25 mm', '12.25 mm'],
    ['R 0.35 deg', '0.35° anticlockwise'],
    ['R -0.35 deg', '0.35° clockwise'],
    ['R -0.0 deg', '0°'],
  ])('%s is typed as %s', (line, typed) => {
    expect(readLine(line)).toEqual({ says: 'reading', typed });
  });
  it.each([
    '',
    'R',
    'R mm',
    'R 12',
    'R 12 miles',
    'R 1e9 mm',
    'R 1234567 mm',
    'R 1,5 mm',
    ' R 12 mm',
    'R 12 mm ',
    'B 101',
    'B -1',
    'X 12 mm',
    'R NaN mm',
  ])('“%s” is nothing that is known', (line) => {
    expect(readLine(line)).toBeNull();
  });
  it('says its battery and its name', () => {
    expect(readLine('B 87')).toEqual({ says: 'battery', percent: 87 });
    expect(readLine('N Workshop meter ')).toEqual({ says: 'name', name: 'Workshop meter' });
  });
  it('is put together however it is cut', () => {
    const text = 'N A meter\r\nR 1849.5 mm\nB 8';
    for (let cut = 0; cut <= text.length; cut++) {
      const lines = new Lines();
      expect([...lines.take(text.slice(0, cut)), ...lines.take(text.slice(cut))]).toEqual([
        'N A meter',
        'R 1849.5 mm',
      ]);
      expect(lines.take('7\n')).toEqual(['B 87']);
    }
  });
  it('forgets noise without an end', () => {
    const lines = new Lines();
    for (let i = 0; i < 1000; i++) {
      expect(lines.take('x'.repeat(100))).toEqual([]);
    }
    expect(lines.take('\nB 50\n')).toEqual(['B 50']);
  });
});
