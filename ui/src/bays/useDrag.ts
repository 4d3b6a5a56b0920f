import { useEffect, useRef, type KeyboardEvent, type PointerEvent as Pressed } from 'react';

/** How far a key pushes, mm; with Shift. */
const STEP = 10;
const FAR = 100;

/**
 * Pushing a thing on a plan by a finger, a mouse or the arrow keys: how far, in mm of the plan, x to the right and y up.
 *
 * @param scale px of one mm
 */
export function useDrag(
  scale: number,
  onPush: (dx: number, dy: number) => void,
  onLetGo?: () => void,
) {
  const now = useRef({ scale, onPush, onLetGo });
  useEffect(() => {
    now.current = { scale, onPush, onLetGo };
  });
  return {
    onPointerDown: (pressed: Pressed<SVGElement>) => {
      // What the keys pushed before is done with.
      now.current.onLetGo?.();
      let last: [number, number] = [pressed.clientX, pressed.clientY];
      // The finger may leave the thing: it is followed wherever it goes until it is lifted.
      const move = (event: PointerEvent) => {
        if (event.pointerId === pressed.pointerId) {
          const [x, y] = last;
          last = [event.clientX, event.clientY];
          const px = now.current.scale;
          now.current.onPush((event.clientX - x) / px, -(event.clientY - y) / px);
        }
      };
      const up = (event: PointerEvent) => {
        if (event.pointerId === pressed.pointerId) {
          window.removeEventListener('pointermove', move);
          window.removeEventListener('pointerup', up);
          window.removeEventListener('pointercancel', up);
          now.current.onLetGo?.();
        }
      };
      window.addEventListener('pointermove', move);
      window.addEventListener('pointerup', up);
      window.addEventListener('pointercancel', up);
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
