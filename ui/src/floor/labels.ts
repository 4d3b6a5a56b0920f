import type { Spot } from './view';

/** Where along its line a number may stand: not half way first, where tapes cross. */
const SHARES = [0.34, 0.66, 0.48, 0.8, 0.2, 0.56];

const HIGH = 26;

/** A label that wants to stand somewhere along a line, on the drawing. */
export interface Wanted {
  from: Spot;
  to: Spot;
  width: number;
}

/** The middle of each label, so that none lies on another where that can be had. */
export function placed(labels: Wanted[]): Spot[] {
  const taken: { at: Spot; width: number }[] = [];
  return labels.map((label, i) => {
    const shares = SHARES.map((_, k) => SHARES[(i + k) % SHARES.length] ?? 0.5);
    const spots = shares.map((share): Spot => [
      label.from[0] + (label.to[0] - label.from[0]) * share,
      label.from[1] + (label.to[1] - label.from[1]) * share,
    ]);
    const free = spots.find((at) =>
      taken.every(
        (other) =>
          Math.abs(other.at[0] - at[0]) > (other.width + label.width) / 2 ||
          Math.abs(other.at[1] - at[1]) > HIGH,
      ),
    );
    const at = free ?? spots[0] ?? label.from;
    taken.push({ at, width: label.width });
    return at;
  });
}
