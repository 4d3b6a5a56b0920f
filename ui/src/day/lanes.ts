import type { DayPlan, DaySlot } from '../api/types';
import { DAY_MINUTES, dayOf } from './times';

/** What follows each other on one car in one lane. */
export interface Block {
  key: string;
  car: string;
  number: string;
  slots: DaySlot[];
  from: number;
  to: number;
  state: DaySlot['state'];
  pinned: boolean;
  late: boolean;
}

export interface Lane {
  id: string;
  group: 'bay' | 'person' | 'unit';
  name: string;
  /** within which it is worked; null for as long as the shop is open */
  hours: number[][] | null;
  blocks: Block[];
}

/** Minutes between two stages of a car that are one stretch all the same. */
const NEAR = 5;

/** Whether a car is planned to be done after its promise. */
export function isLate(car: DayPlan['cars'][number]): boolean {
  return car.promised !== null && (car.done === null || car.done > car.promised);
}

/** Whether its promise is in danger: a car that holds in fewer than nine of ten. */
export function isAtRisk(car: DayPlan['cars'][number]): boolean {
  return car.promised !== null && !isLate(car) && (car.chance ?? 1) < 0.9;
}

/** Of a hundred such days, those on which a promise is kept: as many as there were draws say nothing of all days there are. */
export function outOf100(chance: number | null): number {
  return Math.min(99, Math.floor((chance ?? 0) * 100));
}

/** The lanes of one day, counted from today on. */
export function lanes(plan: DayPlan, day: number): Lane[] {
  const [first] = span(plan, day);
  const slots = plan.slots.filter(
    (slot) => slot.to > first && (dayOf(slot.from) === day || (day === 0 && slot.from < 0)),
  );
  const cars = new Map(plan.cars.map((car) => [car.id, car]));
  const blocks = (id: string, own: DaySlot[], near: number): Block[] => {
    const made: Block[] = [];
    for (const slot of own) {
      const last = made.at(-1);
      const car = cars.get(slot.car);
      if (last?.car === slot.car && slot.from - last.to <= near && last.state === slot.state) {
        last.slots.push(slot);
        last.to = Math.max(last.to, slot.to);
        last.pinned = last.pinned || slot.pin !== null;
      } else if (car) {
        made.push({
          key: `${id} ${slot.stage}`,
          car: slot.car,
          number: car.number,
          slots: [slot],
          from: slot.from,
          to: slot.to,
          state: slot.state,
          pinned: slot.pin !== null,
          late: isLate(car),
        });
      }
    }
    return made;
  };
  return [
    ...plan.bays.map((bay): Lane => {
      const own = slots.filter((slot) => slot.place === bay.id);
      // A car stays in its bay between its stages.
      return {
        id: bay.id,
        group: 'bay',
        name: bay.name,
        hours: null,
        blocks: blocks(bay.id, own, DAY_MINUTES),
      };
    }),
    ...plan.people.map((person): Lane => {
      const own = slots.filter((slot) => slot.person === person.id);
      return {
        id: person.id,
        group: 'person',
        name: person.name,
        hours: person.hours,
        blocks: blocks(person.id, own, NEAR),
      };
    }),
    ...plan.kit.map((unit): Lane => {
      const own = slots.filter((slot) => slot.units.includes(unit.id));
      return {
        id: unit.id,
        group: 'unit',
        name: unit.name,
        hours: null,
        blocks: blocks(unit.id, own, NEAR),
      };
    }),
  ];
}

/** From when to when a day is drawn: the shop's hours, and whatever lies before or after them. */
export function span(plan: DayPlan, day: number): [number, number] {
  const start = day * DAY_MINUTES;
  const inDay = plan.slots.filter((slot) => dayOf(slot.from) === day);
  const hours = [
    ...plan.people.flatMap((person) => person.hours.filter(([from]) => dayOf(from ?? 0) === day)),
    ...(day === 0 ? plan.hours : []),
  ];
  const from = Math.min(...hours.map(([begins]) => begins ?? 0), ...inDay.map((slot) => slot.from));
  // What was this morning is on paper; of today an hour before now is enough.
  const begin = day === 0 ? Math.max(from, plan.minute - 60) : from;
  const to = Math.max(...hours.map(([, ends]) => ends ?? 0), ...inDay.map((slot) => slot.to));
  return Number.isFinite(from) && Number.isFinite(to) && begin < to
    ? [Math.floor(begin / 60) * 60, Math.ceil(to / 60) * 60]
    : [start + 480, start + 1_020];
}

/** Days on which something is planned, today among them. */
export function days(plan: DayPlan): number[] {
  return [...new Set([0, ...plan.slots.map((slot) => dayOf(slot.from))])]
    .filter((day) => day >= 0)
    .sort((a, b) => a - b);
}
