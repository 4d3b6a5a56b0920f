import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Import } from '../api/types';
import { FakeServer, openAt } from './app';

let server: FakeServer;

function file(over: Partial<Import> = {}): Import {
  return {
    id: 'i1',
    kind: 'estimates',
    name: 'big.csv',
    state: 'reading',
    size: 1000,
    place: 250,
    rows: 10,
    found: 2,
    refused: 0,
    errors: [],
    preview: [],
    ...over,
  };
}

beforeEach(() => {
  server = new FakeServer();
  document.cookie = 'XSRF-TOKEN=token';
  server.on('GET /api/repair-orders', { body: { orders: [], count: 0, next: null } });
});

async function pick() {
  const person = openAt('/');
  await person.click(await screen.findByRole('button', { name: 'Take in estimates' }));
  await person.upload(
    await screen.findByTestId('import-input'),
    new File(['order,vehicle,line\n'], 'big.csv', { type: 'text/csv' }),
  );
  return person;
}

describe('a file taken in', () => {
  it('shows how far it is, what it found, and takes it in on a word', async () => {
    server
      .on('POST /api/imports', { body: file({ place: 0 }) })
      .on(
        'POST /api/imports/i1/steps',
        { body: file({ place: 600 }) },
        {
          body: file({
            state: 'ready',
            place: 1000,
            found: 1,
            preview: [
              {
                title: '3001',
                text: 'Quillon Sable',
                understood: ['rear bumper cover repainted'],
                open: ['Tidy the loom'],
              },
            ],
          }),
        },
      )
      .on('POST /api/imports/i1/take', { body: { taken: 1 } });
    const person = await pick();
    expect(
      await screen.findByText(/Not understood, will be asked: “Tidy the loom”/),
    ).toBeInTheDocument();
    expect(screen.getByText('rear bumper cover repainted')).toBeInTheDocument();
    await person.click(screen.getByRole('button', { name: 'Take in 1 order' }));
    expect(await screen.findByText('1 order taken in')).toBeInTheDocument();
  });

  it('names what is wrong and takes in nothing', async () => {
    server.on('POST /api/imports', { body: file() }).on('POST /api/imports/i1/steps', {
      body: file({
        state: 'refused',
        refused: 70,
        errors: [{ says: 'Row 2: /2/line begins with "=", as a formula does.', path: '/2/line' }],
      }),
    });
    await pick();
    expect(await screen.findByText(/Row 2: \/2\/line begins with/)).toBeInTheDocument();
    expect(screen.getByText('and 69 more.')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /Take in 1/ })).not.toBeInTheDocument();
  });

  it('goes on after a lost connection, and is cancelled with nothing left', async () => {
    server
      .on('POST /api/imports', { body: file() })
      .on('POST /api/imports/i1/steps', 'no connection')
      .on('DELETE /api/imports/i1', { status: 204 });
    const person = await pick();
    expect(await screen.findByText(/25 % read/)).toBeInTheDocument();
    expect(await screen.findByRole('button', { name: 'Go on reading' })).toBeInTheDocument();
    await person.click(screen.getByRole('button', { name: 'Cancel, take in nothing' }));
    await waitFor(() =>
      expect(server.sent.some((request) => request.method === 'DELETE')).toBe(true),
    );
    expect(screen.queryByTestId('import')).not.toBeInTheDocument();
  });
});
