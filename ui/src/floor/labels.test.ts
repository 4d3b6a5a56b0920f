import { describe, expect, it } from 'vitest';
import { placed } from './labels';

describe('numbers on tapes', () => {
  it('keep off each other where there is room, and stay on their line', () => {
    const labels = [
      { from: [0, 0] as [number, number], to: [500, 0] as [number, number], width: 90 },
      { from: [0, 20] as [number, number], to: [500, 0] as [number, number], width: 90 },
      { from: [0, -10] as [number, number], to: [500, 10] as [number, number], width: 40 },
    ];
    const spots = placed(labels);
    spots.forEach(([x, y], i) => {
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(500);
      spots.slice(0, i).forEach(([ox, oy], k) => {
        const apart = ((labels[i]?.width ?? 0) + (labels[k]?.width ?? 0)) / 2;
        expect(Math.abs(x - ox) > apart || Math.abs(y - oy) > 26).toBe(true);
      });
    });
  });

  it('stand where they first wanted where there is none', () => {
    const short = { from: [0, 0] as [number, number], to: [10, 0] as [number, number], width: 90 };
    const [first, second] = placed([short, short]);
    expect(first?.[0]).toBeCloseTo(3.4);
    expect(second?.[0]).toBeCloseTo(6.6);
  });
});
