import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Trainer } from '../api/types';
import { FakeServer, openAt, problem } from './app';
import { exercise } from './practiceFixture';

let server: FakeServer;
beforeEach(() => {
  server = new FakeServer();
});

type Score = Trainer['scores'][number];

function score(number: number, over: Partial<Score> = {}): Score {
  return {
    id: `s${number}`,
    number: `P-${number}`,
    person: 'Ilse Corrant',
    title: 'The weak echo',
    help: 'alone',
    at: `2026-11-${String(number).padStart(2, '0')}T07:00:00.000Z`,
    minutes: 6,
    method: 70,
    result: 40,
    asked: 0,
    mistakes: [],
    ...over,
  };
}

function trainer(over: Partial<Trainer> = {}): Trainer {
  return {
    cars: [
      {
        id: 'c1',
        title: 'A bent bracket',
        by: 'Oda Merrin',
        at: '2026-11-24T07:00:00.000Z',
        car: 'Quillon Sable, front radar',
        work: ['Front bumper cover painted'],
        faults: ['The bracket is bent by 0.8°'],
        set: [{ person: 'Bram Tolliver', help: 'guided', state: 'begun' }],
      },
    ],
    people: [
      { id: 'p1', name: 'Ilse Corrant' },
      { id: 'p2', name: 'Bram Tolliver' },
    ],
    helps: [
      { id: 'guided', says: 'Advice as in real work' },
      { id: 'alone', says: 'No advice' },
    ],
    kinds: ['bracket'],
    watched: [],
    scores: [],
    mistakes: [],
    ...over,
  };
}

describe('the trainer’s page', () => {
  it('says so where nobody is at a car, and there is no car', async () => {
    server.on('GET /api/practice/trainer', { body: trainer({ cars: [] }) });
    openAt('/practice/trainer');
    expect(await screen.findByTestId('own-cars')).toHaveTextContent(
      'None yet. Make one, or take in a file.',
    );
    expect(screen.getByTestId('watched')).toHaveTextContent('Nobody is at an exercise.');
    expect(screen.queryByTestId('over-time')).not.toBeInTheDocument();
  });

  it('can be asked for again where it cannot be had', async () => {
    server.on(
      'GET /api/practice/trainer',
      { status: 500, body: problem({ status: 500, title: 'It broke.' }) },
      { body: trainer() },
    );
    const person = openAt('/practice/trainer');
    await person.click(await screen.findByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('A bent bracket')).toBeInTheDocument();
  });

  it('sets a car to those who are ticked, with the help that is chosen', async () => {
    server.on('GET /api/practice/trainer', { body: trainer() });
    server.on('POST /api/practice/trainer/cars/c1/set', { body: trainer() });
    const person = openAt('/practice/trainer');
    await person.click(await screen.findByRole('button', { name: /^Set it.*A bent bracket/ }));
    const set = within(screen.getByTestId('own-cars')).getByRole('button', {
      name: 'Set it to them',
    });
    expect(set).toBeDisabled();
    await person.click(screen.getByRole('checkbox', { name: 'Bram Tolliver' }));
    await person.click(screen.getByRole('checkbox', { name: 'Ilse Corrant' }));
    await person.click(screen.getByRole('checkbox', { name: 'Bram Tolliver' }));
    await person.click(set);
    await waitFor(() =>
      expect(server.writes().at(-1)?.body).toEqual({ people: ['p1'], help: 'guided' }),
    );
    await waitFor(() => expect(screen.queryByRole('checkbox')).not.toBeInTheDocument());
  });

  it('keeps a car that could not be put away, and says why', async () => {
    server.on('GET /api/practice/trainer', { body: trainer() });
    server.on('POST /api/practice/trainer/cars/c1/put-away', {
      status: 409,
      body: problem({ status: 409, title: 'Somebody is at this car.' }),
    });
    const person = openAt('/practice/trainer');
    await person.click(await screen.findByRole('button', { name: /^Put away.*A bent bracket/ }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Somebody is at this car.');
    expect(screen.getByText('A bent bracket')).toBeInTheDocument();
  });

  it('refuses a file that is no JSON before anything is sent', async () => {
    server.on('GET /api/practice/trainer', { body: trainer() });
    openAt('/practice/trainer');
    await screen.findByTestId('own-cars');
    fireEvent.change(screen.getByTestId('car-file'), {
      target: { files: [new File(['{"car": '], 'car.json', { type: 'application/json' })] },
    });
    expect(await screen.findByRole('alert')).toHaveTextContent('This file is no JSON.');
    expect(server.writes()).toHaveLength(0);
  });

  it('shows who is at which call, what contradicts, and what is true', async () => {
    server.on('GET /api/practice/trainer', {
      body: trainer({
        watched: [
          {
            ...exercise({ begins: 'measure' }),
            stage: 'measure',
            now: 'Spot off the line',
            readings: 7,
            consistent: false,
            lastAt: '2026-11-24T07:09:00.000Z',
            truth: ['The rule is 4 mm short'],
          },
        ],
      }),
    });
    openAt('/practice/trainer');
    const watched = await screen.findByTestId('watched');
    expect(watched).toHaveTextContent('Spot off the line');
    expect(watched).toHaveTextContent('The rule is 4 mm short');
    expect(watched).toHaveTextContent(/disagree/);
  });
});

describe('scores over time', () => {
  const many = [
    ...Array.from({ length: 30 }, (_, i) => score(30 - i, { method: 40 + i })),
    score(31, { person: 'Bram Tolliver', result: 90, mistakes: [] }),
  ];

  it('draws the last of one person, and what was lost in each', async () => {
    server.on('GET /api/practice/trainer', {
      body: trainer({
        scores: many.map((one) =>
          one.number === 'P-30' || one.number === 'P-12' || one.number === 'P-2'
            ? { ...one, mistakes: ['word'] }
            : one,
        ),
        mistakes: [
          {
            person: 'Ilse Corrant',
            exercises: 30,
            kinds: [{ id: 'word', says: 'Believed somebody’s word', times: 3 }],
          },
        ],
      }),
    });
    const person = openAt('/practice/trainer');
    const drawn = await screen.findByTestId('over-time');
    // The first name of all is shown at first: one exercise, nothing lost.
    expect(within(drawn).getAllByRole('listitem', { hidden: true })).toHaveLength(1);
    await person.click(within(drawn).getByRole('combobox'));
    await person.click(await screen.findByRole('option', { name: 'Ilse Corrant' }));
    const lines = within(drawn).getAllByRole('listitem', { hidden: true });
    // Twenty-four of thirty fit; the mistake in the second exercise is not among them.
    expect(lines).toHaveLength(25);
    expect(lines[0]).toHaveTextContent('P-7');
    expect(lines[23]).toHaveTextContent('P-30');
    expect(lines[24]).toHaveTextContent(/word.*2/);
    expect(drawn.querySelectorAll('svg circle')).toHaveLength(24);
    expect(drawn.querySelectorAll('svg rect[opacity="1"]')).toHaveLength(2);
  });
});
