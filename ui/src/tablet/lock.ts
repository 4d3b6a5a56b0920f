import { useSyncExternalStore } from 'react';

let isLocked = false;
const listeners = new Set<() => void>();

/** Keeps touches from the screen, or lets them through again. */
export function lock(locked: boolean): void {
  isLocked = locked;
  listeners.forEach((listener) => listener());
}

export function useIsLocked(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => isLocked,
  );
}
