import { describe, expect, it } from 'vitest';
import { magnification, magnified, Projection, STANCES, type Spot } from './view';

const bay: Spot[] = [
  [-1000, 2000],
  [7000, 2000],
  [7000, -2000],
  [-1000, -2000],
];

function seen(id: string, spot: Spot): [number, number] {
  const stance = STANCES.find((known) => known.id === id);
  if (!stance) {
    throw new Error(id);
  }
  return new Projection(stance, bay, 800, 800, 20).at(spot);
}

describe('the plan', () => {
  it('shows the car’s left where the person sees it', () => {
    const [ahead, left] = [
      [5000, 0],
      [5000, 1000],
    ] as [Spot, Spot];
    // From the car's right, its left is further away: up the screen.
    expect(seen('right', left)[1]).toBeLessThan(seen('right', ahead)[1]);
    // Facing the car, its left is on the person's right.
    expect(seen('facing', left)[0]).toBeGreaterThan(seen('facing', ahead)[0]);
    // From behind, left is left.
    expect(seen('behind', left)[0]).toBeLessThan(seen('behind', ahead)[0]);
    // From the car's left, its left is nearer: down the screen.
    expect(seen('left', left)[1]).toBeGreaterThan(seen('left', ahead)[1]);
  });

  it('puts what is nearer to the person lower on the screen', () => {
    expect(seen('facing', [6000, 0])[1]).toBeGreaterThan(seen('facing', [0, 0])[1]);
    expect(seen('behind', [6000, 0])[1]).toBeLessThan(seen('behind', [0, 0])[1]);
    expect(seen('right', [6000, 0])[0]).toBeGreaterThan(seen('right', [0, 0])[0]);
    expect(seen('left', [6000, 0])[0]).toBeLessThan(seen('left', [0, 0])[0]);
  });

  it('keeps one scale in every direction and everything in sight', () => {
    for (const stance of STANCES) {
      const to = new Projection(stance, bay, 640, 480, 10);
      const [ox, oy] = to.at([0, 0]);
      const [fx, fy] = to.at([1000, 0]);
      const [lx, ly] = to.at([0, 1000]);
      expect(Math.hypot(fx - ox, fy - oy)).toBeCloseTo(to.size(1000), 6);
      expect(Math.hypot(lx - ox, ly - oy)).toBeCloseTo(to.size(1000), 6);
      for (const corner of bay) {
        const [x, y] = to.at(corner);
        expect(x).toBeGreaterThanOrEqual(9.99);
        expect(x).toBeLessThanOrEqual(630.01);
        expect(y).toBeGreaterThanOrEqual(9.99);
        expect(y).toBeLessThanOrEqual(470.01);
      }
    }
  });
});

describe('magnified errors', () => {
  it('use the largest round factor that fits', () => {
    expect(magnification(1.4, 90)).toBe(50);
    expect(magnification(10, 90)).toBe(5);
    expect(magnification(200, 90)).toBe(1);
    expect(magnification(0, 90)).toBe(50);
  });

  it('keep their direction', () => {
    expect(magnified([5001, -2], [5000, 0], 10)).toEqual([5010, -20]);
  });
});
