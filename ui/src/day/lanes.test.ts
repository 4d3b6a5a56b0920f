import { describe, expect, it } from 'vitest';
import type { DayPlan, DaySlot } from '../api/types';
import { days, isAtRisk, isLate, lanes, outOf100, span } from './lanes';
import {
  dayName,
  dayOf,
  hour,
  lasting,
  lateness,
  minuteOf,
  stageWords,
  wall,
  wallHourOf,
} from './times';

function slot(part: Partial<DaySlot> & { stage: string; from: number; to: number }): DaySlot {
  return {
    car: 'a',
    kind: 'line',
    says: 'line',
    sensors: [],
    person: 'ilse',
    place: 'bay-1',
    units: [],
    state: 'planned',
    pin: null,
    ...part,
  };
}

function plan(slots: DaySlot[], part: Partial<DayPlan> = {}): DayPlan {
  return {
    now: '2026-11-30T10:00',
    minute: 600,
    clock: { canBeSet: false, isSet: false },
    version: 1,
    madeAt: null,
    searching: null,
    orders: 2,
    beyond: 0,
    hours: [
      [450, 720],
      [765, 1_020],
    ],
    people: [
      {
        id: 'ilse',
        name: 'Ilse Corrant',
        hours: [
          [450, 720],
          [765, 1_020],
          [1_890, 2_160],
        ],
      },
    ],
    bays: [{ id: 'bay-1', name: 'Bay 1', shares: [] }],
    kit: [{ id: 'reflector', name: 'Corner reflector' }],
    cars: [
      {
        id: 'a',
        number: '2471',
        vehicle: 'Quillon Sable',
        ready: 0,
        promised: 900,
        done: 840,
        chance: 0.95,
        most: 880,
      },
      {
        id: 'b',
        number: '2466',
        vehicle: 'Quillon Sable',
        ready: 0,
        promised: 900,
        done: 960,
        chance: 0.1,
        most: 1_000,
      },
    ],
    slots,
    turns: [],
    reckoning: null,
    changed: { causes: [], parts: [] },
    earlier: [],
    lacking: [],
    mayPin: true,
    mayChange: true,
    ...part,
  };
}

describe('lanes', () => {
  it('join what follows each other on one car, and a car keeps its bay between its stages', () => {
    const all = lanes(
      plan([
        slot({ stage: 'a line', from: 610, to: 630 }),
        slot({ stage: 'a place', from: 632, to: 650, units: ['reflector'] }),
        slot({ stage: 'a run', from: 700, to: 712, units: ['reflector'], person: null }),
        slot({ stage: 'b line', from: 720, to: 740, car: 'b' }),
      ]),
      0,
    );
    const of = (id: string) =>
      all
        .find((lane) => lane.id === id)
        ?.blocks.map((block) => [block.number, block.from, block.to]);
    expect(of('bay-1')).toEqual([
      ['2471', 610, 712],
      ['2466', 720, 740],
    ]);
    expect(of('ilse')).toEqual([
      ['2471', 610, 650],
      ['2466', 720, 740],
    ]);
    expect(of('reflector')).toEqual([
      ['2471', 632, 650],
      ['2471', 700, 712],
    ]);
  });

  it('tell what is under way from what is planned, and what is fixed by hand', () => {
    const [bay] = lanes(
      plan([
        slot({ stage: 'a line', from: 590, to: 615, state: 'on' }),
        slot({ stage: 'a place', from: 615, to: 640, pin: { at: 615, person: null, place: null } }),
      ]),
      0,
    );
    expect(bay?.blocks.map((block) => [block.state, block.pinned])).toEqual([
      ['on', false],
      ['planned', true],
    ]);
  });

  it('show a day by itself, from an hour before now', () => {
    const later = plan([
      slot({ stage: 'early', from: 460, to: 480, state: 'done' }),
      slot({ stage: 'today', from: 610, to: 640 }),
      slot({ stage: 'tomorrow', from: 1_900, to: 1_930 }),
    ]);
    expect(days(later)).toEqual([0, 1]);
    expect(span(later, 0)).toEqual([540, 1_020]);
    expect(span(later, 1)).toEqual([1_860, 2_160]);
    expect(lanes(later, 0)[0]?.blocks.map((block) => block.from)).toEqual([610]);
    expect(lanes(later, 1)[0]?.blocks.map((block) => block.from)).toEqual([1_900]);
  });

  it('know which promise is late and which is at risk', () => {
    const [kept, late] = plan([]).cars;
    expect([
      isLate(kept!),
      isLate(late!),
      isAtRisk(kept!),
      isAtRisk({ ...kept!, chance: 0.7 }),
    ]).toEqual([false, true, false, true]);
    expect(isLate({ ...kept!, done: null })).toBe(true);
    expect(isLate({ ...late!, promised: null })).toBe(false);
  });
});

describe('a stage', () => {
  it('names its sensors, and counts them where there are many', () => {
    const few = slot({
      stage: 'a',
      from: 0,
      to: 1,
      says: 'line: Front radar',
      sensors: ['Front radar'],
    });
    expect(stageWords(few)).toBe('line: Front radar');
    expect(stageWords({ ...few, sensors: ['1', '2', '3'] })).toBe('line: 3 sensors');
  });
});

describe('hours of the day', () => {
  it('are said with their day where it is another', () => {
    const day = plan([]);
    expect([wall(610), hour(day, 610), hour(day, 1_890), dayName(day, 1)]).toEqual([
      '10:10',
      '10:10',
      'Tue 1 Dec, 07:30',
      'Tue 1 Dec',
    ]);
    expect([dayOf(-5), wall(-5)]).toEqual([-1, '23:55']);
  });

  it('go to the server and come back', () => {
    const day = plan([]);
    for (const minute of [0, 610, 1_439, 1_440, 1_890, 4_000, -30]) {
      expect(minuteOf(day, wallHourOf(day, minute))).toBe(minute);
    }
    expect(wallHourOf(day, 1_890)).toBe('2026-12-01T07:30');
  });

  it('never call a promise certain', () => {
    expect([outOf100(1), outOf100(0.995), outOf100(0.5), outOf100(null)]).toEqual([99, 99, 50, 0]);
  });

  it('say how long and how late', () => {
    expect([lasting(45), lasting(80), lasting(59.6)]).toEqual([
      '45 min',
      '1 h 20 min',
      '1 h 0 min',
    ]);
    const day = plan([]);
    expect(lateness(day, 900, 960)).toBe('late by 1 h 0 min');
    expect(lateness(day, 900, 1_890)).toBe('not done before Tue 1 Dec, 07:30');
  });
});
