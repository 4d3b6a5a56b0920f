import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { FakeServer, openAt, problem } from './app';
import { bench, exercise, page, practice, reckoning } from './practiceFixture';

let server: FakeServer;
beforeEach(() => {
  sessionStorage.clear();
  server = new FakeServer();
});

describe('a meter that types', () => {
  it('is tried where nothing is recorded', async () => {
    const person = openAt('/practice/meter');
    await person.click(await screen.findByRole('button', { name: 'A simulated meter' }));
    expect(await screen.findByText(/This meter works here/)).toBeInTheDocument();
    expect(screen.getByLabelText('Reads')).toHaveValue('');
  });

  it('needs no focus, and empty bursts are none', async () => {
    const person = openAt('/practice/meter');
    await screen.findByLabelText('Reads');
    await person.keyboard('2275{Enter}');
    expect(await screen.findByText('2275')).toBeInTheDocument();
    await person.keyboard('{Enter}');
    expect(screen.getByTestId('bursts').children).toHaveLength(1);
  });
});

describe('the path', () => {
  it('shows one’s best, and begins the next lesson with the help that is chosen', async () => {
    server.on('GET /api/practice', { body: practice() });
    server.on('POST /api/practice', { body: { run: 'e1', task: 't1' } });
    server.on('GET /api/practice/runs/e1', { body: page() });
    server.on('GET /api/practice/runs/e1/bench', { body: bench() });
    const person = openAt('/practice');
    const first = await screen.findByTestId('lesson-one');
    expect(within(first).getByTestId('best')).toHaveTextContent('method 90, result 80');
    await person.click(
      within(screen.getByTestId('lesson-two')).getByRole('button', { name: /Begin/ }),
    );
    expect(await screen.findByTestId('bench-questions')).toBeInTheDocument();
    expect(server.writes().at(-1)?.body).toMatchObject({ lesson: 'two', help: 'alone' });
  });

  it('refuses a number that is none', async () => {
    server.on('GET /api/practice', { body: practice() });
    const person = openAt('/practice');
    await person.type(await screen.findByLabelText('Number'), '-3');
    expect(screen.getByText('A whole number from 0 to 2147483647.')).toBeInTheDocument();
    await person.click(screen.getByRole('button', { name: 'Take this car' }));
    expect(server.writes()).toHaveLength(0);
  });

  it('says that it cannot be had, and asks again', async () => {
    server.on(
      'GET /api/practice',
      { status: 500, body: problem({ status: 500, title: 'It broke.' }) },
      { body: practice() },
    );
    const person = openAt('/practice');
    await person.click(await screen.findByRole('button', { name: 'Try again' }, { timeout: 4000 }));
    expect(await screen.findByTestId('lesson-one')).toBeInTheDocument();
  });
});

describe('the bench', () => {
  beforeEach(() => {
    server.on('GET /api/practice/runs/e1', { body: page() });
    server.on('GET /api/practice/runs/e1/bench', { body: bench() });
    server.on('POST /api/practice/runs/e1/lines', { body: bench({ version: 4 }) });
  });

  it('reads a call once more under a name of its own, and asks nothing back', async () => {
    server.on('GET /api/tasks/t1/meter/spot-offset-2', { body: { typed: '4 mm left' } });
    const person = openAt('/practice/runs/e1');
    await person.click(await screen.findByRole('button', { name: 'Measure' }));
    expect(screen.getByText('40 mm left')).toBeInTheDocument();
    await person.click(screen.getByRole('button', { name: 'Spot off the line' }));
    await person.keyboard('m');
    await waitFor(() => expect(screen.getByLabelText('Reads')).toHaveValue('4 mm left'));
    await person.keyboard('{Enter}');
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    expect(server.writes()[0]?.body).toMatchObject({
      kind: 'reading',
      task: 't1',
      confirmed: true,
      payload: { call: 'spot-offset-2', typed: '4 mm left' },
    });
  });

  it('tells what somebody finds who looks where another’s word stood', async () => {
    server.on('GET /api/practice/runs/e1/see/supply', { body: { met: false } });
    server.on('POST /api/practice/runs/e1/lines', {
      body: bench({
        version: 4,
        questions: [
          { id: 'supply', question: 'Supply held by a charger', answer: 'yes', word: null },
        ],
      }),
    });
    const person = openAt('/practice/runs/e1');
    expect(await screen.findByText('Tolly Brask says that it is so')).toBeInTheDocument();
    await person.click(screen.getByRole('button', { name: /^Look\s?:/ }));
    expect(await screen.findByText(/it was not so, and you put it right/)).toBeInTheDocument();
  });

  it('gives advice once for each state, and counts it', async () => {
    server.on('POST /api/practice/runs/e1/ask', {
      body: { asked: 2, says: 'The next step: ignition on.', why: null },
    });
    const person = openAt('/practice/runs/e1');
    await person.click(await screen.findByRole('button', { name: 'Ask what to do now' }));
    expect(await screen.findByText('The next step: ignition on.')).toBeInTheDocument();
    expect(screen.getByText('Asked 2 times')).toBeInTheDocument();
    expect(server.writes().filter(({ path }) => path.endsWith('/ask'))).toHaveLength(1);
  });

  it('shows figures and their tolerance, and no word of what to make of them', async () => {
    openAt('/practice/runs/e1');
    const figure = await screen.findByTestId('figure-across');
    expect(figure).toHaveTextContent('Off the line, within 4 mm');
    expect(figure).toHaveTextContent('3.2 mm');
    expect(figure).not.toHaveTextContent(/holds|out|unproven/i);
  });
});

describe('an answer', () => {
  it('waits for what the car goes back for, and is kept over a reload', async () => {
    server.on('GET /api/practice/runs/e1', { body: page() });
    server.on('POST /api/practice/runs/e1/answer', { body: page({ reckoning: reckoning() }) });
    const person = openAt('/practice/runs/e1/answer');
    await person.click(await screen.findByLabelText('The car goes back'));
    const commit = screen.getByRole('button', { name: 'This is my answer' });
    expect(commit).toBeDisabled();
    await person.click(screen.getByLabelText('For what does it go back?'));
    await person.click(screen.getByRole('option', { name: /Paint/ }));
    await person.click(screen.getByLabelText('Too much paint'));
    expect(JSON.parse(sessionStorage.getItem('lumbro-kept-answer-e1') ?? '{}')).toEqual({
      outcome: 'sent-back',
      cause: 'cover',
      faults: ['cover'],
    });
    await person.click(commit);
    expect(await screen.findByTestId('scores')).toBeInTheDocument();
    expect(server.writes()[0]?.body).toEqual({
      outcome: 'sent-back',
      cause: 'cover',
      faults: ['cover'],
    });
    expect(sessionStorage.getItem('lumbro-kept-answer-e1')).toBeNull();
  });
});

describe('a reckoning', () => {
  it('puts the truth beside what was believed, and says what would have shown it', async () => {
    server.on('GET /api/practice/runs/e1', {
      body: page({
        exercise: exercise({ hidden: false, endedAt: '2026-11-24T07:04:00.000Z', asked: 2 }),
        reckoning: reckoning(),
      }),
    });
    openAt('/practice/runs/e1');
    expect(await screen.findByTestId('method')).toHaveTextContent('75');
    expect(screen.getByTestId('result')).toHaveTextContent('20');
    expect(screen.getByText(/advice asked 2 times/)).toBeInTheDocument();
    expect(screen.getByRole('img', { name: 'The front mark: 16 mm off' })).toHaveAttribute(
      'data-factor',
      expect.stringMatching(/^[1-6]?\d$/),
    );
    const fault = screen.getByTestId('fault-rule');
    expect(fault).toHaveTextContent('You did not name it.');
    expect(fault).toHaveTextContent('Your own readings show it.');
    expect(fault).toHaveTextContent(
      /Rear left hub would have shown it: 783 mm.* instead of 767 mm/,
    );
    expect(screen.getByTestId('worth')).toHaveTextContent('Taken on the word of Tolly Brask');
    expect(screen.getByTestId('worth')).toHaveTextContent('One reading for nothing');
    // An axis without a limit is nobody's matter.
    expect(screen.queryByRole('rowheader', { name: 'Elevation' })).toBeNull();
    expect(screen.getByRole('rowheader', { name: 'Azimuth' })).toBeInTheDocument();
  });
});
