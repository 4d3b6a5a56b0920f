import type { components } from '../api/schema.generated';

export type Bay = components['schemas']['Bay'];

/** A shape of a bay that can be changed: its outline, its level zone, or one of the things that stand in it. */
export type ShapeId = 'outline' | 'levelZone' | number;

export function cornersOf(bay: Bay, shape: ShapeId): number[][] {
  if (shape === 'outline') {
    return bay.outline;
  }
  return shape === 'levelZone' ? (bay.levelZone ?? []) : (bay.obstacles?.[shape]?.corners ?? []);
}

export function withCorners(bay: Bay, shape: ShapeId, corners: number[][]): Bay {
  if (shape === 'outline' || shape === 'levelZone') {
    return { ...bay, [shape]: corners };
  }
  return {
    ...bay,
    obstacles: (bay.obstacles ?? []).map((obstacle, i) =>
      i === shape ? { ...obstacle, corners } : obstacle,
    ),
  };
}

/** A corner put half way to the next one. */
export function halved(corners: number[][], after: number): number[][] {
  const a = corners[after] ?? [0, 0];
  const b = corners[(after + 1) % corners.length] ?? [0, 0];
  const middle = [0, 1].map((i) => Math.round(((a[i] ?? 0) + (b[i] ?? 0)) / 2));
  return [...corners.slice(0, after + 1), middle, ...corners.slice(after + 1)];
}

/** A square metre in the middle of the bay. */
export function square(bay: Bay, size = 1000): number[][] {
  const middle = (axis: 0 | 1) => {
    const along = bay.outline.map((corner) => corner[axis] ?? 0);
    return Math.round((Math.min(...along) + Math.max(...along)) / 2);
  };
  const [x, y, half] = [middle(0), middle(1), size / 2];
  return [
    [x - half, y - half],
    [x + half, y - half],
    [x + half, y + half],
    [x - half, y + half],
  ];
}

/** A bay without the members that hold nothing. */
export function whole(bay: Bay): Bay {
  const { obstacles, levelZone, ...rest } = bay;
  return {
    ...rest,
    ...(obstacles && obstacles.length > 0 ? { obstacles } : {}),
    ...(levelZone && levelZone.length > 0 ? { levelZone } : {}),
  };
}

export const NEW_BAY: Bay = {
  name: '',
  outline: [
    [-1700, 2350],
    [7400, 2350],
    [7400, -2350],
    [-1700, -2350],
  ],
  sFloor: 3,
};
