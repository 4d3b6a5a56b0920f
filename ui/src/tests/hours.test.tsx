import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { CalendarLook, DayRules } from '../api/types';
import { FakeServer, openAt, problem } from './app';

let server: FakeServer;
beforeEach(() => {
  server = new FakeServer();
});

function rules(over: Partial<DayRules> = {}): DayRules {
  return {
    version: 4,
    document: { warmUp: 10 } as unknown as DayRules['document'],
    people: [
      { id: 'p1', name: 'Ilse Corrant' },
      { id: 'p2', name: 'Bram Tolliver' },
    ],
    bays: [{ id: 'b1', name: 'North bay' }],
    absences: [
      {
        id: 'a1',
        person: 'p2',
        from: '2026-12-01T08:00',
        to: '2026-12-01T12:00',
        why: 'dentist',
        by: 'Oda Merrin',
      },
    ],
    feeds: [],
    mayChange: true,
    mayNote: true,
    mayShare: true,
    ...over,
  };
}

function look(entries: CalendarLook['entries']): CalendarLook {
  return {
    entries,
    people: [{ id: 'p1', name: 'Ilse Corrant' }],
    orders: [{ id: 'o1', name: 'RO 2471, Quillon Sable' }],
  };
}

const MORNING = { from: '2026-12-01T08:00', to: '2026-12-01T12:00', why: '', source: null };

async function takeFile(answer: CalendarLook) {
  server.on('GET /api/day/rules', { body: rules() });
  server.on('POST /api/day/calendar', { body: answer });
  const person = openAt('/day/hours');
  await screen.findByRole('region', { name: 'From a calendar' });
  fireEvent.change(screen.getByTestId('calendar-file'), {
    target: { files: [new File(['BEGIN:VCALENDAR'], 'away.ics', { type: 'text/calendar' })] },
  });
  return person;
}

describe('who is away', () => {
  it('is noted, and what was typed stays where it is refused', async () => {
    server.on('GET /api/day/rules', { body: rules() });
    server.on('POST /api/day/absences', {
      status: 422,
      body: problem({ status: 422, title: 'The end lies before the beginning.', path: '/to' }),
    });
    const person = openAt('/day/hours');
    const form = await screen.findByRole('form', { name: 'Note an absence' });
    await person.click(within(form).getByRole('combobox'));
    await person.click(await screen.findByRole('option', { name: 'Ilse Corrant' }));
    fireEvent.change(within(form).getByLabelText(/Away from/), {
      target: { value: '2026-12-02T10:00' },
    });
    fireEvent.change(within(form).getByLabelText(/Until/), {
      target: { value: '2026-12-02T09:00' },
    });
    await person.click(within(form).getByRole('button', { name: 'Note an absence' }));
    expect(await within(form).findByText('The end lies before the beginning.')).toBeInTheDocument();
    expect(within(form).getByLabelText(/Until/)).toHaveValue('2026-12-02T09:00');
    expect(server.writes().at(-1)?.body).toMatchObject({
      person: 'p1',
      from: '2026-12-02T10:00',
      to: '2026-12-02T09:00',
    });
    expect(server.writes().at(-1)?.body).not.toHaveProperty('why');
  });

  it('is taken back by name', async () => {
    server.on('GET /api/day/rules', { body: rules() });
    server.on('POST /api/day/absences/a1/back', { body: rules({ absences: [] }) });
    const person = openAt('/day/hours');
    await person.click(await screen.findByRole('button', { name: /^Remove Bram Tolliver/ }));
    expect(await screen.findByText('Nobody is noted as away.')).toBeInTheDocument();
  });

  it('is only read by whoever may not note it', async () => {
    server.on('GET /api/day/rules', {
      body: rules({ mayChange: false, mayNote: false, mayShare: false }),
    });
    openAt('/day/hours');
    expect(await screen.findByText(/dentist/)).toBeInTheDocument();
    expect(screen.queryByRole('form', { name: 'Note an absence' })).not.toBeInTheDocument();
    expect(screen.queryByRole('region', { name: 'From a calendar' })).not.toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Keep these hours' })).not.toBeInTheDocument();
    expect(screen.getByLabelText(/Warm-up, minutes/)).toBeDisabled();
  });
});

describe('the shop’s figures', () => {
  it('are kept as they were typed when somebody else was faster', async () => {
    server.on('GET /api/day/rules', { body: rules() });
    server.on('POST /api/day/rules', {
      status: 409,
      body: problem({ status: 409, title: 'Somebody else changed these hours.' }),
    });
    const person = openAt('/day/hours');
    const warm = await screen.findByLabelText(/Warm-up, minutes/);
    expect(screen.getByRole('button', { name: 'Keep these hours' })).toBeDisabled();
    await person.clear(warm);
    await person.type(warm, '25');
    await person.click(screen.getByRole('button', { name: 'Keep these hours' }));
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'Somebody else changed these hours.',
    );
    expect(warm).toHaveValue(25);
    expect(server.writes().at(-1)?.body).toMatchObject({ version: 4, document: { warmUp: 25 } });
  });
});

describe('a calendar that is taken in', () => {
  it('is looked at, put right, and taken without what is left out', async () => {
    const person = await takeFile(
      look([
        { ...MORNING, title: 'Ilse away', kind: 'absence', subject: 'p1' },
        { ...MORNING, title: 'Team breakfast', kind: null, subject: null },
        { ...MORNING, title: 'Sable ready', kind: 'absence', subject: 'p1', source: 'uid-3' },
      ]),
    );
    server.on('POST /api/day/calendar/take', { body: rules() });
    expect(await screen.findByRole('button', { name: 'Take 2 entries' })).toBeEnabled();
    const third = screen.getByText('Sable ready').closest('li');
    await person.click(within(third as HTMLElement).getByRole('combobox'));
    await person.click(await screen.findByRole('option', { name: 'RO 2471, Quillon Sable' }));
    expect(third).toHaveTextContent(/promised for/);
    await person.click(screen.getByRole('button', { name: 'Take 2 entries' }));
    expect(await screen.findByText('2 entries were taken.')).toBeInTheDocument();
    expect(server.writes().at(-1)?.body.entries).toEqual([
      { kind: 'absence', subject: 'p1', from: MORNING.from, to: MORNING.to },
      { kind: 'promise', subject: 'o1', from: MORNING.from, to: MORNING.to, source: 'uid-3' },
    ]);
  });

  it('has nothing to take where nothing lies ahead', async () => {
    await takeFile(look([]));
    expect(await screen.findByText('Nothing in this file lies ahead.')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /^Take/ })).not.toBeInTheDocument();
  });

  it('cannot be taken while nobody knows what it is about', async () => {
    const person = await takeFile(
      look([{ ...MORNING, title: 'Team breakfast', kind: null, subject: null }]),
    );
    expect(await screen.findByRole('button', { name: 'Take them' })).toBeDisabled();
    const only = screen.getByText('Team breakfast').closest('li');
    await person.click(within(only as HTMLElement).getByRole('combobox'));
    await person.click(await screen.findByRole('option', { name: 'Ilse Corrant' }));
    await waitFor(() => expect(screen.getByRole('button', { name: 'Take 1 entry' })).toBeEnabled());
  });
});
