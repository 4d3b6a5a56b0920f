import { dateFormat } from './formats';
import { clockText, dayText, dayOf, momentText } from './quantities';
import { currentReader } from './reader';

/** A day and the time on the wall of the shop: "24 Nov 2026, 21:07". */
export function moment(iso: string): string {
  return momentText(iso, currentReader());
}

/** The day it is at the shop, of a moment: "24 Nov 2026". */
export function day(iso: string): string {
  return dayOf(iso, currentReader());
}

/** A day of the calendar, such as a check's: "24 Nov 2026". */
export function calendarDay(date: string): string {
  return dayText(date);
}

/** The time on the wall of the shop: "21:07". */
export function clock(iso: string): string {
  return clockText(iso, currentReader());
}

const clocks = dateFormat('sv-SE', { dateStyle: 'short', timeStyle: 'short' });

/** The day and the hour on the wall of the shop, such as "2026-11-28T16:00". */
export function wallNow(now: Date = new Date()): string {
  return clocks(currentReader().zone).format(now).replace(' ', 'T');
}

/**
 * A day and an hour on the wall of the shop: of today the hour alone, and whether it is past.
 *
 * @param here what the wall shows now; a practice shop's clock can be set
 */
export function wallHour(
  wall: string,
  here: string = wallNow(),
): { says: string; isPast: boolean } {
  const [date, hour] = wall.split('T');
  const isToday = here.startsWith(date ?? '');
  return { says: isToday ? (hour ?? '') : `${dayText(date ?? '')}, ${hour}`, isPast: here > wall };
}
