import { afterEach, expect, test, vi } from 'vitest';
import { finished, underway } from './underway';

const chore = (state: string) => ({
  id: '01a2280e-fb74-7253-b3c0-83b8412d0c34',
  kind: 'report',
  state,
  ahead: 0,
  seconds: 0,
  usually: null,
  mayBeDone: false,
});
const json = (document: unknown, status = 200) =>
  new Response(JSON.stringify(document), { status });

/** Answers one request after the other, each with the next of these; what fails is a network that is not there. */
function server(...answers: (Response | null)[]) {
  const asked: string[] = [];
  vi.stubGlobal('fetch', (path: string, options?: RequestInit) => {
    asked.push(`${options?.method ?? 'GET'} ${path}`);
    const next = answers.shift();
    return next ? Promise.resolve(next) : Promise.reject(new TypeError('no network'));
  });
  return asked;
}

afterEach(() => vi.unstubAllGlobals());

test('what is answered at once is handed on', async () => {
  const at = json({ there: true });
  expect(await finished(at)).toBe(at);
});

test('what is underway is asked about until it is done, whatever the network does', async () => {
  const asked = server(
    json(chore('waiting')),
    null,
    json({}, 502),
    json(chore('running')),
    json(chore('done')),
    json({ outlines: [] }, 200),
  );
  const answer = finished(json(chore('waiting'), 202), 'hall.dxf');
  await vi.waitFor(() => expect(underway.items().map((item) => item.name)).toEqual(['hall.dxf']));
  expect(await (await answer).json()).toEqual({ outlines: [] });
  expect(asked.at(-1)).toBe('GET /api/chores/01a2280e-fb74-7253-b3c0-83b8412d0c34/answer');
  expect(underway.items()).toEqual([]);
});

test('what is called off says that nothing was changed', async () => {
  const asked = server(
    json(chore('running')),
    new Response(null, { status: 204 }),
    json(chore('cancelled')),
  );
  const answer = finished(json(chore('waiting'), 202));
  await vi.waitFor(() => expect(asked).toHaveLength(1));
  underway.items()[0]?.cancel();
  await expect(answer).rejects.toThrow('Nothing was changed');
  expect(asked[1]).toMatch(/^DELETE /);
  expect(underway.items()).toEqual([]);
});

test('who is signed out meanwhile hears so', async () => {
  server(
    json(
      { type: 'about:blank', title: 'Sign in', status: 401, code: 'signed-out', path: null },
      401,
    ),
  );
  await expect(finished(json(chore('waiting'), 202))).rejects.toMatchObject({ isSignedOut: true });
});
