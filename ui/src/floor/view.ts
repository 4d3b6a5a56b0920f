import { WHOLE, type Look } from './usePan';
import type { Code } from '../words/say';

/** Where the person stands and how the plan turns to it. */
export interface Stance {
  id: 'right' | 'behind' | 'left' | 'facing';
  words: Code;
  /** Unit vectors of the vehicle's x and y axes on the screen (x right, y down). */
  x: [number, number];
  y: [number, number];
}

export const STANCES: Stance[] = [
  { id: 'right', words: 'screen.view.you-stand-on-cars', x: [1, 0], y: [0, -1] },
  { id: 'facing', words: 'screen.view.you-stand-ahead-facing', x: [0, 1], y: [1, 0] },
  { id: 'left', words: 'screen.view.you-stand-on-left', x: [-1, 0], y: [0, 1] },
  { id: 'behind', words: 'screen.view.you-stand-behind-car', x: [0, -1], y: [-1, 0] },
];

export type Spot = readonly [number, number];

/** Millimetres of a plan to pixels. */
export interface Mapping {
  size: (millimetres: number) => number;
  at: (spot: Spot) => [number, number];
  path: (spots: Spot[], close?: boolean) => string;
}

/** What lies in a frame of its own, such as a car's, drawn where that frame is. */
export function within(to: Mapping, place: (spot: Spot) => Spot): Mapping {
  return {
    size: (millimetres) => to.size(millimetres),
    at: (spot) => to.at(place(spot)),
    path: (spots, close = true) => to.path(spots.map(place), close),
  };
}

/** Millimetres of the vehicle frame to pixels. */
export class Projection implements Mapping {
  private readonly scale: number;
  private readonly originX: number;
  private readonly originY: number;

  constructor(
    private readonly stance: Stance,
    bounds: Spot[],
    width: number,
    height: number,
    margin: number,
    look: Look = WHOLE,
  ) {
    const flat = bounds.map((spot) => this.turn(spot));
    const xs = flat.map(([x]) => x);
    const ys = flat.map(([, y]) => y);
    const [left, right] = [Math.min(...xs), Math.max(...xs)];
    const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
    this.scale =
      look.zoom *
      Math.min((width - 2 * margin) / (right - left), (height - 2 * margin) / (bottom - top));
    this.originX = width / 2 - (this.scale * (left + right)) / 2 + look.x;
    this.originY = height / 2 - (this.scale * (top + bottom)) / 2 + look.y;
  }

  /** Pixels of a length. */
  size(millimetres: number): number {
    return millimetres * this.scale;
  }

  at(spot: Spot): [number, number] {
    const [x, y] = this.turn(spot);
    return [this.originX + this.scale * x, this.originY + this.scale * y];
  }

  path(spots: Spot[], close = true): string {
    return (
      spots
        .map(
          (spot, i) =>
            `${i === 0 ? 'M' : 'L'}${this.at(spot)
              .map((v) => v.toFixed(1))
              .join(' ')}`,
        )
        .join('') + (close ? 'Z' : '')
    );
  }

  private turn([x, y]: Spot): [number, number] {
    return [
      x * this.stance.x[0] + y * this.stance.y[0],
      x * this.stance.x[1] + y * this.stance.y[1],
    ];
  }
}

const FACTORS = [1, 2, 5, 10, 20, 50];

/** The largest round factor at which an error of this size still fits into the room there is, both in pixels. */
export function magnification(error: number, room: number): number {
  return FACTORS.filter((factor) => factor * error <= room).at(-1) ?? 1;
}

/** A point's error against a spot, magnified. */
export function magnified(point: Spot, spot: Spot, factor: number): Spot {
  return [spot[0] + factor * (point[0] - spot[0]), spot[1] + factor * (point[1] - spot[1])];
}
