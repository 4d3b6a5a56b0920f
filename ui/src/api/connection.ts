import { useSyncExternalStore } from 'react';

/** Whether what is shown is what this device had last, since no server answered. */
let isGone = false;
const listeners = new Set<() => void>();

/** The last answer came from the server, or from this device. */
export function answeredBy(whom: 'server' | 'device'): void {
  if (isGone !== (whom === 'device')) {
    isGone = whom === 'device';
    listeners.forEach((listener) => listener());
  }
}

export function useIsServerGone(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => isGone,
  );
}
