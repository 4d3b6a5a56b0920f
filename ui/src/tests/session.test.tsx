import { focusManager } from '@tanstack/react-query';
import { act, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { FakeServer, openAt, PERSON, problem } from './app';
import { orderLine } from './fixtures';

let server: FakeServer;

const OVER = { status: 401, body: problem({ status: 401, code: 'signed-out', title: 'Over' }) };

beforeEach(() => {
  server = new FakeServer();
  server.on('GET /api/day', { body: { now: '2020-03-02T12:00', slots: [], searching: null } });
  server.on('GET /api/repair-orders', {
    body: { orders: [orderLine({ number: '2471' })], count: 1, next: null },
  });
});

/** Somebody comes back to the page: what it shows is asked for anew. */
function lookedAtAgain() {
  act(() => {
    focusManager.setFocused(false);
    focusManager.setFocused(true);
  });
}

describe('a session that has ended', () => {
  it('is said by the next look at what is on the screen, not only when something is written', async () => {
    const user = openAt('/');
    await screen.findByText('2471');
    server.on('GET /api/repair-orders', OVER);
    lookedAtAgain();
    await screen.findByRole('heading', { name: 'Sign in again' });
    expect(screen.getByRole('dialog')).toHaveTextContent('Over');
    // What was there stays, and is asked for in the new session.
    expect(screen.getByText('2471')).toBeInTheDocument();
    server.on('GET /api/repair-orders', {
      body: { orders: [orderLine({ number: '2499' })], count: 1, next: null },
    });
    server.on('POST /api/session', {
      body: {
        name: 'Ilse Corrant',
        email: PERSON,
        role: 'technician',
        may: [],
        shop: 'Copper Lane Body Works',
        practice: true,
        reader: { language: 'en', unit: 'mm', decimal: '.', zone: 'UTC' },
      },
    });
    await user.type(screen.getByLabelText(/Password/), 'plumb-and-line{Enter}');
    await screen.findByText('2499');
    await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument());
  });
});
