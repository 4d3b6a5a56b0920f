import { describe, expect, it } from 'vitest';
import { WHOLE, zoomed } from '../floor/usePan';
import { cornersOf, halved, NEW_BAY, square, whole, withCorners } from './shapes';

describe('the shapes of a bay', () => {
  const bay = { ...NEW_BAY, name: 'Hall', obstacles: [{ name: 'post', corners: square(NEW_BAY) }] };

  it('are changed one at a time, and the others stay', () => {
    const moved = withCorners(bay, 0, [
      [0, 0],
      [1, 0],
      [0, 1],
    ]);
    expect(cornersOf(moved, 0)).toHaveLength(3);
    expect(moved.outline).toBe(bay.outline);
    expect(cornersOf(withCorners(bay, 'levelZone', bay.outline), 'levelZone')).toEqual(bay.outline);
    expect(cornersOf(bay, 'levelZone')).toEqual([]);
  });

  it('get a corner half way to the next, the last one to the first', () => {
    expect(halved(bay.outline, 0)[1]).toEqual([2850, 2350]);
    expect(halved(bay.outline, 3)[4]).toEqual([-1700, 0]);
  });

  it('leave out what holds nothing', () => {
    expect(whole({ ...bay, obstacles: [], levelZone: [] })).toEqual({ ...NEW_BAY, name: 'Hall' });
    expect(whole(bay).obstacles).toHaveLength(1);
  });
});

describe('a plan that is enlarged', () => {
  it('keeps the point under the finger where it is', () => {
    const once = zoomed(WHOLE, 2, 100, -40);
    // A point at (100, −40) from the middle was drawn there before, and is still.
    expect([once.x + (100 - WHOLE.x) * 2, once.y + (-40 - WHOLE.y) * 2]).toEqual([100, -40]);
    expect(zoomed(once, 0.5, 100, -40)).toEqual(WHOLE);
    expect(zoomed(WHOLE, 1000, 0, 0).zoom).toBe(12);
    expect(zoomed(once, 0.1, 5, 5)).toEqual(WHOLE);
  });
});
