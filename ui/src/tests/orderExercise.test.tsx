import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { OrderBench, OrderReckoning } from '../api/types';
import { FakeServer, openAt, problem } from './app';
import { exercise, page } from './practiceFixture';

let server: FakeServer;
beforeEach(() => {
  sessionStorage.clear();
  server = new FakeServer();
});

function bench(over: Partial<OrderBench> = {}): OrderBench {
  return {
    begins: 'intake',
    operations: [{ says: 'front badge off and on', by: null }],
    covers: [
      { id: 'front', says: 'front bumper cover', off: false },
      { id: 'rear', says: 'rear bumper cover', off: true },
    ],
    scan: null,
    sensors: [
      { id: 'front', name: 'Front radar', sealed: false },
      { id: 'rear-left', name: 'Left rear radar', sealed: false },
    ],
    places: [
      {
        id: 'rear-paint',
        says: 'Measure the rear paint',
        looked: false,
        covered: false,
        finds: [],
      },
      { id: 'behind-front', says: 'Look behind it', looked: false, covered: true, finds: [] },
    ],
    things: [],
    advice: null,
    ...over,
  };
}

const seen: OrderBench = bench({
  places: [
    {
      id: 'rear-paint',
      says: 'Measure the rear paint',
      looked: true,
      covered: false,
      finds: [
        { says: 'Paint: 138 µm', noted: false, line: null },
        { says: 'Done: repainted', noted: false, line: { kind: 'operation', payload: {} } },
      ],
    },
  ],
});

function openOrder(begins: 'intake' | 'close', first: OrderBench) {
  server.on('GET /api/practice/runs/e1', {
    body: page({ exercise: exercise({ begins, help: 'alone' }) }),
  });
  server.on('GET /api/practice/runs/e1/order', { body: first });
  return openAt('/practice/runs/e1');
}

describe('an order at intake', () => {
  it('notes what was seen, by its place among what is seen there', async () => {
    const person = openOrder('intake', bench());
    server.on('POST /api/practice/runs/e1/order/looks/rear-paint', { body: seen });
    server.on('POST /api/practice/runs/e1/order/notes', { body: seen });
    expect(await screen.findByText('The cover is on')).toBeInTheDocument();
    const place = screen.getByTestId('place-rear-paint');
    await person.click(within(place).getByRole('button', { name: 'Look' }));
    expect(await screen.findByText('Paint: 138 µm')).toBeInTheDocument();
    // What is no matter for the order cannot be noted.
    const note = screen.getAllByRole('button', { name: 'Note it' });
    expect(note).toHaveLength(1);
    await person.click(note[0]!);
    const body = server.writes().at(-1)?.body as { place: string; find: number };
    expect([body.place, body.find]).toEqual(['rear-paint', 1]);
  });

  it('asks about every sensor before it takes an answer, and keeps it over a reload', async () => {
    const person = openOrder('intake', bench());
    server.on('POST /api/practice/runs/e1/order/answer', {
      body: page({ exercise: exercise({ begins: 'intake' }), orderReckoning: reckoning }),
    });
    const commit = await screen.findByRole('button', { name: 'Covers on, and answer' });
    const [front, rear] = screen.getAllByRole('radiogroup');
    await person.click(within(front!).getByLabelText('Owed'));
    expect(commit).toBeDisabled();
    await person.click(within(rear!).getByLabelText('Not owed'));
    expect(JSON.parse(sessionStorage.getItem('lumbro-kept-order-answer-e1') ?? '{}')).toMatchObject(
      { owed: { front: true, 'rear-left': false } },
    );
    await person.click(commit);
    expect(await screen.findByText('Left rear radar: Owed')).toBeInTheDocument();
    expect(server.writes().at(-1)?.body).toEqual({ owed: ['front'] });
    expect(screen.getByText('you did not look there, not noted')).toBeInTheDocument();
    expect(sessionStorage.getItem('lumbro-kept-order-answer-e1')).toBeNull();
  });

  it('says why a look was refused, and loses nothing', async () => {
    const person = openOrder('intake', bench());
    server.on('POST /api/practice/runs/e1/order/looks/rear-paint', {
      status: 409,
      body: problem({ title: 'Nothing is to be seen there: the bumper cover is on.', status: 409 }),
    });
    const place = await screen.findByTestId('place-rear-paint');
    await person.click(within(place).getByRole('button', { name: 'Look' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('the bumper cover is on');
    expect(screen.getByText('front badge off and on')).toBeInTheDocument();
  });
});

describe('an order before it is closed', () => {
  const closing = bench({
    begins: 'close',
    scan: { by: null, codes: [] },
    things: [
      { id: 'sensor front', says: 'Front radar: neither proven nor handed over' },
      { id: 'codes', says: 'A stored code that belongs to the work' },
    ],
  });

  it('is kept open for something only', async () => {
    const person = openOrder('close', closing);
    server.on('POST /api/practice/runs/e1/order/answer', {
      body: page({ orderReckoning: { ...reckoning, begins: 'close' } }),
    });
    await person.click(await screen.findByLabelText('It stays open'));
    const commit = screen.getByRole('button', { name: 'This is my answer' });
    expect(commit).toBeDisabled();
    await person.click(screen.getByLabelText('A stored code that belongs to the work'));
    await person.click(commit);
    expect(await screen.findByTestId('scores')).toBeInTheDocument();
    expect(server.writes().at(-1)?.body).toEqual({ close: false, open: ['codes'] });
    // Covers are put on and taken off at intake alone.
    expect(screen.queryByRole('button', { name: /back on/ })).toBeNull();
  });
});

const reckoning: OrderReckoning = {
  score: { method: 0, result: 0, methodParts: [], resultParts: [] },
  begins: 'intake',
  unsaid: [
    { says: 'rear cover repainted', place: 'Measure the paint', looked: false, noted: false },
  ],
  sensors: [
    { name: 'Front radar', owed: true, said: true, operation: 'badge', why: 'It looks through it' },
    { name: 'Left rear radar', owed: true, said: false, operation: 'repaint', why: 'Film' },
  ],
  captures: [{ says: 'Lot code', had: false }],
  open: [],
  closes: null,
  places: [{ says: 'Measure the paint', looked: false, finds: ['Painted again'] }],
  forNothing: [],
};
