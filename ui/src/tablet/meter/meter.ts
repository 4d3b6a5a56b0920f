import { useEffect, useRef, useSyncExternalStore } from 'react';
import { Lines, readLine } from './line';
import { chosen, type MeterPort, type Way } from './port';

/** The meter of this device: one at a time, over every screen. */
export interface MeterState {
  readonly state: 'none' | 'opening' | 'there' | 'lost';
  readonly way: Way | null;
  readonly name: string;
  /** Percent; null where it does not say. */
  readonly battery: number | null;
  /** Why it could not be had, in the browser's own words. */
  readonly failure: string | null;
}

const NONE: MeterState = { state: 'none', way: null, name: '', battery: null, failure: null };

let meter = NONE;
let port: MeterPort | null = null;
const listeners = new Set<() => void>();
const hearers: ((typed: string) => void)[] = [];

function set(next: Partial<MeterState>): void {
  meter = { ...meter, ...next };
  listeners.forEach((listener) => listener());
}

/** Has a meter chosen and listens to it. */
export async function openMeter(way: Way): Promise<void> {
  await closeMeter();
  set({ ...NONE, state: 'opening', way });
  try {
    const own = await chosen(way);
    port = own;
    const lines = new Lines();
    set({ name: own.name });
    await own.open(
      (text) => lines.take(text).forEach(hear),
      () => {
        if (port === own) {
          port = null;
          set({ state: 'lost', battery: null });
        }
      },
    );
    set({ state: 'there' });
  } catch (failure) {
    port = null;
    // Who chose none in the browser's dialog wanted none.
    const isNone = failure instanceof DOMException && failure.name === 'NotFoundError';
    set({ ...NONE, failure: isNone || !(failure instanceof Error) ? null : failure.message });
  }
}

export async function closeMeter(): Promise<void> {
  const own = port;
  port = null;
  set(NONE);
  await own?.close().catch(() => undefined);
}

function hear(line: string): void {
  const said = readLine(line);
  if (said?.says === 'battery') {
    set({ battery: said.percent });
  } else if (said?.says === 'name') {
    set({ name: said.name });
  } else if (said?.says === 'reading') {
    // The field that came last is the one in sight.
    hearers.at(-1)?.(said.typed);
  }
}

export function useMeter(): MeterState {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => meter,
  );
}

/** What the meter reads comes into this field, to be looked at and taken by a press. */
export function useMeterReading(onReading: (typed: string) => void): void {
  const heard = useRef(onReading);
  useEffect(() => {
    heard.current = onReading;
  });
  useEffect(() => {
    const hear = (typed: string) => heard.current(typed);
    hearers.push(hear);
    return () => {
      hearers.splice(hearers.indexOf(hear), 1);
    };
  }, []);
}
