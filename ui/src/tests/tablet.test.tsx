import { screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../tablet/settings';
import { FakeServer, openAt, problem } from './app';
import { reading, respect, workspace } from './fixtures';

const state = workspace({ ledger: [reading('r1')] });
const at = `/tasks/${state.task}`;
/** After another reading: something holds, and something else is asked for. */
const next = workspace({
  version: 8,
  ledger: [reading('r1'), reading('r2')],
  present: { kind: 'read', call: 'split' },
  verdicts: [respect('along', { title: 'Distance', verdict: 'holds' })],
});
let server: FakeServer;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer().on(`GET /api/tasks/${state.task}`, { body: state });
});

afterEach(() => {
  choose({ outdoor: false, sound: 'off', keys: true, moved: {} });
  vi.unstubAllGlobals();
});

/** The browser's voice, with what it was given to say. */
function voice(): string[] {
  const said: string[] = [];
  vi.stubGlobal(
    'SpeechSynthesisUtterance',
    class {
      lang = '';
      constructor(readonly text: string) {}
    },
  );
  vi.stubGlobal('speechSynthesis', {
    cancel: () => undefined,
    speak: ({ text }: { text: string }) => said.push(text),
  });
  return said;
}

describe('keys', () => {
  it('can be put elsewhere, each on a key of its own, and back', async () => {
    const person = openAt(at);
    await screen.findByLabelText('Reads');
    await person.keyboard('?');
    const list = await screen.findByRole('dialog', { name: 'Keys' });
    await person.click(within(list).getByRole('button', { name: /^U: undo/ }));
    await person.keyboard('f');
    expect(within(list).getByText(/F is taken: far view/)).toBeInTheDocument();
    await person.keyboard('7');
    expect(within(list).getByText(/A letter or a sign, please/)).toBeInTheDocument();
    await person.keyboard('k');
    expect(within(list).getByRole('button', { name: /^K: undo/ })).toBeInTheDocument();
    await person.click(within(list).getByRole('button', { name: 'Back to work' }));
    await person.keyboard('u');
    expect(screen.queryByTestId('undo')).not.toBeInTheDocument();
    // It is a letter like any other now.
    const field = screen.getByLabelText('Reads');
    expect(field).toHaveValue('u');
    await person.clear(field);
    await person.keyboard('k');
    expect(await screen.findByTestId('undo')).toBeInTheDocument();
    await person.click(screen.getByRole('button', { name: 'Leave it' }));
    await person.keyboard('?');
    await person.click(await screen.findByRole('button', { name: 'Back to the usual keys' }));
    expect(screen.getByRole('button', { name: /^U: undo/ })).toBeInTheDocument();
  });

  it('do nothing where they are switched off', async () => {
    choose({ keys: false });
    const person = openAt(at);
    await screen.findByLabelText('Reads');
    await person.keyboard('u');
    await person.keyboard('?');
    expect(screen.queryByRole('dialog')).not.toBeInTheDocument();
    expect(server.writes()).toHaveLength(0);
  });
});

describe('undo', () => {
  it('asks which reading it is about, and strikes it on a word', async () => {
    server.on('LINE strike', { body: workspace({ version: 8 }) });
    const person = openAt(at);
    await screen.findByLabelText('Reads');
    await person.keyboard('u');
    const asked = await screen.findByTestId('undo');
    expect(asked).toHaveTextContent('Tape along the line: 184.9 cm');
    expect(server.writes()).toHaveLength(0);
    await person.keyboard('{Enter}');
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    expect(server.writes()[0]?.line).toMatchObject({ kind: 'strike', reading: 'r1' });
  });
});

describe('what is told', () => {
  it('is a verdict that changes and the next call, to a screen reader always', async () => {
    const said = voice();
    server.on('LINE reading', { body: next });
    const person = openAt(at);
    await person.type(await screen.findByLabelText('Reads'), '1849{Enter}');
    const told = await screen.findByTestId('announced');
    await waitFor(() => expect(told).toHaveTextContent('Distance: Holds. Stand square.'));
    expect(told).toHaveAttribute('role', 'status');
    // Aloud only where somebody asked for it.
    expect(said).toEqual([]);
  });

  it('is said aloud where the tablet says everything, and the call on a key', async () => {
    const said = voice();
    choose({ sound: 'always' });
    server.on('LINE reading', { body: next });
    const person = openAt(at);
    await person.type(await screen.findByLabelText('Reads'), '1849{Enter}');
    await waitFor(() => expect(said).toHaveLength(1));
    expect(said[0]).toContain('Holds');
    await person.keyboard('s');
    expect(said).toHaveLength(2);
    expect(said[1]).toContain('Stand square');
  });

  it('is a refusal, in the words the screen has', async () => {
    server.on('LINE reading', {
      status: 422,
      body: problem({ path: '/payload/typed', title: '“two” cannot be read.' }),
    });
    const person = openAt(at);
    await person.type(await screen.findByLabelText('Reads'), '2{Enter}');
    await waitFor(() =>
      expect(screen.getByTestId('announced')).toHaveTextContent('“two” cannot be read.'),
    );
  });
});
