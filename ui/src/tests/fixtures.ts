import { runState } from './runFixture';
import type { Call, OrderLine, Reading, Respect, Run, Workspace } from '../api/types';

/** Invented states of a workspace, each as the server would send it. */

export function call(id: string, over: Partial<Call> = {}): Call {
  return {
    id,
    title: 'Tape along the line',
    instruction: 'Front mark to the point plumbed under the target',
    reads: 'length',
    statesAccuracy: false,
    datums: [],
    check: false,
    instrument: 'tape-1',
    choices: [],
    due: true,
    expected: 1840,
    expectedTo: {},
    beside: [],
    reading: null,
    ...over,
  };
}

export function reading(id: string, over: Partial<Reading> = {}): Reading {
  return {
    id,
    call: 'spot-along',
    title: 'Tape along the line',
    typed: '184.9 cm',
    unchecked: false,
    value: 1849,
    unit: 'cm',
    datum: null,
    instrument: null,
    fate: 'counts',
    person: 'Ilse Corrant',
    at: '2026-11-24T08:00:00.000Z',
    ...over,
  };
}

export function respect(id: Respect['id'], over: Partial<Respect> = {}): Respect {
  return { id, title: id, verdict: 'not-measured', unit: 'mm', tolerance: 4, ...over };
}

export function run(over: Partial<Run> = {}): Run {
  const axis = {
    read: -0.1,
    readDirection: 'down',
    misalignment: 0.08,
    uncertainty: 0.1,
    direction: 'to the car’s left',
    limit: 0.35,
    probability: 0.99,
    verdict: 'holds' as const,
    setUp: { deviation: 0.02, direction: 'to the car’s right', uncertainty: 0.09 },
  };
  return {
    id: 'run',
    person: 'Ilse Corrant',
    at: '2026-11-24T09:00:00.000Z',
    message: 'Routine completed',
    verdict: 'holds',
    azimuth: axis,
    elevation: axis,
    echo: { level: 24.1, verdict: 'as-expected' },
    release: null,
    ...over,
  };
}

const question = {
  question: 'Wheels straight ahead',
  blocks: false,
  why: 'Turned wheels are in the way of the hub tapes.',
  answer: 'yes' as const,
  met: true,
  word: null,
  person: 'Ilse Corrant',
  at: '2026-11-24T07:00:00.000Z',
};

export function workspace(over: Partial<Workspace> = {}): Workspace {
  return {
    task: '01a20b92-b1d9-7252-8f32-bea21cc21886',
    version: 7,
    sensor: 'front',
    order: { id: 'o1', version: 3, number: '2471', vehicle: 'Quillon Sable', plate: 'CL 2471 K' },
    seal: null,
    plain: ['Its axis was not read.'],
    simulated: true,
    exercise: null,
    tool: 'simulated',
    scanTools: [],
    next: null,
    pair: null,
    run: runState(),
    stage: 'place',
    present: { kind: 'read', call: 'spot-along' },
    stages: [
      { id: 'intake', state: 'full', note: 'owed, static' },
      { id: 'prepare', state: 'full', note: 'done' },
      { id: 'floor', state: 'struck', note: 'not surveyed, ±2 mm' },
      { id: 'line', state: 'full', note: 'done' },
      { id: 'place', state: 'half', note: '1 of 6' },
      { id: 'run', state: 'hollow', note: 'barred' },
      { id: 'prove', state: 'hollow', note: '' },
      { id: 'close', state: 'hollow', note: '' },
    ],
    owed: { state: 'owed', route: 'static', proves: 'It proves the axis.', reasons: [] },
    card: {
      title: 'Front radar behind the badge, static',
      edition: '3',
      dated: '2026-03-02',
      source: 'Quillon sheet 41-207 (invented)',
      enteredBy: 'Oda Merrin',
      checkedBy: 'Tolly Brask',
      cautions: ['Laser: wear the glasses for its class.', 'The radar transmits during the run.'],
      sensor: 'Front radar',
      limits: { azimuth: 0.35, elevation: 0.45 },
      target: 'Corner reflector',
      heightDatum: 'centre',
      spot: { datum: 'front-mark', along: 1840, across: 0, height: 642 },
      echo: { expected: 24.5, within: 6 },
    },
    preparation: [{ id: 'steering', values: [], ...question }],
    lineSteps: [
      { id: 'line-laser', values: [], ...question, question: 'Laser line through both marks' },
    ],
    calls: [
      call('spot-along'),
      call('split', { title: 'Stand square', reads: 'sided', expected: 0 }),
    ],
    method: {
      plan: null,
      schools: [{ id: 'plumb-and-line', name: 'Plumb and line' }],
      reference: { line: 'body-centreline', from: 'card', reason: null, person: null },
      stand: { arm: 0, tilt: 0, isPlate: false },
      marks: { front: 'emblem', rear: 'emblem' },
    },
    floor: {
      from: 'stated',
      below: 0,
      s: 3,
      required: 642,
      card: 642,
      slopes: null,
      plate: null,
      places: [
        {
          id: 'FL',
          says: 'Left front wheel',
          at: [2905, 799],
          typed: null,
          value: null,
          person: null,
        },
        {
          id: 'site-front',
          says: 'The target’s spot',
          at: [5635, 0],
          typed: null,
          value: null,
          person: null,
        },
      ],
      wheels: 0,
    },
    guards: [],
    setAside: [],
    disagreement: null,
    moves: [],
    verdicts: [
      respect('along'),
      respect('across'),
      respect('yaw', { unit: 'degrees', tolerance: 1 }),
      respect('height'),
    ],
    ifRunNow: null,
    consistent: null,
    suspects: [],
    failure: null,
    bars: [{ code: 'placement', says: 'The distance is not measured.' }],
    release: null,
    mayRun: false,
    runs: [],
    failedRuns: [],
    ledger: [],
    settled: false,
    notProven: ['The floor: it was not surveyed.'],
    plan: {
      car: {
        front: 3810,
        rear: -868,
        halfWidth: 931,
        height: 1468,
        hubHeight: 334,
        wheelbase: 2905,
        tyre: [668, 225],
        hubs: { FL: [2905, 799], FR: [2905, -799], RL: [0, 802], RR: [0, -802] },
      },
      bay: {
        name: 'Bay 1',
        obstacles: [],
        levelZone: null,
        outline: [
          [-1700, 2350],
          [7400, 2350],
          [7400, -2350],
          [-1700, -2350],
        ],
      },
      zone: [
        [3810, 750],
        [6710, 1250],
        [6710, -1250],
        [3810, -750],
      ],
      frontMark: [3795, 0],
      rearMark: [-846, 0],
      sensor: { at: [3735, 0], height: 505 },
      spot: { at: [5635, 0], height: 642 },
      stand: {
        measured: false,
        at: [5720, 0],
        yaw: 180,
        left: [5720, -420],
        right: [5720, 420],
        target: [5635, 0],
        targetHeight: null,
        ellipse: null,
      },
      tapes: [{ call: 'spot-along', kind: 'along', from: [3795, 0], to: [5635, 0], reading: null }],
    },
    ...over,
  };
}

export function taskSummary(
  over: Partial<OrderLine['tasks'][number]> = {},
): OrderLine['tasks'][number] {
  return {
    task: 't1',
    sensor: 'front',
    name: 'Front radar',
    owed: 'owed',
    workspace: true,
    present: 'move',
    stage: 'place',
    verdict: null,
    sealed: false,
    ...over,
  };
}

export function orderLine(over: Partial<OrderLine> = {}): OrderLine {
  return {
    id: 'o1',
    number: '2471',
    vehicle: 'Quillon Sable',
    plate: 'CL 2471 K',
    alarm: false,
    closed: false,
    openedAt: '2026-11-24T07:00:00.000Z',
    waits: { kind: 'task', says: 'The sensors are ready to be set up' },
    alarms: 0,
    promised: null,
    operations: ['front bumper cover repainted'],
    tasks: [taskSummary()],
    ...over,
  };
}
