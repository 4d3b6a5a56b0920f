import { useSyncExternalStore } from 'react';
import type { LengthDisplay } from './length';

const KEY = 'lumbro-length';
const listeners = new Set<() => void>();

function read(): LengthDisplay {
  return localStorage.getItem(KEY) === 'in' ? 'in' : 'mm';
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The person's choice of units for derived figures, and how to change it. */
export function useLengthDisplay(): [LengthDisplay, () => void] {
  const display = useSyncExternalStore(subscribe, read);
  const toggle = () => {
    localStorage.setItem(KEY, read() === 'mm' ? 'in' : 'mm');
    listeners.forEach((listener) => listener());
  };
  return [display, toggle];
}
