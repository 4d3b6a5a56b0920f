import { useEffect, useRef, useState, type RefObject } from 'react';

/** How the plan is looked at: enlarged about the middle of its place, then pushed, px. */
export interface Look {
  zoom: number;
  x: number;
  y: number;
}

export const WHOLE: Look = { zoom: 1, x: 0, y: 0 };

const CLOSEST = 12;

/** Enlarged by a factor about a point that stays where it is, px from the middle. */
export function zoomed(look: Look, factor: number, x: number, y: number): Look {
  const zoom = Math.min(CLOSEST, Math.max(1, look.zoom * factor));
  if (zoom === 1) {
    return WHOLE;
  }
  const by = zoom / look.zoom;
  return { zoom, x: x - (x - look.x) * by, y: y - (y - look.y) * by };
}

/**
 * Pushing and enlarging a drawing with a finger, two fingers, a mouse or the keys. However many events come, it is
 * drawn once a frame.
 */
export function usePan(box: RefObject<HTMLElement | null>) {
  const [look, setLook] = useState<Look>(WHOLE);
  const now = useRef(look);
  const frame = useRef(0);
  const change = (next: Look) => {
    now.current = next;
    if (frame.current === 0) {
      frame.current = requestAnimationFrame(() => {
        frame.current = 0;
        setLook(now.current);
      });
    }
  };

  useEffect(() => {
    const element = box.current;
    if (!element) {
      return undefined;
    }
    const fingers = new Map<number, [number, number]>();
    const middle = (x: number, y: number): [number, number] => {
      const at = element.getBoundingClientRect();
      return [x - at.left - at.width / 2, y - at.top - at.height / 2];
    };
    const down = (event: PointerEvent) => {
      if (event.target instanceof Element && event.target.closest('button')) {
        return;
      }
      fingers.set(event.pointerId, [event.clientX, event.clientY]);
      element.setPointerCapture(event.pointerId);
    };
    const move = (event: PointerEvent) => {
      const before = fingers.get(event.pointerId);
      if (!before) {
        return;
      }
      const other = [...fingers].find(([id]) => id !== event.pointerId)?.[1];
      fingers.set(event.pointerId, [event.clientX, event.clientY]);
      const last = now.current;
      if (other) {
        const span = (x: number, y: number) => Math.hypot(x - other[0], y - other[1]) || 1;
        const [x, y] = middle((event.clientX + other[0]) / 2, (event.clientY + other[1]) / 2);
        change(zoomed(last, span(event.clientX, event.clientY) / span(before[0], before[1]), x, y));
      } else if (last.zoom > 1) {
        change({
          ...last,
          x: last.x + event.clientX - before[0],
          y: last.y + event.clientY - before[1],
        });
      }
    };
    const up = (event: PointerEvent) => fingers.delete(event.pointerId);
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const [x, y] = middle(event.clientX, event.clientY);
      change(zoomed(now.current, Math.exp(-event.deltaY / 400), x, y));
    };
    const key = (event: KeyboardEvent) => {
      const push = {
        ArrowLeft: [60, 0],
        ArrowRight: [-60, 0],
        ArrowUp: [0, 60],
        ArrowDown: [0, -60],
      }[event.key];
      const last = now.current;
      if (push && last.zoom > 1) {
        event.preventDefault();
        change({ ...last, x: last.x + (push[0] ?? 0), y: last.y + (push[1] ?? 0) });
      } else if (event.key === '+' || event.key === '-') {
        event.preventDefault();
        change(zoomed(last, event.key === '+' ? 1.4 : 1 / 1.4, 0, 0));
      }
    };
    element.addEventListener('pointerdown', down);
    element.addEventListener('pointermove', move);
    element.addEventListener('pointerup', up);
    element.addEventListener('pointercancel', up);
    element.addEventListener('wheel', wheel, { passive: false });
    element.addEventListener('keydown', key);
    return () => {
      element.removeEventListener('pointerdown', down);
      element.removeEventListener('pointermove', move);
      element.removeEventListener('pointerup', up);
      element.removeEventListener('pointercancel', up);
      element.removeEventListener('wheel', wheel);
      element.removeEventListener('keydown', key);
      cancelAnimationFrame(frame.current);
      frame.current = 0;
    };
  }, [box]);

  return {
    look,
    closer: () => change(zoomed(now.current, 1.6, 0, 0)),
    whole: () => change(WHOLE),
  };
}
