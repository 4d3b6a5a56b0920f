import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { forget, keep, waitingLines } from '../device/outbox';
import { FakeServer, openAt, PERSON, problem } from './app';
import { orderLine, taskSummary, workspace } from './fixtures';

let server: FakeServer;

beforeEach(() => {
  server = new FakeServer();
});

describe('today', () => {
  it('calls a promise past by the clock of the shop, which may be set to another hour', async () => {
    server.on('GET /api/day', { body: { now: '2020-03-02T12:00', slots: [], searching: null } });
    server.on('GET /api/repair-orders', {
      body: {
        orders: [
          orderLine({ promised: '2020-03-02T16:45' }),
          orderLine({ id: 'o2', promised: '2020-03-02T11:30' }),
        ],
        count: 2,
        next: null,
      },
    });
    openAt('/');
    await waitFor(() =>
      expect(screen.getAllByTestId('promised').map((one) => one.textContent)).toEqual([
        'promised 16:45 · ',
        'was promised 11:30 · ',
      ]),
    );
  });

  it('says what each order waits for', async () => {
    server.on('GET /api/repair-orders', {
      body: {
        orders: [
          orderLine({
            id: 'o0',
            number: '2474',
            alarm: true,
            alarms: 3,
            waits: {
              kind: 'capture',
              says: 'Before refit: Left front radar: Lot code, and 2 more',
            },
          }),
          orderLine(),
          orderLine({
            id: 'o2',
            number: '2468',
            tasks: [taskSummary({ task: 't2', present: 'prove', verdict: 'out' })],
          }),
          orderLine({
            id: 'o3',
            number: '2466',
            waits: { kind: 'nothing', says: 'Nothing: no sensor is owed a calibration' },
            tasks: [taskSummary({ task: 't3', owed: 'not-owed' })],
          }),
          orderLine({
            id: 'o4',
            number: '2463',
            closed: true,
            tasks: [taskSummary({ task: 't4', sealed: true, verdict: 'holds' })],
          }),
        ],
        count: 5,
        next: null,
      },
    });
    openAt('/');
    const lines = await screen.findAllByRole('listitem');
    expect(lines).toHaveLength(5);
    expect(lines[0]).toHaveTextContent('3 to capture before refit');
    expect(lines[0]).toHaveTextContent('Lot code, and 2 more');
    expect(lines[1]).toHaveTextContent('Front radar: the stand to be moved');
    expect(lines[2]).toHaveTextContent('a decision on the axis');
    expect(lines[2]).toHaveTextContent('Out');
    expect(lines[3]).toHaveTextContent('no sensor is owed');
    expect(lines[4]).toHaveTextContent('Sealed');
    const links = screen.getAllByRole('link', { name: 'Quillon Sable' });
    expect(links.map((link) => link.getAttribute('href'))).toEqual([
      '/orders/o0',
      '/tasks/t1',
      '/tasks/t2',
      '/orders/o3',
      '/tasks/t4/record',
    ]);
  });

  it('says so where there is none', async () => {
    server.on('GET /api/repair-orders', { body: { orders: [], count: 0, next: null } });
    openAt('/');
    expect(await screen.findByText(/No repair order is in the shop/)).toBeInTheDocument();
  });

  it('can be tried again', async () => {
    server.on(
      'GET /api/repair-orders',
      {
        status: 503,
        body: problem({
          status: 503,
          code: 'database-away',
          title: 'The database does not answer.',
        }),
      },
      { body: { orders: [orderLine()], count: 1, next: null } },
    );
    const person = openAt('/');
    expect(await screen.findByRole('alert')).toHaveTextContent('The database does not answer.');
    await person.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('2471')).toBeInTheDocument();
  });
});

describe('signing in', () => {
  it('is asked of somebody unknown, and a refusal names the field', async () => {
    server
      .on('GET /api/session', { status: 401, body: problem({ status: 401, code: 'signed-out' }) })
      .on('POST /api/session', {
        status: 422,
        body: problem({
          path: '/password',
          title: 'No account has this e-mail address and password.',
        }),
      });
    const person = openAt('/');
    await person.type(await screen.findByLabelText(/E-mail/), 'ilse@copperlane.example');
    await person.type(screen.getByLabelText(/Password/), 'wrong{Enter}');
    expect(await screen.findByText(/No account has this/)).toBeInTheDocument();
    expect(screen.getByLabelText(/E-mail/)).toHaveValue('ilse@copperlane.example');
    expect(screen.queryByRole('dialog')).not.toBeInTheDocument();
  });

  it('out leaves nothing of the shop on the screen', async () => {
    server
      .on('GET /api/repair-orders', { body: { orders: [orderLine()], count: 1, next: null } })
      .on('DELETE /api/session', { status: 204 });
    const person = openAt('/');
    await person.click(await screen.findByRole('button', { name: 'Sign out' }));
    expect(await screen.findByLabelText(/Password/)).toBeVisible();
    expect(screen.queryByText('2471')).not.toBeInTheDocument();
    expect(screen.queryByRole('dialog')).not.toBeInTheDocument();
    expect(server.sent.some((request) => request.method === 'DELETE')).toBe(true);
  });

  describe('what was entered at cars and not sent', () => {
    const state = workspace();
    const record = `task ${state.task}`;
    const line = (id: string, kind: string, payload: object) => ({ id, version: 7, kind, payload });
    const orders = { orders: [orderLine({ id: 'o1', number: '2470' })], count: 1, next: null };
    beforeEach(() => {
      server
        .on('GET /api/repair-orders', { body: orders })
        .on(`GET /api/tasks/${state.task}`, { body: state });
    });

    it('goes by itself, in its order', async () => {
      await keep(record, PERSON, line('a', 'reading', { call: 'spot-along', typed: '1849' }));
      await keep(record, PERSON, line('b', 'reading', { call: 'split', typed: '2 mm left' }));
      server.on(
        'LINE reading',
        { body: workspace({ version: 8 }) },
        { body: workspace({ version: 9 }) },
      );
      openAt('/');
      await waitFor(() => expect(server.writes()).toHaveLength(2));
      expect(server.writes().map(({ line: sent }) => sent['typed'])).toEqual(['1849', '2 mm left']);
      await waitFor(async () => expect(await waitingLines(record, PERSON)).toEqual([]));
    });

    it('stays, and is shown, where its person has a word to say', async () => {
      await keep('order o1', PERSON, line('c', 'closed', {}));
      server.on('GET /api/repair-orders/o1', 'no connection');
      openAt('/');
      expect(await screen.findByTestId('left-here')).toHaveTextContent('RO 2470: one entry');
      expect(screen.getByRole('link', { name: /RO 2470: one/ })).toHaveAttribute(
        'href',
        '/orders/o1',
      );
      await forget('c');
    });

    it('waits where nobody answers', async () => {
      await keep(record, PERSON, line('d', 'reading', { call: 'spot-along', typed: '1849' }));
      server.on('GET /api/csrf', 'no connection');
      openAt('/');
      await waitFor(() =>
        expect(server.sent.filter(({ path }) => path === '/api/csrf')).not.toHaveLength(0),
      );
      expect(server.writes()).toEqual([]);
      server.on('GET /api/csrf', { status: 204 });
      server.on('LINE reading', { body: workspace({ version: 8 }) });
      window.dispatchEvent(new Event('online'));
      await waitFor(() => expect(server.writes()).toHaveLength(1));
      await waitFor(async () => expect(await waitingLines(record, PERSON)).toEqual([]));
    });
  });
});
