import { useSyncExternalStore } from 'react';
import type { LengthDisplay } from './length';

const KEY = 'lumbro-length';
const listeners = new Set<() => void>();

/** The choice as it stands, where nothing is drawn. */
export function readLengthDisplay(): LengthDisplay {
  return localStorage.getItem(KEY) === 'in' ? 'in' : 'mm';
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The person's choice of units for derived figures, and how to change it. */
export function useLengthDisplay(): [LengthDisplay, () => void] {
  const display = useSyncExternalStore(subscribe, readLengthDisplay);
  const toggle = () => {
    localStorage.setItem(KEY, readLengthDisplay() === 'mm' ? 'in' : 'mm');
    listeners.forEach((listener) => listener());
  };
  return [display, toggle];
}
