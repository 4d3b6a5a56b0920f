import { screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { FakeServer, openAt, problem } from './app';
import { orderLine } from './fixtures';

let server: FakeServer;

beforeEach(() => {
  server = new FakeServer();
});

describe('today', () => {
  it('says what each order waits for', async () => {
    server.on('GET /api/repair-orders', {
      body: {
        orders: [
          orderLine(),
          orderLine({ task: 't2', number: '2468', present: 'prove', verdict: 'out' }),
          orderLine({ task: 't3', number: '2466', owed: 'not-owed', present: 'prepare' }),
          orderLine({
            task: 't4',
            number: '2463',
            stage: 'closed',
            present: 'close',
            verdict: 'holds',
          }),
        ],
      },
    });
    openAt('/');
    const lines = await screen.findAllByRole('listitem');
    expect(lines).toHaveLength(4);
    expect(lines[0]).toHaveTextContent('The stand to be moved');
    expect(lines[1]).toHaveTextContent('A decision on the axis');
    expect(lines[1]).toHaveTextContent('Out');
    expect(lines[2]).toHaveTextContent('Nothing: not owed');
    expect(lines[3]).toHaveTextContent('Sealed');
    const links = screen.getAllByRole('link', { name: 'Quillon Sable' });
    expect(links[0]).toHaveAttribute('href', '/tasks/t1');
    expect(links[3]).toHaveAttribute('href', '/tasks/t4/record');
  });

  it('says so where there is none', async () => {
    server.on('GET /api/repair-orders', { body: { orders: [] } });
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
      { body: { orders: [orderLine()] } },
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
      .on('GET /api/repair-orders', { body: { orders: [orderLine()] } })
      .on('DELETE /api/session', { status: 204 });
    const person = openAt('/');
    await person.click(await screen.findByRole('button', { name: 'Sign out' }));
    expect(await screen.findByLabelText(/Password/)).toBeVisible();
    expect(screen.queryByText('2471')).not.toBeInTheDocument();
    expect(screen.queryByRole('dialog')).not.toBeInTheDocument();
    expect(server.sent.some((request) => request.method === 'DELETE')).toBe(true);
  });
});
