import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { ReadingPlan } from '../api/types';
import { FakeServer, openAt, problem } from './app';
import { call, reading, run, workspace } from './fixtures';
import { runState } from './runFixture';

const way: NonNullable<ReadingPlan['cheapest']> = {
  schools: ['plumb-and-line'],
  names: ['Plumb and line'],
  ids: ['spot-offset', 'spot-offset-2', 'staff-FL'],
  readings: [
    { id: 'spot-offset', title: 'Spot off the line', times: 2 },
    { id: 'staff-FL', title: 'Floor level: Left front wheel', times: 1 },
  ],
  count: 3,
  minutes: 12.4,
};

const plan: ReadingPlan = {
  cheapest: way,
  schools: [
    { id: 'plumb-and-line', alone: false, short: ['Hides 0.74° of azimuth, 0.21° may hide'], way },
  ],
};

const state = workspace({ present: { kind: 'line', call: null, why: null }, stage: 'line' });
const at = `/tasks/${state.task}`;
const api = `/api/tasks/${state.task}`;
let server: FakeServer;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer();
});

describe('the plan of readings', () => {
  it('stands before the line, is looked at and taken with one press; a refusal is said', async () => {
    server
      .on(`GET ${api}`, { body: state })
      .on(`GET ${api}/reading-plan`, { body: plan })
      .on(
        'LINE schools',
        {
          status: 422,
          body: problem({ title: 'Ask for the plan again.', path: '/payload/readings/0' }),
        },
        {
          body: workspace({
            version: 8,
            present: state.present,
            stage: 'line',
            method: {
              ...state.method,
              plan: { readings: way.readings, count: 3, minutes: 12.4 },
            },
          }),
        },
      );
    const person = openAt(at);
    const panel = await screen.findByTestId('reading-plan');
    expect(
      await within(panel).findByText('Cheapest proof here: 3 readings, about 12 min'),
    ).toBeInTheDocument();
    await person.click(within(panel).getByRole('button', { name: 'Show the readings' }));
    expect(within(panel).getByTestId('planned-readings')).toHaveTextContent(
      'Spot off the line twice',
    );
    await person.click(within(panel).getByRole('button', { name: 'Take this plan' }));
    expect(await within(panel).findByRole('alert')).toHaveTextContent('Ask for the plan again.');
    await person.click(within(panel).getByRole('button', { name: 'Take this plan' }));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    expect(server.writes()[1]?.line).toMatchObject({
      schools: ['plumb-and-line'],
      readings: way.ids,
    });
    expect(await screen.findByText('Plan taken: 3 readings, about 12 min')).toBeInTheDocument();
  });

  it('says where nothing proves the card, and nothing of a task that is not asked', async () => {
    server
      .on(`GET ${api}`, { body: state })
      .on(`GET ${api}/reading-plan`, { body: { ...plan, cheapest: null } });
    openAt(at);
    expect(await screen.findByText(/No set of readings proves this card/)).toBeInTheDocument();
  });
});

describe('a stand that was moved', () => {
  it('is said at any time, after a second press', async () => {
    const read = workspace({ calls: [call('spot-offset', { reading: reading('r1') })] });
    server.on(`GET ${api}`, { body: read }).on('LINE bumped', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: 'It was moved or bumped' }));
    expect(screen.getByTestId('bumped')).toHaveTextContent('proves nothing any more');
    expect(server.writes()).toHaveLength(0);
    await person.click(screen.getByRole('button', { name: 'The stand or the target' }));
    await waitFor(() => expect(server.writes()[0]?.line).toMatchObject({ kind: 'bumped' }));
  });
});

describe('the walk', () => {
  it('says how far, which way and which reading comes; D says it is done', async () => {
    server
      .on(`GET ${api}`, {
        body: workspace({
          present: { kind: 'nudge', call: null, why: 'A second echo could bend it.' },
          stage: 'prove',
          mayRun: true,
          bars: [],
          runs: [run()],
          run: runState({ nudge: { by: 0.5, away: true, to: 1, reading: 3, of: 4 } }),
        }),
      })
      .on('LINE nudged', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    const card = await screen.findByTestId('nudge');
    expect(card).toHaveTextContent('0.5');
    expect(card).toHaveTextContent('away from the sensor');
    expect(card).toHaveTextContent('Then place 3 of 4 is read.');
    await person.keyboard('d');
    await waitFor(() =>
      expect(server.writes()[0]?.line).toMatchObject({ kind: 'nudged', away: 1 }),
    );
  });
});
