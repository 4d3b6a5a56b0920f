import type { Cause, Finding, FoundAxis, RunState, RunStep } from '../api/types';

const none = { amount: 0, unit: 'degrees' as const, direction: 'up' };

export function step(id: string, over: Partial<RunStep> = {}): RunStep {
  return { id, text: id, seconds: null, does: null, state: 'later', begunAt: null, ...over };
}

export function axis(over: Partial<FoundAxis> = {}): FoundAxis {
  return {
    misalignment: 0.08,
    uncertainty: 0.07,
    limit: 0.35,
    probability: 0.99,
    verdict: 'holds',
    direction: 'to the car’s left',
    mean: { amount: 0.1, unit: 'degrees', direction: 'to the car’s left' },
    reading: 0.03,
    spread: 0.04,
    setUp: { amount: 0.02, unit: 'degrees', direction: 'to the car’s right', uncertainty: 0.06 },
    ...over,
  };
}

export function finding(over: Partial<Finding> = {}): Finding {
  return {
    readings: 2,
    repeats: true,
    basis: 'readings',
    verdict: 'holds',
    azimuth: axis(),
    elevation: axis({ direction: 'up' }),
    ...over,
  };
}

export function cause(id: Cause['id'], over: Partial<Cause> = {}): Cause {
  return {
    id,
    title: 'Something else reflects in the zone',
    chance: 0.62,
    because: ['The empty zone echoed 4.0 dB under the target only.'],
    check: 'Take the target away and look along the sensor’s axis for metal.',
    whenFound: 'Clear the zone; then run anew.',
    whenClear: 'It is not that.',
    sendsBackTo: null,
    found: null,
    ...over,
  };
}

/** The run before it has begun. */
export function runState(over: Partial<RunState> = {}): RunState {
  return {
    steps: [
      step('ignition-on', { text: 'Ignition on', state: 'now' }),
      step('routine', { text: 'Start the routine', does: 'start', seconds: 90 }),
      step('read', { text: 'Read the axis', does: 'read' }),
    ],
    pending: null,
    trouble: null,
    unheard: 0,
    wiped: false,
    codes: [],
    lotCode: null,
    policy: { readings: 2, most: 5, rounds: 3, unproven: 'adjust' },
    finding: null,
    before: null,
    proven: false,
    onlyRead: false,
    correction: null,
    made: [],
    shiftTest: null,
    nudge: null,
    shifted: null,
    causes: null,
    echo: {
      level: null,
      expected: 24.5,
      from: 'card',
      within: 6,
      verdict: 'nothing-expected',
      earlier: 0,
      earlierMean: null,
      earlierSpread: null,
    },
    voltage: null,
    emptyLevel: null,
    zeroSum: { azimuth: none, elevation: none, range: null },
    statements: [],
    swing: null,
    mirror: [],
    events: [],
    sentBack: null,
    accepted: null,
    ...over,
  };
}
