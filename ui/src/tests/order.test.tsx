import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { useOrder } from '../order/parts/useOrder';
import { waitingLines } from '../device/outbox';
import { FakeServer, openAt, PERSON, problem } from './app';
import { capture, condition, order, sensor } from './orderFixture';

const PATH = '/api/repair-orders/o1';
let server: FakeServer;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer();
  server.on('GET /api/intake', {
    body: {
      number: '2475',
      operations: [
        { code: 'wheel-alignment', says: 'wheel alignment', atSensor: false },
        { code: 'sensor-replaced', says: 'sensor replaced', atSensor: true },
      ],
      sheets: [],
      bays: [],
    },
  });
});

async function open(...states: ReturnType<typeof order>[]) {
  server.on(`GET ${PATH}`, ...states.map((body) => ({ body })));
  const person = openAt('/orders/o1');
  await screen.findByTestId('waits');
  return person;
}

describe('an order', () => {
  it('is not set back by an answer to a file that comes after that to a later line', async () => {
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    server.on(`GET ${PATH}`, { body: order({ version: 21 }) });
    const { result } = renderHook(() => useOrder('o1'), {
      wrapper: ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={queries}>{children}</QueryClientProvider>
      ),
    });
    await waitFor(() => expect(result.current.query.data?.version).toBe(21));
    act(() => result.current.took(order({ version: 20 })));
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(result.current.query.data?.version).toBe(21);
    act(() => result.current.took(order({ version: 22 })));
    await waitFor(() => expect(result.current.query.data?.version).toBe(22));
  });
});

describe('before refit', () => {
  it('asks for one thing at a time, says where it is and takes it with Enter', async () => {
    server.on('LINE *', {
      body: order({
        version: 5,
        alarms: [],
        captures: [capture({ state: 'had', value: 'L07K9' })],
      }),
    });
    const person = await open(order());
    const sheet = screen.getByTestId('capture');
    expect(sheet).toHaveTextContent(
      'Left rear radar, the car’s left: on your left as you stand behind',
    );
    expect(sheet).toHaveTextContent('the routine asks for it at its very end');
    await person.type(screen.getByLabelText('Lot code on the label'), 'L07K9{Enter}');
    await screen.findByText('L07K9');
    expect(server.writes()[0]?.body).toMatchObject({
      version: 4,
      kind: 'capture',
      payload: { sensor: 'rear-left', item: 'lot-code', value: 'L07K9' },
    });
    expect(screen.queryByTestId('capture')).not.toBeInTheDocument();
  });

  it('takes a reason for what cannot be had', async () => {
    server.on('LINE *', { body: order({ alarms: [] }) });
    const person = await open(order());
    await person.click(screen.getByRole('button', { name: 'It cannot be had' }));
    await person.type(screen.getByLabelText(/Why it cannot be had/), 'The label is torn');
    await person.click(screen.getByRole('button', { name: 'Record it' }));
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    expect(server.writes()[0]?.body).toMatchObject({ payload: { reason: 'The label is torn' } });
  });

  it('holds a cover up that goes back too early, and lets it go only on a yes', async () => {
    server.on(
      'LINE *',
      {
        status: 422,
        body: problem({
          code: 'asks-once',
          path: '/payload',
          title: 'The rear bumper cover would go back with 1 thing not captured.',
        }),
      },
      {
        body: order({
          alarms: [],
          covers: [
            {
              ...order().covers[0]!,
              off: false,
              due: [],
              missed: ['Left rear radar: Lot code on the label'],
            },
          ],
        }),
      },
    );
    const person = await open(order());
    await person.click(screen.getByRole('button', { name: /It went back on/ }));
    expect(await screen.findByTestId('asked')).toHaveTextContent('1 thing not captured');
    await person.click(screen.getByRole('button', { name: 'Yes, record it' }));
    expect(await screen.findByText(/It went back without/)).toHaveTextContent('Lot code');
    const [asked, confirmed] = server.writes();
    expect(confirmed?.body).toEqual({ ...asked?.body, confirmed: true });
  });
});

describe('what is not acknowledged', () => {
  it('is kept over a reload and sent again as the same line', async () => {
    server.on('LINE *', 'no connection');
    const person = await open(order());
    await person.type(screen.getByLabelText('Lot code on the label'), 'L07K9{Enter}');
    expect(await screen.findByTestId('unsent')).toHaveTextContent('L07K9');
    expect(await waitingLines('order o1', PERSON)).toMatchObject([{ payload: { value: 'L07K9' } }]);
    server.on('LINE *', { body: order({ version: 5 }) });
    await person.click(screen.getByRole('button', { name: 'Send again' }));
    await waitFor(() => expect(screen.queryByTestId('unsent')).not.toBeInTheDocument());
    const [first, second] = server.writes();
    expect(second?.body['id']).toBe(first?.body['id']);
  });

  it('shows both sides of a clash and loses neither', async () => {
    server.on(
      'LINE *',
      {
        status: 409,
        body: problem({
          status: 409,
          code: 'order-moved-on',
          title: 'Somebody else has recorded something about the same matter.',
          order: order({ version: 9 }),
          lines: [
            {
              person: 'Ilse Corrant',
              at: '2026-11-25T08:00:00.000Z',
              kind: 'capture',
              payload: { item: 'lot-code', value: 'OTHER' },
            },
          ],
        }),
      },
      { body: order({ version: 10 }) },
    );
    const person = await open(order());
    await person.type(screen.getByLabelText('Lot code on the label'), 'MINE{Enter}');
    const banner = await screen.findByTestId('unsent');
    expect(banner).toHaveTextContent('Ilse Corrant');
    expect(banner).toHaveTextContent('OTHER');
    expect(banner).toHaveTextContent('MINE');
    await person.click(within(banner).getByRole('button', { name: 'Record mine as well' }));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    expect(server.writes()[1]?.body).toMatchObject({ version: 9, payload: { value: 'MINE' } });
  });
});

describe('what was done', () => {
  it('says what an added operation changed and why', async () => {
    const changed = order({
      version: 5,
      waits: {
        kind: 'question',
        says: 'Was the rear toe adjusted?',
        sensor: 'front',
        part: 'owed',
      },
      changes: [
        {
          what: 'Wheel alignment: done',
          person: 'Ilse Corrant',
          at: '2026-11-25T08:00:00.000Z',
          sensors: [
            {
              sensor: 'Front radar',
              before: 'not owed',
              after: 'unknown',
              why: 'The line may have changed.',
            },
          ],
        },
      ],
    });
    server.on('LINE *', { body: changed });
    const person = await open(order());
    await person.click(screen.getByRole('button', { name: /^Work done/ }));
    await person.type(screen.getByLabelText('Add an operation'), 'wheel');
    await person.click(await screen.findByRole('option', { name: 'wheel alignment' }));
    const change = await screen.findByTestId('change');
    expect(change).toHaveTextContent('This changed what is owed');
    expect(change).toHaveTextContent('Front radar: not owed → unknown');
    expect(change).toHaveTextContent('The line may have changed.');
    expect(server.writes()[0]?.body).toMatchObject({
      payload: { operation: 'wheel-alignment', state: 'done' },
    });
  });

  it('asks what a line of the estimate was', async () => {
    server.on('LINE *', { body: order() });
    const person = await open(
      order({
        waits: { kind: 'estimate', says: '1 line', sensor: null, part: 'work' },
        estimateLines: [{ id: 'e1', text: 'Polish the ashtray' }],
      }),
    );
    expect(screen.getByTestId('estimate-line')).toHaveTextContent('“Polish the ashtray”');
    await person.click(screen.getByRole('button', { name: 'It concerns no sensor' }));
    await waitFor(() =>
      expect(server.writes()[0]?.body).toMatchObject({
        kind: 'estimate-settled',
        payload: { line: 'e1' },
      }),
    );
  });
});

describe('what is owed', () => {
  const asked = sensor({
    owed: {
      state: 'unknown',
      route: null,
      proves: null,
      reasons: [
        {
          ...sensor().owed.reasons[0]!,
          state: 'unknown',
          question: 'Was it touched?',
          canAnswer: true,
        },
      ],
    },
  });

  it('asks the question with its rule, and takes hearsay as such', async () => {
    server.on('LINE *', { body: order({ version: 5 }) });
    const person = await open(
      order({
        sensors: [asked],
        waits: { kind: 'question', says: 'Was it touched?', sensor: 'rear-left', part: 'owed' },
      }),
    );
    const question = screen.getByTestId('owed-question');
    expect(question).toHaveTextContent('Was it touched?');
    await person.type(screen.getByLabelText(/On whose word/), 'Wen Harrow');
    await person.click(within(question).getByRole('button', { name: 'Yes' }));
    await waitFor(() =>
      expect(server.writes()[0]?.body).toMatchObject({
        kind: 'owed-answer',
        payload: {
          sensor: 'rear-left',
          operation: 'rear-cover-removed',
          answer: 'yes',
          word: 'Wen Harrow',
        },
      }),
    );
  });

  it('shows every sensor on the plan with its state and side, and opens it', async () => {
    const person = await open(order());
    const mark = screen.getByTestId('sensor-rear-left');
    expect(mark).toHaveAccessibleName(/Left rear radar: owed\. the car’s left/);
    await person.click(mark);
    expect(await screen.findByTestId('owed')).toHaveTextContent('It sits behind the rear cover.');
    expect(screen.getByTestId('owed')).toHaveTextContent(
      'Quillon service sheet 31 (invented), section 2',
    );
    expect(screen.getByTestId('owed')).toHaveTextContent('proves the axis');
  });

  it('offers a newer checked card', async () => {
    server.on('LINE *', { body: order() });
    const person = await open(
      order({
        offers: [{ sensor: 'rear-left', card: 'c2', title: 'Rear pair', edition: '4', version: 2 }],
      }),
    );
    await person.click(screen.getByTestId('sensor-rear-left'));
    await person.click(await screen.findByRole('button', { name: 'Use it' }));
    await waitFor(() =>
      expect(server.writes()[0]?.body).toMatchObject({
        kind: 'card',
        payload: { sensor: 'rear-left', card: 'c2' },
      }),
    );
  });
});

describe('preconditions', () => {
  const WAITS = { kind: 'condition', says: 'Tyres', sensor: null, part: 'conditions' as const };

  it('send the values that were read, by one key', async () => {
    const bad = condition({
      answer: 'yes',
      met: false,
      findings: ['Left rear: 1.6 bar, at least 2 is wanted.'],
      effect: 'About 0.06 degrees nose-up.',
    });
    server.on('LINE *', {
      body: order({ version: 5, conditions: [bad], waits: WAITS }),
    });
    const person = await open(order({ waits: WAITS }));
    await person.type(screen.getByLabelText('Left rear, bar'), '1,6');
    await person.click(document.body);
    await person.keyboard('y');
    expect(
      await screen.findByText('Left rear: 1.6 bar, at least 2 is wanted.'),
    ).toBeInTheDocument();
    expect(screen.getByText('About 0.06 degrees nose-up.')).toBeInTheDocument();
    expect(server.writes()[0]?.body).toMatchObject({
      payload: { item: 'tyres', answer: 'yes', values: { 'rear-left': '1,6' } },
    });
  });

  it('say in the far view what comes next, for somebody across the shop', async () => {
    const person = await open(order());
    await person.click(document.body);
    await person.keyboard('f');
    const far = await screen.findByTestId('far-view');
    expect(far).toHaveTextContent('Left rear radar');
    expect(far).toHaveTextContent('Lot code on the label');
    expect(far).toHaveTextContent('1 to capture before the cover goes back');
  });
});

describe('an order that is not there', () => {
  it('is said', async () => {
    server.on(`GET ${PATH}`, { status: 404, body: problem({ status: 404, code: 'not-found' }) });
    openAt('/orders/o1');
    expect(await screen.findByText(/nothing at this address/i)).toBeInTheDocument();
  });
});

describe('the car', () => {
  const WAITS = { kind: 'scan', says: 'The pre-scan', sensor: null, part: 'car' as const };

  it('keeps what is being typed while somebody else writes, and asks about a slip', async () => {
    server.on(
      'LINE *',
      {
        status: 422,
        body: problem({
          code: 'asks-once',
          path: '/payload',
          title: 'The check digit is 7. Is it as on the car?',
        }),
      },
      { body: order({ version: 6, waits: WAITS, vin: '0CLSABL27R0002464' }) },
    );
    const person = await open(order({ waits: WAITS }));
    await person.type(screen.getByLabelText('Vehicle identification number'), '0CLSABL27R0002464');
    await person.click(screen.getByRole('button', { name: 'Keep: Vehicle identification number' }));
    await person.click(await screen.findByRole('button', { name: 'Yes, record it' }));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    expect(server.writes()[1]?.body).toMatchObject({
      kind: 'detail',
      confirmed: true,
      payload: { field: 'vin', value: '0CLSABL27R0002464' },
    });
    expect(screen.getByLabelText('Vehicle identification number')).toHaveValue('0CLSABL27R0002464');
  });

  it('takes a figure as measured, with its uncertainty', async () => {
    server.on('LINE *', { body: order({ waits: WAITS }) });
    const figure = {
      figure: 'wheelbase',
      label: 'Wheelbase',
      value: 2905,
      s: null,
      sided: false,
      hubs: null,
      from: null,
      said: null,
      cars: null,
      typed: null,
      person: null,
      at: null,
      word: null,
    };
    const person = await open(order({ waits: WAITS, geometry: [figure] }));
    await person.click(screen.getByRole('button', { name: /Wheelbase/ }));
    expect(screen.getByTestId('measure')).toHaveTextContent('The sheet says 2,905 mm');
    await person.type(screen.getByLabelText(/Measured: any unit/), '290.7 cm');
    await person.click(screen.getByRole('button', { name: 'Record it' }));
    await waitFor(() =>
      expect(server.writes()[0]?.body).toMatchObject({
        kind: 'figure',
        payload: { figure: 'wheelbase', typed: '290.7 cm', s: 2 },
      }),
    );
  });

  it('keeps a half filled condition over a reload', async () => {
    const conditions = {
      kind: 'condition',
      says: 'Tyres',
      sensor: null,
      part: 'conditions' as const,
    };
    const person = await open(order({ waits: conditions }));
    await person.type(screen.getByLabelText('Left rear, bar'), '1.9');
    expect(sessionStorage.getItem('lumbro-kept-condition-o1-tyres ')).toContain('1.9');
  });
});
