import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { CardPage } from '../api/types';
import { at, numeric, withValue, type Doc } from '../cards/document';
import { cardLists, kitForms } from '../api/forms.generated';
import { choiceWords, columnLabel, listWords } from '../cards/labels';
import { currentWords } from '../words/current';
import { finished, rowsOf, withRows } from '../cards/rows';
import { FakeServer, openAt, problem } from './app';

const FROM = {
  source: 'Sheet 41',
  edition: '3',
  dated: '2026-03-02',
  enteredBy: 'Oda Merrin',
  checkedBy: null,
  at: null,
};
let server: FakeServer;

function page(over: Partial<CardPage> = {}): CardPage {
  const value = (
    pointer: string,
    group: string,
    label: string,
    found: number | string,
    unit = '',
  ) => ({
    pointer,
    group,
    label,
    kind: typeof found === 'number' ? ('number' as const) : ('text' as const),
    unit,
    required: true,
    choices: [],
    said: 'choice',
    value: found,
    own: false,
    from: FROM,
    others: [],
  });
  return {
    id: 'c1',
    version: 1,
    newest: true,
    document: {
      id: 'x',
      title: 'Front radar',
      spot: { along: 1840, height: 642 },
      others: { '/spot/height': [{ value: 651 }] },
      cautions: ['Laser'],
    },
    values: [
      value('/title', 'Card', 'Title', 'Front radar'),
      value('/spot/along', 'Spot', 'Distance ahead', 1840, 'mm'),
      {
        ...value('/spot/height', 'Spot', 'Height', 642, 'mm'),
        others: [{ value: 651, from: { ...FROM, source: 'Letter 7' } }],
      },
    ],
    missing: [
      {
        pointer: '/spot/tolerance/across',
        label: 'Tolerance across',
        missing: 'Without it the place across cannot be judged.',
      },
    ],
    checked: false,
    page: null,
    unsaid: [],
    mayEdit: true,
    mayCheck: true,
    versions: [],
    ...over,
  };
}

beforeEach(() => {
  sessionStorage.clear();
  server = new FakeServer();
  server
    .on('GET /api/cards/c1', { body: page() })
    .on('GET /api/intake', { body: { number: '1', operations: [], sheets: [], bays: [] } });
});

describe('a procedure card', () => {
  it('shows values with units, another source beside its own, what is missing, and that nobody checked it', async () => {
    server.on('POST /api/cards/c1/check', {
      body: page({ checked: true, page: null, unsaid: [], mayCheck: false }),
    });
    const person = openAt('/cards/c1');
    expect(await screen.findByText('1,840 mm')).toBeInTheDocument();
    expect(screen.getByTestId('dispute')).toHaveTextContent('Another source gives 651 mm');
    expect(screen.getByText(/Without it the place across cannot be judged/)).toBeInTheDocument();
    expect(screen.getByTestId('unchecked')).toHaveTextContent('serves no proof');
    await person.click(screen.getByRole('button', { name: /I have checked it/ }));
    await waitFor(() => expect(screen.queryByTestId('unchecked')).not.toBeInTheDocument());
  });

  it('is entered anew with numbers as numbers, and a refusal stands at its field', async () => {
    server.on(
      'POST /api/cards',
      {
        status: 422,
        body: problem({
          path: '/document/spot/along',
          title: '/document/spot/along must be a number, not the text "far".',
        }),
      },
      { body: page({ id: 'c2', version: 2 }) },
    );
    const person = openAt('/cards/c1/edit');
    const along = await screen.findByLabelText(/Distance ahead, mm/);
    await person.clear(along);
    await person.type(along, 'far');
    await person.click(screen.getByRole('button', { name: 'Enter this version' }));
    expect(await screen.findAllByText(/must be a number, not the text "far"/)).not.toHaveLength(0);
    expect(along).toHaveValue('far');
    await person.clear(along);
    await person.type(along, '1850,5');
    await person.click(screen.getByRole('button', { name: 'Enter this version' }));
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    const [first, second] = server.writes();
    expect(second?.body).toMatchObject({ follows: 'c1', document: { spot: { along: 1850.5 } } });
    expect(second?.body['id']).toBe(first?.body['id']);
  });

  it('lets the other source’s value take the place, and keeps what stood there beside it', async () => {
    server.on('POST /api/cards', { body: page({ id: 'c2' }) });
    const person = openAt('/cards/c1/edit');
    await person.click(await screen.findByRole('button', { name: 'Choose this one' }));
    expect(screen.getByLabelText(/^Height, mm/)).toHaveValue('651');
    await person.click(screen.getByRole('button', { name: 'Enter this version' }));
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    const document = server.writes()[0]?.body['document'] as Doc;
    expect(at(document, '/spot/height')).toBe(651);
    expect(at(document, '/values/~1spot~1height/source')).toBe('Letter 7');
    expect(at(document, '/others/~1spot~1height')).toMatchObject([
      { value: 642, source: 'Sheet 41' },
    ]);
  });

  it('says when somebody else was faster, and keeps what was typed', async () => {
    server.on(
      'POST /api/cards',
      {
        status: 409,
        body: problem({
          status: 409,
          code: 'card-moved-on',
          title: 'Somebody else has entered a newer version.',
          card: page({ id: 'c9', version: 2 }),
        }),
      },
      { body: page({ id: 'c10' }) },
    );
    const person = openAt('/cards/c1/edit');
    await person.type(await screen.findByLabelText(/^Title/), ' II');
    await person.click(screen.getByRole('button', { name: 'Enter this version' }));
    await person.click(await screen.findByRole('button', { name: 'Let mine follow it' }));
    expect(screen.getByLabelText(/^Title/)).toHaveValue('Front radar II');
    await person.click(screen.getByRole('button', { name: 'Enter this version' }));
    await waitFor(() => expect(server.writes()[1]?.body).toMatchObject({ follows: 'c9' }));
  });

  it('begins a new card as a copy under an id of its own', async () => {
    server.on('POST /api/cards', { body: page({ id: 'c3' }) });
    const person = openAt('/cards/c1/copy');
    await person.type(await screen.findByLabelText(/Id of the new card/), 'sable-front-2');
    await person.click(screen.getByRole('button', { name: 'Enter this card' }));
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    expect(server.writes()[0]?.body).toMatchObject({ document: { id: 'sable-front-2' } });
    expect(server.writes()[0]?.body).not.toHaveProperty('follows');
  });

  it('adds and takes out rows of its lists', async () => {
    const person = openAt('/cards/c1/edit');
    const cautions = within(await screen.findByRole('region', { name: 'Cautions' }));
    expect(cautions.getByLabelText('Caution')).toHaveValue('Laser');
    await person.click(cautions.getByRole('button', { name: 'Add a row' }));
    expect(cautions.getAllByLabelText('Caution')).toHaveLength(2);
    await person.click(cautions.getByRole('button', { name: 'Take out row 1 of Cautions' }));
    expect(cautions.getByLabelText('Caution')).toHaveValue('');
  });
});

describe('a card’s document', () => {
  it('is read and changed by pointers', () => {
    const doc: Doc = { a: { b: 1 }, '/x': { y: 2 } };
    expect(at(doc, '/a/b')).toBe(1);
    expect(at(doc, '/~1x/y')).toBe(2);
    expect(at(doc, '/a/b/c')).toBeUndefined();
    expect(withValue(doc, '/a/b', undefined)).toEqual({ '/x': { y: 2 } });
    expect(withValue(doc, '/~1x/z', 3)).toEqual({ a: { b: 1 }, '/x': { y: 2, z: 3 } });
    expect([numeric('1,5'), numeric(' '), numeric('far'), numeric(7)]).toEqual([
      1.5,
      undefined,
      'far',
      7,
    ]);
  });

  it('gives its lists as rows and takes them back unchanged, whatever their form', () => {
    const doc: Doc = {
      target: { heights: { centre: 0, top: 112 } },
      zone: [[1, 2]],
      cautions: ['Laser'],
      steps: [{ id: 'a', text: 'x', after: ['b'], seconds: 20 }],
      rules: [{ operation: 'wheel-alignment', yes: { state: 'owed' } }],
    };
    for (const spec of cardLists) {
      const again = withRows(doc, spec, rowsOf(doc, spec));
      expect(at(finished(again, spec), spec.pointer) ?? []).toEqual(at(doc, spec.pointer) ?? []);
    }
  });

  it('has a name for every list and column of a form', () => {
    const words = currentWords();
    const named = [
      ...cardLists.flatMap((list) => [
        ...Object.values(listWords(words, 'card', list)),
        ...list.columns.map((column) => columnLabel(words, 'card', list, column)),
      ]),
      ...Object.values(kitForms).flatMap((form) => [
        ...form.values.map((value) => words.of(`kit.field.${value.key}`)),
        ...form.lists.flatMap((list) => [
          ...Object.values(listWords(words, 'kit', list)),
          ...list.columns.map((column) => columnLabel(words, 'kit', list, column)),
        ]),
      ]),
    ];
    expect(named.filter((name) => name.startsWith('['))).toEqual([]);
  });

  it('has a word for everything that a form lets one choose', () => {
    const words = currentWords();
    const columns = [
      ...cardLists.flatMap((list) => list.columns),
      ...Object.values(kitForms).flatMap((form) => [
        ...form.values,
        ...form.lists.flatMap((list) => list.columns),
      ]),
    ];
    const said = columns.flatMap((column) =>
      column.choices.map((code) => choiceWords(words, column, code)),
    );
    expect(said).toContain('not owed');
    expect(said).toContain('front bumper cover repainted');
    expect(said.filter((one) => one.startsWith('['))).toEqual([]);
    expect(choiceWords(words, { said: 'route' }, 'static then dynamic')).toBe(
      'static, then dynamic',
    );
  });
});
