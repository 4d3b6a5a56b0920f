import type { Capture, Condition, Order, OrderSensor } from '../api/types';

const WHO = { person: 'Bram Tolley', at: '2026-11-25T07:00:00.000Z', word: null };

export function capture(over: Partial<Capture> = {}): Capture {
  return {
    sensor: 'rear-left',
    sensorName: 'Left rear radar',
    sideSaid: 'the car’s left: on your left as you stand behind the car, facing it',
    cover: 'rear',
    item: 'lot-code',
    question: 'Lot code on the label',
    kind: 'text',
    unit: null,
    neededFor: 'Run: the routine asks for it at its very end',
    afterRefit: 'Only from the label.',
    state: 'now',
    value: null,
    reason: null,
    warning: null,
    person: null,
    at: null,
    word: null,
    ...over,
  };
}

export function condition(over: Partial<Condition> = {}): Condition {
  return {
    item: 'tyres',
    sensor: null,
    sensorName: null,
    question: 'Tyre pressures as on the placard',
    blocks: true,
    why: 'A soft tyre tips the car.',
    source: 'Copper Lane default table, 2026',
    values: [
      { id: 'rear-left', label: 'Left rear', unit: 'bar', typed: null, wanted: '2 to 2.2 bar' },
    ],
    answer: null,
    met: null,
    findings: [],
    effect: null,
    person: null,
    at: null,
    word: null,
    ...over,
  };
}

export function sensor(over: Partial<OrderSensor> = {}): OrderSensor {
  return {
    id: 'rear-left',
    name: 'Left rear radar',
    kind: 'rear',
    side: 'left',
    sideSaid: 'the car’s left: on your left as you stand behind the car, facing it',
    pair: null,
    behind: 'rear-cover',
    at: [-742, 688],
    facing: 148,
    owed: {
      state: 'owed',
      route: 'static',
      proves: 'A static calibration on a proven set-up proves the axis.',
      reasons: [
        {
          code: 'rear-cover-removed',
          operation: 'rear bumper cover off and on',
          state: 'owed',
          route: 'static',
          reason: 'It sits behind the rear cover.',
          source: 'Quillon service sheet 31 (invented), section 2',
          question: null,
          canAnswer: false,
          answer: null,
        },
      ],
    },
    card: { title: 'Rear pair', source: 'Sheet 31', edition: '3', checked: true },
    ...over,
  };
}

/** An order whose rear cover is off, with one thing to capture. */
export function order(over: Partial<Order> = {}): Order {
  return {
    id: 'o1',
    version: 4,
    number: '2466',
    vehicle: 'Quillon Sable',
    plate: 'CL 730 Q',
    vin: null,
    openedAt: '2026-11-25T06:00:00.000Z',
    simulated: false,
    codeReader: true,
    closing: [],
    road: [],
    tasks: [
      {
        task: 't1',
        sensor: 'rear-left',
        name: 'Left rear radar',
        owed: 'owed',
        card: 'c1',
        sealed: false,
        workspace: false,
        hindrance: 'Its spot is given by range and bearing.',
        present: null,
        stage: null,
        stages: [],
        verdict: null,
      },
    ],
    offers: [],
    waits: {
      kind: 'capture',
      says: 'Left rear radar: Lot code on the label',
      sensor: 'rear-left',
      part: 'capture',
    },
    comparison: null,
    parts: (['work', 'owed', 'capture', 'scan', 'conditions', 'kit', 'car', 'photos'] as const).map(
      (id) => ({
        id,
        state: 'hollow',
        note: '',
      }),
    ),
    alarms: ['Left rear radar: Lot code on the label'],
    car: {
      make: 'Quillon',
      model: 'Sable',
      front: 3810,
      rear: -868,
      halfWidth: 931,
      wheelbase: 2905,
      tyre: [668, 225],
      trackFront: 1598,
      trackRear: 1604,
    },
    operations: [
      { code: 'rear-cover-removed', says: 'rear bumper cover off and on', state: 'done', ...WHO },
    ],
    estimateLines: [],
    covers: [
      {
        id: 'rear',
        says: 'rear bumper cover',
        off: true,
        missed: [],
        due: ['Left rear radar: Lot code on the label'],
        ...WHO,
      },
    ],
    sensors: [sensor()],
    changes: [],
    captures: [capture()],
    scans: [],
    conditions: [condition()],
    contradictions: [],
    noRoom: [],
    others: [],
    closedBy: null,
    needs: [],
    geometry: [],
    photos: [],
    note: null,
    promised: null,
    ready: null,
    ...over,
  };
}
