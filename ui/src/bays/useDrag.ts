import { useRef, type KeyboardEvent, type PointerEvent } from 'react';

/** How far a key pushes, mm; with Shift. */
const STEP = 10;
const FAR = 100;

/**
 * Pushing a thing on a plan by a finger, a mouse or the arrow keys: how far, in mm of the plan, x to the right and y up.
 *
 * @param scale px of one mm
 */
export function useDrag(scale: number, onPush: (dx: number, dy: number) => void) {
  const last = useRef<[number, number] | null>(null);
  return {
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      last.current = [event.clientX, event.clientY];
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (last.current) {
        const [x, y] = last.current;
        last.current = [event.clientX, event.clientY];
        onPush((event.clientX - x) / scale, -(event.clientY - y) / scale);
      }
    },
    onPointerUp: () => {
      last.current = null;
    },
    onPointerCancel: () => {
      last.current = null;
    },
    onKeyDown: (event: KeyboardEvent<SVGElement>) => {
      const push = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[
        event.key
      ];
      if (push) {
        event.preventDefault();
        const by = event.shiftKey ? FAR : STEP;
        onPush((push[0] ?? 0) * by, (push[1] ?? 0) * by);
      }
    },
  };
}
