import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { FakeServer, openAt, problem } from './app';
import { run, workspace } from './fixtures';
import { axis, cause, finding, runState, step } from './runFixture';

const state = workspace();
const at = `/tasks/${state.task}`;
const api = `/api/tasks/${state.task}`;
let server: FakeServer;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer();
});

const over = { mayRun: true, bars: [], stage: 'run' as const };

describe('a step', () => {
  it('of the tool that found no connection is never sent by itself', async () => {
    server
      .on(`GET ${api}`, {
        body: workspace({
          ...over,
          present: { kind: 'step', call: 'routine' },
          run: runState({
            steps: [step('routine', { text: 'Start the routine', does: 'start', state: 'now' })],
          }),
        }),
      })
      .on('LINE asked', 'no connection', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    await screen.findByTestId('step');
    await person.keyboard('r');
    await screen.findByTestId('unsent');
    window.dispatchEvent(new Event('online'));
    await new Promise((over) => setTimeout(over, 300));
    expect(server.writes()).toHaveLength(1);
    await person.click(screen.getByRole('button', { name: 'Send again' }));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
  });

  it('of the tool is sent by R, and one of a person done by D', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        ...over,
        present: { kind: 'step', call: 'routine' },
        run: runState({
          steps: [
            step('routine', {
              text: 'Start the routine',
              does: 'start',
              seconds: 90,
              state: 'now',
            }),
          ],
        }),
      }),
    });
    server.on('LINE asked', {
      body: workspace({
        ...over,
        version: 8,
        present: { kind: 'step', call: 'ignition-off' },
        run: runState({ steps: [step('ignition-off', { text: 'Ignition off', state: 'now' })] }),
      }),
    });
    server.on('LINE step', { body: workspace({ ...over, version: 9 }) });
    const person = openAt(at);
    expect(await screen.findByTestId('step')).toHaveTextContent('Takes about 90 s');
    await person.keyboard('r');
    await screen.findByText('Ignition off', { selector: 'h1' });
    await person.keyboard('d');
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    expect(server.writes().map((write) => write.line)).toMatchObject([
      { command: 'start' },
      { step: 'ignition-off' },
    ]);
  });

  it('that waits starts its clock first, and asks before it is cut short', async () => {
    const waiting = (begunAt: string | null, version: number) =>
      workspace({
        ...over,
        version,
        present: { kind: 'step', call: 'ignition-off' },
        run: runState({
          steps: [
            step('ignition-off', { text: 'Ignition off', seconds: 30, state: 'now', begunAt }),
          ],
        }),
      });
    server.on(`GET ${api}`, { body: waiting(null, 7) });
    server.on('LINE step-begun', { body: waiting(new Date(Date.now() - 10_000).toISOString(), 8) });
    server.on(
      'LINE step',
      {
        status: 422,
        body: problem({
          code: 'asks-once',
          path: '/payload/step',
          title: 'The card asks for 30 s, and 10 s have passed.',
        }),
      },
      { body: workspace({ ...over, version: 9 }) },
    );
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /start the clock, 30 s/ }));
    expect(
      Number(/\d+/.exec((await screen.findByTestId('clock')).textContent)?.[0]),
    ).toBeLessThanOrEqual(20);
    await person.click(screen.getByRole('button', { name: /^Done/ }));
    expect(await screen.findByRole('alert')).toHaveTextContent('10 s have passed');
    await person.click(screen.getByRole('button', { name: /all the same/ }));
    await waitFor(() => expect(server.writes()).toHaveLength(3));
    expect(server.writes().map((write) => write.line)).toMatchObject([
      { kind: 'step-begun' },
      { step: 'ignition-off' },
      { confirmed: true },
    ]);
  });

  it('with no tool connected is typed, with the tool’s own signs', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        ...over,
        tool: 'none',
        simulated: false,
        present: { kind: 'step', call: 'read' },
        run: runState({
          steps: [step('read', { text: 'Read the axis', does: 'read', state: 'now' })],
        }),
      }),
    });
    server.on('LINE run', { body: workspace({ ...over, version: 8 }) });
    const person = openAt(at);
    await person.type(await screen.findByLabelText(/Azimuth/), '−0,12');
    await person.type(screen.getByLabelText(/Elevation/), 'up');
    expect(screen.getByRole('button', { name: 'Record it' })).toBeDisabled();
    await person.clear(screen.getByLabelText(/Elevation/));
    await person.type(screen.getByLabelText(/Elevation/), '0.3');
    await person.click(screen.getByRole('button', { name: 'Record it' }));
    await waitFor(() =>
      expect(server.writes()[0]?.line).toMatchObject({ azimuth: -0.12, elevation: 0.3 }),
    );
    expect(server.writes()[0]?.line).not.toHaveProperty('level');
  });
});

describe('with no tool connected', () => {
  it('what the tool would be asked is done at the tool, and said so', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        ...over,
        tool: 'none',
        simulated: false,
        present: { kind: 'step', call: 'routine' },
        run: runState({
          steps: [step('routine', { text: 'Start the routine', does: 'start', state: 'now' })],
        }),
      }),
    });
    server.on('LINE step', { body: workspace({ ...over, version: 8 }) });
    const person = openAt(at);
    expect(await screen.findByTestId('step')).toHaveTextContent('do it at the tool');
    expect(screen.getByRole('button', { name: /session log/ })).toBeInTheDocument();
    await person.click(screen.getByRole('button', { name: /Done at the tool/ }));
    await waitFor(() => expect(server.writes()[0]?.line).toMatchObject({ step: 'routine' }));
  });
});

describe('a lost answer', () => {
  it('stops everything until it is asked for', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        ...over,
        present: { kind: 'outcome', call: 'x' },
        run: runState({
          pending: {
            id: 'x',
            says: 'start the routine',
            person: 'Ilse Corrant',
            at: '2026-11-24T09:00:00.000Z',
          },
        }),
      }),
    });
    server.on(
      `POST ${api}/tool-outcome`,
      {
        status: 409,
        body: problem({ status: 409, code: 'tool-silent', title: 'The tool gave no answer.' }),
      },
      { body: workspace({ ...over, version: 8 }) },
    );
    const person = openAt(at);
    expect(await screen.findByTestId('pending')).toHaveTextContent(
      'Ilse Corrant asked it to start the routine',
    );
    expect(screen.queryByTestId('step')).not.toBeInTheDocument();
    await person.keyboard('r');
    expect(await screen.findByRole('alert')).toHaveTextContent('gave no answer');
    await person.click(screen.getByRole('button', { name: 'It cannot be known any more' }));
    await waitFor(() => expect(server.writes()[1]?.line).toMatchObject({ givenUp: true }));
  });
});

describe('a failed run', () => {
  it('names the likeliest cause, its check and what either answer means', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        ...over,
        present: { kind: 'diagnose', call: 'clutter' },
        run: runState({
          trouble: {
            says: 'start the routine',
            message: 'more than one target',
            at: '2026-11-24T09:00:00.000Z',
            person: 'Ilse Corrant',
          },
          causes: [
            cause('clutter'),
            cause('cover', { title: 'Paint before the sensor', chance: 0.2, found: false }),
            cause('door', { title: 'A door', chance: 0.001 }),
          ],
          wiped: true,
          codes: ['C2A52'],
        }),
      }),
    });
    server.on('LINE check', { body: workspace({ ...over, version: 8 }) });
    const person = openAt(at);
    const card = await screen.findByTestId('cause');
    expect(card).toHaveTextContent('Take the target away and look along the sensor’s axis');
    expect(card).toHaveTextContent('62 in 100');
    expect(card).toHaveTextContent('“more than one target”');
    expect(card).toHaveTextContent('Found: Clear the zone');
    const list = within(screen.getByTestId('causes'));
    expect(list.getByText('not found')).toBeInTheDocument();
    expect(list.queryByText('A door')).not.toBeInTheDocument();
    expect(screen.getByText(/stored axis is lost/)).toBeInTheDocument();
    await person.type(screen.getByLabelText('What was found, where'), 'a trolley');
    await person.click(screen.getByRole('button', { name: /Found it/ }));
    await waitFor(() =>
      expect(server.writes()[0]?.line).toMatchObject({
        cause: 'clutter',
        found: true,
        note: 'a trolley',
      }),
    );
  });
});

const prove = { mayRun: true, bars: [], stage: 'prove' as const, runs: [run()] };
const screws = [
  {
    id: 'upper-right',
    right: 76,
    up: 0,
    turns: 1.25,
    says: 'one and a quarter turns clockwise',
    passes: false,
    position: 0,
    travel: 8,
    gain: null,
    suspect: false,
  },
  {
    id: 'lower-left',
    right: 0,
    up: -56,
    turns: -0.5,
    says: 'half a turn anticlockwise',
    passes: false,
    position: 0,
    travel: 8,
    gain: 0.7,
    suspect: true,
  },
];

describe('the correction', () => {
  it('by screws is said in words as seen facing the sensor, and done as asked or otherwise', async () => {
    const off = runState({
      finding: finding({ verdict: 'out', azimuth: axis({ verdict: 'out', misalignment: 0.9 }) }),
      correction: {
        way: 'screws',
        screws,
        suspects: ['lower-left'],
        expected: {
          azimuth: { amount: 0.05, unit: 'degrees', direction: 'to the car’s left' },
          elevation: { amount: 0.02, unit: 'degrees', direction: 'up' },
        },
      },
    });
    server.on(`GET ${api}`, {
      body: workspace({ ...prove, present: { kind: 'adjust', call: null }, run: off }),
    });
    server.on('LINE correction', {
      body: workspace({ ...prove, version: 8, present: { kind: 'adjust', call: null }, run: off }),
    });
    const person = openAt(at);
    const card = within(await screen.findByTestId('adjust'));
    expect(card.getByRole('img')).toHaveAccessibleName(
      /upper right one and a quarter turns clockwise; lower left half a turn anticlockwise/,
    );
    expect(card.getByTestId('turn-lower-left')).toHaveTextContent(
      '70 % of what its thread says: too little or too much',
    );
    await person.keyboard('d');
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    await screen.findByText('all saved');
    await person.click(screen.getByRole('button', { name: 'Turned otherwise' }));
    const field = screen.getByLabelText(/upper right: turns made/);
    await person.clear(field);
    await person.type(field, '−1');
    await person.click(screen.getByRole('button', { name: 'Turned as typed' }));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    expect(server.writes().map((write) => write.line)).toMatchObject([
      { way: 'screws', turns: { 'upper-right': 1.25, 'lower-left': -0.5 } },
      { turns: { 'upper-right': -1, 'lower-left': -0.5 } },
    ]);
  });

  it('by a zero says what it does not do, and what is stored already', async () => {
    const deg = (amount: number) => ({
      amount,
      unit: 'degrees' as const,
      direction: 'to the car’s left',
    });
    server.on(`GET ${api}`, {
      body: workspace({
        ...prove,
        present: { kind: 'zero', call: null },
        run: runState({
          steps: [],
          finding: finding({ verdict: 'out' }),
          correction: {
            way: 'electronic',
            zero: { azimuth: deg(0.4), elevation: deg(0) },
            fits: true,
            send: { azimuth: 0.4, elevation: 0 },
          },
          zeroSum: { azimuth: deg(0.3), elevation: deg(0), range: 1.2 },
        }),
      }),
    });
    server.on('LINE asked', { body: workspace({ ...prove, version: 8 }) });
    const person = openAt(at);
    const card = await screen.findByTestId('zero');
    expect(card).toHaveTextContent('not where it looks');
    expect(card).toHaveTextContent('Stored so far: azimuth 0.30° to the car’s left');
    expect(card).toHaveTextContent('takes 1.20° in all');
    await person.keyboard('r');
    await waitFor(() =>
      expect(server.writes()[0]?.line).toMatchObject({
        command: 'zero',
        values: { azimuth: 0.4, elevation: 0 },
      }),
    );
  });
});

describe('near the limit', () => {
  it('is accepted by a lead only, and the refusal keeps the reason', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        ...prove,
        present: { kind: 'accept', call: null, why: 'Near the limit: the shop’s policy.' },
        run: runState({ finding: finding({ verdict: 'unproven' }) }),
      }),
    });
    server.on('LINE accepted', {
      status: 403,
      body: problem({ status: 403, code: 'forbidden', title: 'It is accepted by a lead.' }),
    });
    const person = openAt(at);
    expect(await screen.findByTestId('accept')).toHaveTextContent('It proves nothing');
    await person.type(screen.getByLabelText(/Accepted because/), 'Read five times, always inside.');
    await person.click(screen.getByRole('button', { name: 'Accept it' }));
    await waitFor(() =>
      expect(server.writes()[0]?.line).toMatchObject({
        name: 'Ilse Corrant',
        reason: 'Read five times, always inside.',
      }),
    );
    expect(await screen.findByText('It is accepted by a lead.')).toBeInTheDocument();
    expect(screen.getByLabelText(/Accepted because/)).toHaveValue(
      'Read five times, always inside.',
    );
  });
});

describe('sending back', () => {
  it('against the advice needs a reason, and gives a note for the other trade', async () => {
    const back = workspace({
      ...prove,
      version: 8,
      present: { kind: 'close', call: null },
      run: runState({
        finding: finding({ verdict: 'out' }),
        sentBack: {
          fault: 'bracket',
          title: 'The bracket is bent',
          to: 'body repair',
          name: 'Ilse Corrant',
          reasons: ['It is bent.'],
          note: 'Cracked at the ear.',
          at: '2026-11-24T09:00:00.000Z',
        },
      }),
    });
    server.on(
      `GET ${api}`,
      {
        body: workspace({
          ...prove,
          present: { kind: 'repeat', call: null, why: 'One reading alone.' },
          run: runState({ finding: finding({ readings: 1 }) }),
        }),
      },
      { body: back },
    );
    server.on(
      'LINE sent-back',
      { status: 422, body: problem({ path: '/payload/note', title: 'Say in a sentence why.' }) },
      { body: back },
    );
    const person = openAt(at);
    expect(await screen.findByTestId('repeat')).toHaveTextContent('One reading alone.');
    await person.click(screen.getByRole('button', { name: 'Send it back' }));
    await person.type(screen.getByLabelText(/Note for the other trade/), 'no');
    await person.click(screen.getByRole('button', { name: 'Send it back' }));
    expect(await screen.findByText('Say in a sentence why.')).toBeInTheDocument();
    expect(screen.getByLabelText(/Note for the other trade/)).toHaveValue('no');
    await person.type(screen.getByLabelText(/Note for the other trade/), 't straight: cracked.');
    await person.click(screen.getByRole('button', { name: 'Send it back' }));
    await person.click(await screen.findByRole('button', { name: /^Prove/ }));
    await person.click(await screen.findByRole('link', { name: 'Note for body repair' }));
    expect(await screen.findByTestId('note-reasons')).toHaveTextContent('It is bent.');
    expect(screen.getByText('Cracked at the ear.')).toBeInTheDocument();
  });
});
