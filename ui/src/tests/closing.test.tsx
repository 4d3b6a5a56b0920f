import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { FakeServer, openAt, problem } from './app';
import { order } from './orderFixture';

const PATH = '/api/repair-orders/o1';
const LEAD = ['order', 'work', 'release', 'seal', 'hand-over', 'reopen', 'share', 'people'];
let server: FakeServer;

const road = (over = {}) => ({
  id: 'slows',
  question: 'Slows when the car ahead slows',
  sensors: ['Front radar'],
  found: null,
  reason: null,
  driver: null,
  route: null,
  weather: null,
  person: null,
  at: null,
  ...over,
});

const item = (over = {}) => ({
  id: 'post-scan',
  part: 'post-scan' as const,
  says: 'Not scanned after the work.',
  sensor: null,
  canLeave: true,
  left: null,
  ...over,
});

function signedIn(role: string, may: string[]) {
  server.on('GET /api/session', {
    body: {
      name: 'Oda Merrin',
      email: 'oda@copperlane.example',
      role,
      may,
      shop: 'Copper Lane',
      reader: { language: 'en', unit: 'mm', decimal: '.', zone: 'UTC' },
    },
  });
}

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer();
  server.on('GET /api/intake', { body: { number: '1', operations: [], sheets: [], bays: [] } });
  server.on(`GET ${PATH}/links`, { body: { links: [] } });
});

async function open(state: ReturnType<typeof order>, part: string) {
  server.on(`GET ${PATH}`, { body: state });
  const person = openAt('/orders/o1');
  await screen.findByTestId('waits');
  const spine = screen.getByRole('navigation', { name: 'Parts of the order' });
  await person.click(within(spine).getByText(part));
  return person;
}

describe('the road test', () => {
  it('asks for one function at a time and takes it by a key', async () => {
    server.on('LINE *', {
      body: order({ version: 5, road: [road({ found: 'seen', driver: 'Oda' })] }),
    });
    const person = await open(order({ road: [road()] }), 'Road test');
    expect(screen.getByTestId('road-function')).toHaveTextContent('Slows when the car ahead slows');
    await person.click(document.body);
    await person.keyboard('y');
    // Nobody has said where and in what weather: that comes first.
    expect(await screen.findByText(/First say below who drove/)).toBeInTheDocument();
    expect(server.writes()).toHaveLength(0);
    await person.type(screen.getByLabelText(/^Route/), 'to the bridge');
    await person.type(screen.getByLabelText(/^Weather and light/), 'dry');
    await person.click(document.body);
    await person.keyboard('y');
    await screen.findByText('All looked for');
    expect(server.writes()[0]?.body).toMatchObject({
      kind: 'road',
      payload: {
        function: 'slows',
        found: 'seen',
        driver: 'Ilse Corrant',
        route: 'to the bridge',
        weather: 'dry',
      },
    });
  });

  it('asks why, where it could not be tried', async () => {
    server.on('LINE *', { body: order({ version: 5, road: [road()] }) });
    const person = await open(order({ road: [road()] }), 'Road test');
    await person.click(screen.getByRole('button', { name: /Untested/ }));
    await person.type(
      screen.getByRole('textbox', { name: /Why it could not be tried/ }),
      'Nothing drove ahead.',
    );
    await person.click(screen.getByRole('button', { name: 'Untested' }));
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    expect(server.writes()[0]?.body).toMatchObject({
      payload: { found: 'untested', reason: 'Nothing drove ahead.' },
    });
  });
});

describe('closing', () => {
  it('lists what keeps the order open and leads to it', async () => {
    const person = await open(
      order({ closing: [item(), item({ id: 'road slows', part: 'road', says: 'It did not.' })] }),
      'Close',
    );
    const sheet = screen.getByTestId('closing');
    expect(sheet).toHaveTextContent('2 things keep it open');
    expect(within(sheet).queryByText('Hand over as it is')).not.toBeInTheDocument();
    expect(screen.getByTitle('Report for the customer')).toHaveAttribute('sandbox', '');
    await person.click(within(sheet).getByRole('button', { name: 'Post-scan' }));
    expect(screen.getByRole('main', { name: 'Post-scan' })).toBeInTheDocument();
  });

  it('lets a lead hand over with a reason, and keeps it where it is refused', async () => {
    signedIn('lead', LEAD);
    server.on('LINE *', {
      status: 422,
      body: problem({ title: 'Say it in a sentence.', path: '/payload/reason' }),
    });
    const person = await open(order({ closing: [item()] }), 'Close');
    await person.click(screen.getByRole('button', { name: 'Hand over as it is' }));
    const reason = screen.getByRole('textbox', { name: /Handed over because/ });
    await person.type(reason, 'The tool is away until Monday.');
    await person.click(screen.getByRole('button', { name: 'Hand it over' }));
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    expect(server.writes()[0]?.body).toMatchObject({
      kind: 'left-open',
      payload: { item: 'post-scan', reason: 'The tool is away until Monday.' },
    });
    expect(reason).toHaveValue('The tool is away until Monday.');
  });

  it('tells a link once and takes it back', async () => {
    signedIn('lead', LEAD);
    const link = {
      id: 'l1',
      kind: 'insurer',
      reader: 'Sandmoor Mutual',
      person: 'Oda Merrin',
      madeAt: '2026-11-25T10:00:00.000Z',
      expiresAt: '2026-12-09T10:00:00.000Z',
      revokedAt: null,
      revokedBy: null,
      works: true,
      visits: [],
    };
    server.on(`POST ${PATH}/links`, { body: { links: [link], address: '/read/abc' } });
    server.on(`POST ${PATH}/links/l1/revoke`, {
      body: {
        links: [{ ...link, works: false, revokedAt: link.madeAt, revokedBy: 'Oda Merrin' }],
      },
    });
    const person = await open(order(), 'Close');
    await person.click(screen.getByRole('button', { name: 'Insurer' }));
    await person.type(
      screen.getByRole('textbox', { name: /Who is to read it/ }),
      'Sandmoor Mutual',
    );
    await person.click(screen.getByRole('button', { name: /Link to the insurer/ }));
    expect(await screen.findByTestId('link-address')).toHaveTextContent('/read/abc');
    expect(server.writes()[0]?.body).toMatchObject({ kind: 'insurer', days: 14 });
    await person.click(screen.getByRole('button', { name: /Take back the link/ }));
    expect(await screen.findByText(/Taken back by Oda Merrin/)).toBeInTheDocument();
  });

  it('says at once where a role cannot write', async () => {
    signedIn('reader', []);
    await open(order(), 'Close');
    expect(await screen.findByText(/your role writes nothing to it/)).toBeInTheDocument();
  });
});
