import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { waitingLines } from '../device/outbox';
import { FakeServer, openAt, PERSON, problem } from './app';
import { call, reading, respect, run, workspace } from './fixtures';
import { finding, runState } from './runFixture';

const state = workspace();
const at = `/tasks/${state.task}`;
const api = `/api/tasks/${state.task}`;
let server: FakeServer;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer().on(`GET ${api}`, { body: state });
});

describe('a reading', () => {
  it('is sent as typed, once, with the version that was seen', async () => {
    const taken = workspace({
      version: 8,
      present: { kind: 'read', call: 'split' },
      ledger: [reading('r1')],
      calls: [
        call('spot-along', { reading: reading('r1') }),
        call('split', { title: 'Stand square', reads: 'sided' }),
      ],
    });
    server.on('LINE reading', { body: taken });
    const person = openAt(at);
    await person.type(await screen.findByLabelText('Reads'), '184.9 cm{Enter}');
    expect(await screen.findByRole('heading', { name: 'Stand square' })).toBeInTheDocument();
    expect(server.writes()).toHaveLength(1);
    expect(server.writes()[0]?.line).toMatchObject({
      call: 'spot-along',
      typed: '184.9 cm',
      version: 7,
    });
    expect(server.writes()[0]?.line['id']).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7/);
  });

  it('that is refused says why and stays in the field', async () => {
    server.on('LINE reading', {
      status: 422,
      body: problem({ path: '/payload/typed', title: '“two” is not taken: it is not a length.' }),
    });
    const person = openAt(at);
    const field = await screen.findByLabelText('Reads');
    await person.type(field, 'two{Enter}');
    expect(await screen.findByText(/it is not a length/)).toBeInTheDocument();
    expect(field).toHaveValue('two');
    expect(screen.getByText('all saved')).toBeInTheDocument();
  });

  it('far outside what is expected is asked about once, and taken where the tape does show it', async () => {
    server.on(
      'LINE reading',
      {
        status: 422,
        body: problem({
          code: 'asks-once',
          path: '/payload/typed',
          title: '“18490” is 18,490 mm, and about 1,840 mm is expected here.',
        }),
      },
      { body: workspace({ version: 8 }) },
    );
    const person = openAt(at);
    const field = await screen.findByLabelText('Reads');
    await person.type(field, '18490{Enter}');
    expect(await screen.findByText(/about 1,840 mm is expected/)).toBeInTheDocument();
    const take = screen.getByRole('button', { name: 'It does show 18490: take it' });
    await person.type(field, '0');
    expect(take).not.toBeInTheDocument();
    expect(
      screen.queryByText(/is expected here/, { ignore: '[data-testid=announced]' }),
    ).not.toBeInTheDocument();
    await person.type(field, '{Backspace}');
    await person.click(screen.getByRole('button', { name: /take it/ }));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    expect(server.writes()[0]?.line).not.toHaveProperty('confirmed');
    expect(server.writes()[1]?.body).toMatchObject({
      confirmed: true,
      payload: { typed: '18490' },
    });
  });

  it('that waited for a connection is asked about too when it is sent', async () => {
    const question = problem({
      code: 'asks-once',
      path: '/payload/typed',
      title: '“18490” is 18,490 mm, and about 1,840 mm is expected here.',
    });
    server.on(
      'LINE reading',
      'no connection',
      { status: 422, body: question },
      { body: workspace({ version: 8 }) },
    );
    const person = openAt(at);
    await person.type(await screen.findByLabelText('Reads'), '18490{Enter}');
    await screen.findByTestId('unsent');
    await person.click(screen.getByRole('button', { name: /Send again/ }));
    await waitFor(() =>
      expect(screen.getByTestId('unsent')).toHaveTextContent('about 1,840 mm is expected'),
    );
    // The form that is open is about something else by now.
    expect(screen.queryByTestId('asked')).not.toBeInTheDocument();
    await person.click(screen.getByRole('button', { name: 'Yes, record it' }));
    await waitFor(() => expect(server.writes()).toHaveLength(3));
    expect(server.writes()[2]?.line).toMatchObject({ typed: '18490', confirmed: true });
    expect(server.writes()[2]?.body).toMatchObject({ id: server.writes()[1]?.body.id });
    await waitFor(() => expect(screen.queryByTestId('unsent')).not.toBeInTheDocument());
  });

  it('is kept while there is no connection and sent again as the same one', async () => {
    server.on('LINE reading', 'no connection', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    await person.type(await screen.findByLabelText('Reads'), '1849{Enter}');
    expect(await screen.findByTestId('unsent')).toHaveTextContent('1849');
    expect(screen.getByText('one line not saved')).toBeInTheDocument();
    expect(await waitingLines(`task ${state.task}`, PERSON)).toMatchObject([
      { payload: { typed: '1849' } },
    ]);
    await person.click(screen.getByRole('button', { name: 'Send again' }));
    await waitFor(() => expect(screen.queryByTestId('unsent')).not.toBeInTheDocument());
    const [first, second] = server.writes();
    expect(second?.body).toEqual(first?.body);
    expect(await waitingLines(`task ${state.task}`, PERSON)).toEqual([]);
  });

  it('that waited goes by itself when the network is back', async () => {
    server.on('LINE reading', 'no connection', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    await person.type(await screen.findByLabelText('Reads'), '1849{Enter}');
    await screen.findByTestId('unsent');
    window.dispatchEvent(new Event('online'));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    await waitFor(() => expect(screen.queryByTestId('unsent')).not.toBeInTheDocument());
  });

  it('is sent on top of what others have written, for the server to judge', async () => {
    server.on('LINE reading', {
      body: workspace({ version: 10, ledger: [reading('theirs', { person: 'Bram Tolley' })] }),
    });
    const person = openAt(at);
    await person.type(await screen.findByLabelText('Reads'), '1849{Enter}');
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    await waitFor(() => expect(screen.queryByTestId('unsent')).not.toBeInTheDocument());
  });

  it('to one side gets its side from a button, and only one', async () => {
    server.on(`GET ${api}`, { body: workspace({ present: { kind: 'read', call: 'split' } }) });
    const person = openAt(at);
    await person.type(await screen.findByLabelText(/which side/), '12 mm');
    await person.click(screen.getByRole('button', { name: 'car’s left' }));
    await person.click(screen.getByRole('button', { name: 'car’s right' }));
    expect(screen.getByLabelText(/which side/)).toHaveValue('12 mm right');
  });

  it('that others contradict is asked for again with what they say', async () => {
    const misread = reading('r1', { typed: '189.4 cm', value: 1894 });
    server.on(`GET ${api}`, {
      body: workspace({
        present: { kind: 'remeasure', call: 'spot-along' },
        consistent: false,
        suspects: [
          { id: 'spot-along', says: 'tape along the line' },
          { id: 'frontMark.x', says: 'the front mark’s place along the car' },
        ],
        calls: [call('spot-along', { expected: 1849.2, reading: misread })],
        ledger: [misread],
      }),
    });
    openAt(at);
    expect(await screen.findByTestId('contradiction')).toHaveTextContent(
      'It reads 189.4 cm. Or the mistake sits in the front mark’s place along the car.',
    );
    expect(screen.getByText('The other readings say')).toBeInTheDocument();
    expect(screen.getByTestId('expected')).toHaveTextContent('1,849');
    expect(screen.getByText('readings disagree')).toBeInTheDocument();
  });

  it('is struck in the ledger only where it was struck', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        ledger: [
          reading('a', { fate: 'struck', typed: '1894' }),
          reading('b', { fate: 'moved', typed: '1849' }),
          reading('c', { typed: '1840' }),
        ],
      }),
    });
    server.on('LINE strike', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    const ledger = await screen.findByTestId('ledger');
    expect(within(ledger).getByText('1894').tagName).toBe('S');
    expect(within(ledger).getByText('1849').tagName).not.toBe('S');
    expect(within(ledger).getByText(/before a move/)).toBeInTheDocument();
    await person.click(
      within(ledger).getByRole('button', { name: /Strike Tape along the line, 1840/ }),
    );
    await waitFor(() => expect(server.writes()[0]?.line).toMatchObject({ reading: 'c' }));
  });
});

describe('moves', () => {
  it('say how far, which way and what is read then, and D records them', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        present: { kind: 'move', call: null },
        moves: [
          {
            kind: 'turn',
            parts: [{ amount: 1.43, unit: 'degrees', direction: 'clockwise, seen from above' }],
            then: {
              call: 'split',
              title: 'Stand square',
              reads: 'sided',
              datum: null,
              expected: -15.8,
            },
          },
          {
            kind: 'shift',
            parts: [{ amount: 13.6, unit: 'mm', direction: 'towards the car’s left side' }],
            then: {
              call: 'spot-offset',
              title: 'Spot off the line',
              reads: 'sided',
              datum: null,
              expected: 0,
            },
          },
        ],
      }),
    });
    server.on('LINE move', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    const turn = await screen.findByTestId('move-turn');
    expect(turn).toHaveTextContent('1.4°');
    expect(turn).toHaveTextContent('16 mm right');
    expect(screen.getByTestId('move-shift')).toHaveTextContent('14mm towards the car’s left side');
    await person.keyboard('d');
    await waitFor(() =>
      expect(server.writes()[0]?.line).toMatchObject({ kinds: ['turn', 'shift'] }),
    );
  });
});

describe('questions', () => {
  const open = { ...state.preparation[0]!, answer: null, met: null, person: null, at: null };
  const asked = workspace({
    stage: 'prepare',
    present: { kind: 'prepare', call: null },
    preparation: [open],
    stages: state.stages.map((stage) =>
      stage.id === 'prepare' ? { ...stage, state: 'half' } : stage,
    ),
  });

  it('are answered with a key', async () => {
    server.on(`GET ${api}`, { body: asked }).on('LINE answer', { body: state });
    const person = openAt(at);
    await screen.findByTestId('question');
    await person.keyboard('n');
    await waitFor(() =>
      expect(server.writes()[0]?.line).toMatchObject({ item: 'steering', answer: 'no' }),
    );
  });

  it('answered on somebody’s word ask whose', async () => {
    server.on(`GET ${api}`, { body: asked }).on('LINE answer', { body: state });
    const person = openAt(at);
    await screen.findByTestId('question');
    await person.keyboard('w');
    await person.type(screen.getByLabelText(/On whose word/), 'Wen Harrow{Enter}');
    await waitFor(() =>
      expect(server.writes()[0]?.line).toMatchObject({ answer: 'on-word', word: 'Wen Harrow' }),
    );
  });
});

describe('the run', () => {
  it('cannot be started while it is barred, and a release carries name and reason', async () => {
    server.on('LINE release', {
      body: workspace({
        version: 8,
        mayRun: true,
        release: {
          name: 'Oda Merrin',
          reason: 'The bay is needed.',
          person: 'Ilse Corrant',
          at: '2026-11-24T09:00:00Z',
        },
        stage: 'run',
        present: { kind: 'step', call: 'ignition-on' },
      }),
    });
    const person = openAt(at);
    await person.click(await screen.findByRole('button', { name: /^Run/ }));
    expect(screen.getByTestId('bars')).toHaveTextContent('The distance is not measured.');
    expect(screen.queryByTestId('step')).not.toBeInTheDocument();
    await person.keyboard('rd');
    expect(server.writes()).toHaveLength(0);
    await person.click(screen.getByRole('button', { name: 'Release it by name' }));
    await person.clear(screen.getByLabelText(/Released by/));
    await person.type(screen.getByLabelText(/Released by/), 'Oda Merrin');
    await person.type(screen.getByLabelText(/Reason/), 'The bay is needed.');
    await person.click(screen.getByRole('button', { name: 'Release one run' }));
    expect(await screen.findByText(/Released for one run by Oda Merrin/)).toBeInTheDocument();
    expect(server.writes()[0]?.line).toMatchObject({
      name: 'Oda Merrin',
      reason: 'The bay is needed.',
    });
    expect(screen.getByTestId('step')).toHaveTextContent('Ignition on');
  });

  it('is judged with the set-up taken out, and its message is only a message', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        stage: 'prove',
        present: { kind: 'prove', call: null },
        runs: [run({ verdict: 'out' })],
        run: runState({ finding: finding({ verdict: 'out' }) }),
      }),
    });
    openAt(at);
    const proof = within(await screen.findByTestId('prove'));
    const azimuth = proof.getByTestId('azimuth');
    expect(azimuth).toHaveTextContent('0.08° to the car’s left');
    expect(azimuth).toHaveTextContent('99 in 100 inside');
    expect(azimuth).toHaveTextContent('the set-up adds 0.02° to the car’s right');
    expect(within(screen.getByTestId('run-result')).getByTestId('azimuth')).toHaveTextContent(
      'The tool shows −0.10; the set-up adds 0.02° to the car’s right',
    );
    expect(screen.getByText(/which is a message, not proof/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Close as not proven' })).toBeInTheDocument();
  });
});

describe('closing', () => {
  it('without proof asks for a reason and says who may', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        stage: 'close',
        present: { kind: 'close', call: null },
        runs: [run({ verdict: 'unproven' })],
      }),
    });
    server.on(`POST ${api}/seal`, {
      status: 403,
      body: problem({
        status: 403,
        code: 'forbidden',
        title: 'An axis that is not proven is handed over by a lead.',
      }),
    });
    const person = openAt(at);
    await person.type(await screen.findByLabelText(/Handed over because/), 'Told in writing.');
    await person.click(screen.getByRole('button', { name: 'Seal the record' }));
    expect(await screen.findAllByText(/handed over by a lead/)).not.toHaveLength(0);
    expect(server.writes()[0]?.line).toMatchObject({ handover: 'Told in writing.' });
    expect(screen.getByLabelText(/Handed over because/)).toHaveValue('Told in writing.');
  });

  it('leaves a seal, a report and a file, and nothing to write with', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        seal: { hash: 'ab'.repeat(32), at: '2026-11-24T10:00:00Z', signs: true, entry: null },
        runs: [run()],
        ledger: [reading('r1')],
      }),
    });
    const person = openAt(at);
    expect(await screen.findByTestId('seal')).toHaveTextContent('ab'.repeat(32));
    expect(screen.getByRole('link', { name: 'Export as JSON' })).toHaveAttribute(
      'href',
      `${api}/record`,
    );
    await person.click(screen.getByRole('button', { name: /^Place/ }));
    expect(screen.queryByLabelText('Reads')).not.toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /^Strike/ })).not.toBeInTheDocument();
    await person.keyboard('u');
    expect(server.writes()).toHaveLength(0);
    await person.click(screen.getByRole('button', { name: 'Back to the present call' }));
    await person.click(screen.getByRole('link', { name: 'Open the report' }));
    expect(await screen.findByRole('heading', { name: 'Record of 2471' })).toBeInTheDocument();
    expect(screen.getByText('184.9 cm')).toBeInTheDocument();
    expect(screen.getByText('The floor: it was not surveyed.')).toBeInTheDocument();
  });
});

describe('the tally', () => {
  it('opens on what a figure rests on, in the chosen unit', async () => {
    const across = respect('across', {
      title: 'Off the line',
      verdict: 'out',
      deviation: -12.7,
      uncertainty: 1.3,
      probability: 0.0001,
      direction: 'to the car’s right',
      contributions: [{ says: 'spot off the line', share: 0.98 }],
      bestCheck: { says: 'check tape, right', uncertainty: 1.2 },
    });
    server.on(`GET ${api}`, {
      body: workspace({
        verdicts: [across],
        ifRunNow: { reading: 0.43, direction: 'to the car’s left', uncertainty: 0.09, limit: 0.35 },
      }),
    });
    const person = openAt(at);
    const cell = await screen.findByTestId('verdict-across');
    expect(cell).toHaveTextContent('12.7 mm to the car’s right');
    expect(cell).toHaveTextContent('under 1 in 100');
    expect(screen.getByTestId('if-run-now')).toHaveTextContent('0.43° to the car’s left');
    await person.click(screen.getByRole('button', { name: /Units: mm/ }));
    expect(cell).toHaveTextContent('1/2 in to the car’s right');
    await person.click(cell);
    expect(await screen.findByText(/spot off the line: 98 %/)).toBeInTheDocument();
    expect(screen.getByText(/check tape, right would leave/)).toBeInTheDocument();
  });
});

describe('what could be wrong and not show', () => {
  const guard = (over: object) => ({
    axis: 'azimuth' as const,
    hidden: 0.12,
    limit: 0.21,
    holds: true,
    worst: 'the front mark off the middle',
    unchecked: [],
    ...over,
  });

  it('stands beside how sure it is, with the worst of it by name', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        guards: [
          guard({}),
          guard({
            axis: 'elevation',
            hidden: null,
            holds: false,
            worst: null,
            unchecked: ['Target height', 'the floor at the target'],
          }),
        ],
      }),
    });
    openAt(at);
    expect(await screen.findByTestId('hides-azimuth')).toHaveTextContent(
      'Azimuth: 0.12° could hide: the front mark off the middle',
    );
    expect(screen.getByTestId('hides-elevation')).toHaveTextContent(
      'Elevation: any slip could hide: Target height, the floor at the target',
    );
  });

  it('asks for the reading that checks the others, and tells no number to find again', async () => {
    server.on(`GET ${api}`, {
      body: workspace({
        present: {
          kind: 'guard',
          call: 'spot-offset-2',
          why: 'A slip of any size could hide in the set-up.',
        },
        calls: [
          call('spot-offset-2', {
            title: 'Spot off the line, a second time',
            expected: null,
            due: true,
          }),
        ],
      }),
    });
    openAt(at);
    expect(await screen.findByTestId('read')).toHaveTextContent('Spot off the line, a second time');
    expect(screen.getByTestId('guards')).toHaveTextContent('A slip of any size could hide');
    expect(screen.queryByTestId('expected')).not.toBeInTheDocument();
  });
});

describe('an order that is not there', () => {
  it('is said as such', async () => {
    server.on(`GET ${api}`, { status: 404, body: problem({ status: 404, code: 'not-found' }) });
    openAt(at);
    expect(await screen.findByRole('heading', { name: 'Not here' })).toBeInTheDocument();
  });

  it('or cannot be fetched, and is tried again', async () => {
    server.on(`GET ${api}`, 'no connection', { body: state });
    const person = openAt(at);
    expect(await screen.findByRole('alert')).toHaveTextContent('No connection');
    await person.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByLabelText('Reads')).toBeInTheDocument();
  });
});
