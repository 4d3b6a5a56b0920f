import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { SchoolChoices, StakeOut, Survey } from '../api/types';
import { FakeServer, openAt, problem } from './app';
import { call, workspace } from './fixtures';
import { closeMeter, openMeter } from '../tablet/meter/meter';

const state = workspace();
const at = `/tasks/${state.task}`;
const api = `/api/tasks/${state.task}`;
let server: FakeServer;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer().on(`GET ${api}`, { body: state });
});

function school(id: SchoolChoices['schools'][number]['id'], over = {}) {
  return {
    id,
    name: id === 'hub-marks' ? 'Hub marks' : id === 'squares' ? 'Squares' : 'Plumb and line',
    chosen: id === 'plumb-and-line',
    listed: id !== 'squares',
    hindrance: null,
    materials: ['plumb bob', 'tape'],
    failures: ['A set-back axle turns the bar unseen.'],
    steps: ['Both front hub centres plumbed'],
    calls: [{ id: 'bar-left', title: 'Left hub to the bar', instruction: '', check: false }],
    traces: [{ kind: 'tape' as const, from: [2905, 799], to: [5720, 1100] }],
    ...over,
  };
}

const choices: SchoolChoices = {
  schools: [
    school('plumb-and-line'),
    school('hub-marks'),
    school('squares', { hindrance: 'No bar stands square to it.', traces: [], calls: [] }),
  ],
  stand: { left: [5720, 1100], right: [5720, -1100], target: [5635, 0] },
  marks: [
    { id: 'emblem', says: 'the emblem', across: null },
    { id: 'other', says: 'another mark', across: 15 },
  ],
};

describe('the ways of measuring', () => {
  it('are looked at on the plan and chosen together; what cannot be used says why', async () => {
    server
      .on(`GET ${api}/schools`, { body: choices })
      .on('LINE schools', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Line/ }));
    await person.click(screen.getByRole('button', { name: /Measure another way/ }));
    const sheet = await screen.findByTestId('schools');
    expect(await within(sheet).findByText('No bar stands square to it.')).toBeInTheDocument();
    expect(within(sheet).getByRole('checkbox', { name: /Squares/ })).toBeDisabled();
    await person.click(within(sheet).getByRole('button', { name: /^Show.*Hub marks/ }));
    expect(screen.getByText('A set-back axle turns the bar unseen.')).toBeInTheDocument();
    expect(screen.getByTestId('sketch').children).toHaveLength(1);
    expect(screen.getByRole('button', { name: 'Measure so' })).toBeDisabled();
    await person.click(within(sheet).getByRole('checkbox', { name: /Hub marks/ }));
    await person.click(screen.getByRole('button', { name: 'Measure so' }));
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    expect(server.writes()[0]?.line).toMatchObject({
      schools: ['plumb-and-line', 'hub-marks'],
      version: 7,
    });
    await waitFor(() => expect(screen.queryByTestId('sketch')).not.toBeInTheDocument());
  });

  it('can be tried again where they did not come', async () => {
    // The line asks for them first, the sheet again when it is opened.
    server.on(`GET ${api}/schools`, 'no connection', 'no connection', { body: choices });
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Line/ }));
    await person.click(screen.getByRole('button', { name: /Measure another way/ }));
    await person.click(await screen.findByRole('button', { name: 'Try again' }));
    expect(await screen.findByTestId('school-hub-marks')).toBeInTheDocument();
  });
});

describe('the line', () => {
  it('asks what another mark is before it is plumbed', async () => {
    server
      .on(`GET ${api}/schools`, { body: choices })
      .on('LINE *', { body: workspace({ version: 7 }) });
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Line/ }));
    await person.click(screen.getByRole('combobox', { name: 'Front mark' }));
    await person.click(await screen.findByRole('option', { name: 'Another mark (±15 mm)' }));
    expect(server.writes()).toHaveLength(0);
    await person.type(screen.getByLabelText(/What it is/), 'the tow hook');
    await person.click(screen.getByRole('button', { name: 'Plumb that' }));
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    expect(server.writes()[0]?.body).toMatchObject({
      kind: 'mark',
      payload: { end: 'front', mark: 'other', note: 'the tow hook' },
    });
  });

  it('is chosen with its reason where the card is silent, and not where it speaks', async () => {
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Line/ }));
    expect(screen.getByTestId('reference')).toHaveTextContent('the card says so');
    expect(screen.queryByLabelText(/Why this one/)).not.toBeInTheDocument();
  });

  it('keeps the reason that was refused', async () => {
    const silent = workspace({
      method: {
        ...state.method,
        reference: { line: 'body-centreline', from: 'nobody', reason: null, person: null },
      },
    });
    server.on(`GET ${api}`, { body: silent }).on('LINE reference', {
      status: 422,
      body: problem({ path: '/payload/reason', title: '/reason needs at least 8 characters.' }),
    });
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Line/ }));
    await person.click(screen.getByRole('button', { name: 'Thrust line' }));
    await person.type(screen.getByLabelText(/Why this one/), 'so');
    await person.click(screen.getByRole('button', { name: 'Count from it' }));
    expect(await screen.findByText(/at least 8 characters/)).toBeInTheDocument();
    expect(screen.getByLabelText(/Why this one/)).toHaveValue('so');
  });
});

describe('the floor', () => {
  it('is read place by place, and a slip is asked about', async () => {
    server.on(
      'LINE *',
      { status: 422, body: problem({ code: 'asks-once', path: '/payload', title: 'Look again.' }) },
      { body: workspace({ version: 7 }) },
    );
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Floor/ }));
    expect(screen.getByTestId('floor-result')).toHaveTextContent('never taken as level');
    await person.type(screen.getByLabelText('Reads'), '12000{Enter}');
    await person.click(await screen.findByRole('button', { name: /It does show 12000/ }));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    expect(server.writes()[1]?.body).toMatchObject({
      kind: 'floor',
      payload: { place: 'FL', typed: '12000' },
      confirmed: true,
    });
  });

  it('hears the meter', async () => {
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Floor/ }));
    await openMeter('simulated');
    window.dispatchEvent(new CustomEvent('lumbro-meter', { detail: 'R 1204.5 mm\n' }));
    await waitFor(() => expect(screen.getByLabelText('Reads')).toHaveValue('1204.5 mm'));
    expect(server.writes()).toHaveLength(0);
    await closeMeter();
  });

  it('says the corrected height, the slope and the pitch of a plate', async () => {
    const slope = { amount: 0.25, uncertainty: 0.02, direction: 'falling to the front' };
    server.on(`GET ${api}`, {
      body: workspace({
        floor: {
          ...state.floor,
          from: 'readings',
          below: 7.3,
          required: 649.3,
          slopes: { pitch: slope, roll: slope, warp: 4, warped: true },
          plate: { ...slope, direction: 'its top away from the car' },
          places: state.floor.places.map((place) => ({ ...place, typed: '1200', value: 1200 })),
        },
      }),
    });
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Floor/ }));
    const said = screen.getByTestId('floor-result');
    expect(within(said).getByTestId('required-height')).toHaveTextContent('649');
    expect(said).toHaveTextContent('7.3 mm under the plane');
    expect(said).toHaveTextContent('0.25° falling to the front');
    expect(said).toHaveTextContent('up to 4.0 mm off one plane');
    expect(said).toHaveTextContent('pitched 0.25°, its top away from the car');
    expect(screen.getByTestId('floor-marks')).toHaveTextContent('1,200 mm');
  });
});

describe('a pose', () => {
  it('is sent with the accuracy its rig states, which is kept for the next', async () => {
    const pose = call('pose-turn', {
      title: 'Pose: turn of the stand',
      reads: 'turn',
      statesAccuracy: true,
      expected: 0,
    });
    server
      .on(`GET ${api}`, {
        body: workspace({ present: { kind: 'read', call: 'pose-turn' }, calls: [pose] }),
      })
      .on(
        'LINE reading',
        { status: 422, body: problem({ path: '/payload/accuracy', title: 'must be above 0.' }) },
        { body: state },
      );
    const person = openAt(at);
    await person.type(await screen.findByLabelText(/Degrees, and which way/), '0.4');
    await person.click(screen.getByRole('button', { name: 'clockwise' }));
    await person.type(screen.getByLabelText(/stated accuracy/), '0');
    await person.click(screen.getByRole('button', { name: 'Take it' }));
    expect(await screen.findByText('must be above 0.')).toBeInTheDocument();
    expect(server.writes()[0]?.line).toMatchObject({ typed: '0.4 clockwise', accuracy: '0' });
    expect(screen.getByLabelText(/Degrees, and which way/)).toHaveValue('0.4 clockwise');
  });
});

const told = (amount: number, direction: string) => ({ amount, direction, uncertainty: 0.1 });

const survey: Survey = {
  lessons: [],
  bounds: [
    { says: 'A plumbed mark off the middle', most: 20, changed: true },
    { says: 'A rule’s end', most: 30, changed: false },
  ],
  crossChecks: [
    {
      first: 'Plumb and line',
      second: 'Hub marks',
      disagrees: true,
      along: told(2, 'further from the car'),
      across: told(29.4, 'further to the car’s right'),
      bearing: told(0.88, 'to the car’s right'),
      explanations: [{ words: 'the front mark', times: 14, amount: 21, unit: 'mm' }],
    },
  ],
  references: [
    {
      id: 'body-centreline',
      name: 'Body centreline',
      inUse: true,
      angle: told(0, ''),
      worth: told(0, ''),
    },
    { id: 'thrust-line', name: 'Thrust line', inUse: false, angle: null, worth: null },
    {
      id: 'axles',
      name: 'Axle line',
      inUse: false,
      angle: told(0.2, 'to the car’s left'),
      worth: told(0.3, 'to the car’s right'),
    },
  ],
  budget: [
    {
      axis: 'azimuth',
      deviation: 0.18,
      direction: 'to the car’s right',
      setUp: 0.09,
      reading: 0.08,
      uncertainty: 0.12,
      limit: 0.35,
      free: false,
      verdict: 'holds',
      probability: 0.99,
      provable: 0.15,
      contributions: [{ says: 'the sensor’s own place', share: 0.7, degrees: 0.075 }],
      checks: [
        { says: 'stand square', call: 'split', uncertainty: 0.07 },
        { says: 'scale, left', call: 'scale-left', uncertainty: 0.08 },
      ],
    },
  ],
};

describe('how sure a set-up is', () => {
  it('is told in degrees at the sensor, with what would help, and leads to the reading', async () => {
    server.on(`GET ${api}/survey`, { body: survey });
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Place/ }));
    await person.click(await screen.findByRole('button', { name: 'How sure this is' }));
    const sheet = await screen.findByTestId('survey');
    await within(sheet).findByText(/an axis up to 0.15° off can be proven/);
    expect(within(sheet).getByTestId('cross-check')).toHaveTextContent('they disagree');
    expect(within(sheet).getByTestId('cross-check')).toHaveTextContent(
      'the front mark, off by 21.0 mm: 14.0 times its uncertainty',
    );
    expect(within(sheet).getByTestId('reference-thrust-line')).toHaveTextContent('not measured');
    expect(within(sheet).getByTestId('reference-axles')).toHaveTextContent(
      '0.20° to the car’s left of the body centreline',
    );
    expect(sheet).toHaveTextContent(
      'scale, left: ±0.080° of the set-up (another way of measuring)',
    );
    await person.click(within(sheet).getByRole('button', { name: /^stand square/ }));
    expect(await screen.findByRole('heading', { name: 'Stand square' })).toBeInTheDocument();
  });
});

const sheet: StakeOut = {
  order: { id: 'o', number: '2471', vehicle: 'Quillon Sable', plate: 'CL 1' },
  sensor: 'Left rear radar',
  side: 'the car’s left',
  card: { title: 'Rear pair', edition: '3', source: 'Sheet 31', checked: false },
  spot: { datum: 'sensor-face', range: 2610, bearing: 149 },
  facing: 'Aimed at the sensor’s middle.',
  ways: [
    {
      title: 'Range and angle from the sensor',
      note: '',
      rows: [
        { what: 'Range', value: 2610, reads: 'length' },
        { what: 'off straight behind', value: -31, reads: 'angle-behind' },
      ],
    },
  ],
  schools: [
    {
      id: 'plumb-and-line',
      name: 'Plumb and line',
      hindrance: null,
      rows: [
        {
          what: 'Spot off the line',
          instruction: '',
          value: 2032.4,
          reads: 'sided',
          check: false,
        },
      ],
    },
  ],
  heights: [{ datum: 'centre', value: 642, own: true }],
  floor: { from: 'stated', below: 0, s: 3 },
  cautions: ['Parking brake on.'],
};

describe('the stake-out sheet', () => {
  it('gives each number with its unit and its side', async () => {
    server.on(`GET ${api}/stake-out`, { body: sheet });
    openAt(`${at}/stake-out`);
    expect(await screen.findByText('2,610 mm')).toBeInTheDocument();
    expect(screen.getByText('31.0° left')).toBeInTheDocument();
    expect(screen.getByText('2,032 mm left')).toBeInTheDocument();
    expect(screen.getByText(/not checked by a second person/)).toBeInTheDocument();
    expect(screen.getByText(/149.0° to the car’s left of straight ahead/)).toBeInTheDocument();
    expect(screen.getByText(/±3.0 mm is allowed/)).toBeInTheDocument();
  });

  it('says why it is not there', async () => {
    server.on(`GET ${api}/stake-out`, {
      status: 409,
      body: problem({ code: 'no-card', title: 'The shop has no procedure card.' }),
    });
    openAt(`${at}/stake-out`);
    expect(await screen.findByRole('alert')).toHaveTextContent('The shop has no procedure card.');
  });
});
