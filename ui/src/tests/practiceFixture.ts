import type { Bench, Exercise, ExercisePage, Practice, Reckoning } from '../api/types';
import { workspace } from './fixtures';

const { plan } = workspace();

export function exercise(over: Partial<Exercise> = {}): Exercise {
  return {
    id: 'e1',
    number: 'P-4',
    title: 'The weak echo',
    person: 'Ilse Corrant',
    help: 'asked',
    helpSays: 'Advice when you ask for it',
    begins: 'measure',
    hidden: true,
    lesson: null,
    car: 'Quillon Sable, front radar',
    work: ['Front bumper cover painted'],
    order: 'o1',
    task: 't1',
    asked: 0,
    beganAt: '2026-11-24T07:00:00.000Z',
    endedAt: null,
    minutes: 4,
    method: null,
    result: null,
    ...over,
  };
}

export function page(over: Partial<ExercisePage> = {}): ExercisePage {
  return {
    exercise: exercise(),
    faults: [
      { id: 'cover', says: 'Too much paint' },
      { id: 'slip', says: 'One reading was slipped' },
    ],
    causes: [{ id: 'cover', says: 'Paint, filler or a wrong cover' }],
    reckoning: null,
    orderReckoning: null,
    ...over,
  };
}

export function bench(over: Partial<Bench> = {}): Bench {
  return {
    version: 3,
    orderVersion: 2,
    task: 't1',
    asked: 0,
    card: {
      title: 'Front radar',
      sensor: 'Front radar',
      target: 'Corner reflector',
      limits: { azimuth: 0.35, elevation: 0.45 },
      heightDatum: 'centre',
      cautions: [],
      reference: 'body-axis',
    },
    questions: [
      {
        id: 'supply',
        question: 'Supply held by a charger',
        answer: 'on-word',
        word: 'Tolly Brask',
      },
    ],
    schools: ['plumb-and-line'],
    calls: [
      {
        id: 'spot-offset',
        next: 'spot-offset-2',
        title: 'Spot off the line',
        instruction: 'Rule from the line',
        reads: 'sided',
        datums: [],
        readings: [
          { id: 'r1', call: 'spot-offset', typed: '40 mm left', fate: 'moved' },
          { id: 'r2', call: 'spot-offset', typed: '3 mm left', fate: 'counts' },
        ],
      },
    ],
    floor: [{ place: 'FL', says: 'Staff at the front left wheel', typed: null }],
    figures: [
      {
        id: 'across',
        title: 'Off the line',
        unit: 'mm',
        deviation: 3.2,
        uncertainty: 1.1,
        tolerance: 4,
        direction: 'to the left',
      },
    ],
    moves: ['shift'],
    steps: [
      { id: 'on', text: 'Ignition on', does: null, seconds: null, done: true, due: false },
      {
        id: 'start',
        text: 'Start the routine',
        does: 'start',
        seconds: 90,
        done: false,
        due: true,
      },
    ],
    pending: null,
    events: [],
    axes: null,
    adjusts: null,
    causes: [{ id: 'cover', title: 'Paint before the sensor', found: null }],
    plan,
    ...over,
  };
}

export function reckoning(over: Partial<Reckoning> = {}): Reckoning {
  const off = { amount: 0.41, unit: 'degrees' as const, direction: 'to the left' };
  return {
    score: {
      method: 75,
      result: 20,
      methodParts: [
        { id: 'own-eyes', title: 'Looked at, not told', points: 0, most: 10, why: 'One was told.' },
      ],
      resultParts: [
        { id: 'ending', title: 'The right ending', points: 60, most: 60, why: 'It is.' },
      ],
    },
    answer: { outcome: 'holds', says: 'The axis holds', cause: null },
    truth: {
      aligned: false,
      goesBack: 'Paint before the sensor',
      says: 'This car has to go back.',
    },
    faults: [
      {
        kind: 'rule',
        says: 'The rule is short at its end: 15 mm',
        at: null,
        named: false,
        told: true,
        showable: true,
        look: null,
        wouldShow: [
          {
            call: 'hub-offset-RL',
            says: 'Rear left hub',
            reads: 'sided',
            foretold: 766.8,
            would: 783,
            times: 5.4,
          },
        ],
      },
    ],
    wronglyNamed: ['One reading was slipped'],
    axes: [
      { axis: 'azimuth', limit: 0.35, true: off, believed: null, uncertainty: null },
      { axis: 'elevation', limit: null, true: off, believed: null, uncertainty: null },
    ],
    placement: { true: off, believed: off, uncertainty: 0.05 },
    readings: [
      { id: 'r1', title: 'Spot off the line', typed: '3 mm left', worth: 'carries' },
      { id: 'r2', title: 'Range', typed: '2601 mm', worth: 'nothing' },
    ],
    words: [{ question: 'Supply held by a charger', who: 'Tolly Brask', believed: true }],
    plan,
    true: { points: {}, yaw: 180 },
    places: [
      {
        point: 'frontMark',
        says: 'The front mark',
        believed: [3800, 0],
        true: [3800, 16],
        across: { amount: 16, unit: 'mm', direction: 'left' },
        along: { amount: 0, unit: 'mm', direction: 'forward' },
      },
    ],
    ...over,
  };
}

export function practice(over: Partial<Practice> = {}): Practice {
  return {
    path: [
      {
        id: 'one',
        place: 1,
        name: 'One line, one spot',
        aim: 'Find the line.',
        trains: ['The order of work'],
        minutes: 20,
        help: 'guided',
        begins: 'prepare',
        best: { method: 90, result: 80, times: 2 },
      },
      {
        id: 'two',
        place: 2,
        name: 'A very long name of a lesson that goes on over more than one line of the list',
        aim: 'Find the slip.',
        trains: [],
        minutes: 10,
        help: 'alone',
        begins: 'run',
        best: null,
      },
    ],
    cars: [],
    set: [],
    runs: [],
    kinds: ['front', 'rear'],
    difficulties: [1, 2, 3],
    helps: [
      { id: 'guided', says: 'Guided by the screen' },
      { id: 'asked', says: 'Advice on request' },
      { id: 'alone', says: 'No advice' },
    ],
    rubrics: [{ id: 'target', method: [{ title: 'Looked at', most: 10 }], result: [] }],
    trains: false,
    ...over,
  };
}
