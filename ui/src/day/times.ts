import type { DayPlan, DaySlot } from '../api/types';
import { dateFormat } from '../words/formats';
import { say } from '../words/say';

export const DAY_MINUTES = 1_440;

/** The time on the wall: "10:40". */
export function wall(minute: number): string {
  const left = ((minute % DAY_MINUTES) + DAY_MINUTES) % DAY_MINUTES;
  return `${String(Math.floor(left / 60)).padStart(2, '0')}:${String(left % 60).padStart(2, '0')}`;
}

/** Which day from today on a minute lies in. */
export function dayOf(minute: number): number {
  return Math.floor(minute / DAY_MINUTES);
}

function dateOf(plan: DayPlan, day: number): Date {
  const date = new Date(`${plan.now.slice(0, 10)}T12:00:00Z`);
  date.setUTCDate(date.getUTCDate() + day);
  return date;
}

const days = dateFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** A day from today on by its name: "Today", "Tue 1 Dec". */
export function dayName(plan: DayPlan, day: number): string {
  return day === 0 ? say('screen.today') : days('UTC').format(dateOf(plan, day)).replace(',', '');
}

/** A minute as somebody says it: of today the time alone. */
export function hour(plan: DayPlan, minute: number): string {
  const day = dayOf(minute);
  return day === 0 ? wall(minute) : `${dayName(plan, day)}, ${wall(minute)}`;
}

/** The same as the server takes it: "2026-11-30T10:40". */
export function wallHourOf(plan: DayPlan, minute: number): string {
  return `${dateOf(plan, dayOf(minute)).toISOString().slice(0, 10)}T${wall(minute)}`;
}

/** The minute of a time on the wall as the server has it. */
export function minuteOf(plan: DayPlan, wallHour: string): number {
  const days =
    (Date.parse(`${wallHour.slice(0, 10)}T00:00:00Z`) -
      Date.parse(`${plan.now.slice(0, 10)}T00:00:00Z`)) /
    86_400_000;
  return days * DAY_MINUTES + Number(wallHour.slice(11, 13)) * 60 + Number(wallHour.slice(14, 16));
}

/** How long: "45 min", "1 h 20 min". */
export function lasting(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 60
    ? say('screen.day.minutes', { minutes: whole })
    : say('screen.day.hours-minutes', { hours: Math.floor(whole / 60), minutes: whole % 60 });
}

/** A stage in words; of many sensors it says how many. */
export function stageWords(slot: DaySlot): string {
  return slot.sensors.length > 2
    ? `${say(`day.stage.${slot.kind}`)}: ${say('screen.day.sensors', { count: slot.sensors.length })}`
    : slot.says;
}

/** How late a car will be: on another day it is that day which matters. */
export function lateness(plan: DayPlan, promised: number, done: number): string {
  return dayOf(promised) === dayOf(done)
    ? say('screen.day.late-by', { by: lasting(done - promised) })
    : say('screen.day.late-until', { at: hour(plan, done) });
}
